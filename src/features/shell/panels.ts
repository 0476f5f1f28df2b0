import type { ComponentType } from 'react';
import type { Report } from '@/core/balance/finding';
import type { Season } from '@/core/growth/grown';
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
  /** The work is broader than the portrait: a list. */
  broad?: boolean;
  /** Whether there is anything to go on from. */
  onward: (planting: Planting) => boolean;
  /** What the reading is called. */
  readingName?: string;
}
