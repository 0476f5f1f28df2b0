import type { ComponentType } from 'react';
import type { Report } from '@/core/balance/finding';
import type { Season } from '@/core/growth/grown';
import type { YearId } from '@/core/growth/years';
import type { Stretch } from '@/core/growth/stretches';
import type { Planting } from '@/core/plantings/schema';
import type { UnitSystem } from '@/core/units/length';
import type { Known } from './known';

/** What a station is given to work with. */
export interface StationProps {
  planting: Planting;
  season: Season;
  report: Report;
  week: number;
  units: UnitSystem;
  known: Known;
}

/** A second portrait beside the first, and what the two are called. */
export interface SecondPortrait {
  planting: Planting;
  season: Season;
  /** The year it is grown in; null for the ordinary one. */
  year: YearId | null;
  week: number;
  names: readonly [string, string];
}

/** What a station puts round the portrait. */
export interface Panels {
  /** What is done here. */
  Work: ComponentType<StationProps>;
  /** What follows from it. */
  Reading?: ComponentType<StationProps>;
  /** In the portrait's place, where it has something to show. */
  Picture?: ComponentType<StationProps>;
  hasPicture?: (planting: Planting) => boolean;
  /** Over a corner of the portrait. */
  Corner?: ComponentType<StationProps>;
  /** In place of everything, while it has something to show. */
  Whole?: ComponentType<StationProps>;
  useWhole?: () => boolean;
  /** What stands beside the portrait, turning with it. */
  useBeside?: (at: StationProps) => SecondPortrait | null;
  /** Under the stream of the season. */
  Foot?: ComponentType<StationProps>;
  /** A week held on the stream beside the one that is looked at, and its best weeks, where the season is the work. */
  useStream?: (at: StationProps) => { held: number | null; best: Stretch | null };
  /** The week that is looked at where none is chosen; the peak without it. */
  useWeek?: (planting: Planting) => number | null;
  /** It looks at all the turns of a planting, not at the one that stands there now. */
  allTurns?: boolean;
  /** The work is broader than the portrait: a list. */
  broad?: boolean;
  /** Whether there is anything to go on from. */
  onward: (planting: Planting) => boolean;
  /** The way on comes before the work in the hand too: once it is done there is nothing to read first. */
  eager?: boolean;
  /** What the reading is called. */
  readingName?: string;
}
