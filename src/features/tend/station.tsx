'use client';
import Link from 'next/link';
import type { Planting } from '@/core/plantings/schema';
import { daysBetween } from '@/core/units/date';
import { Segments } from '@/ui/Segments';
import { buttonLook } from '@/ui/Button';
import { useAround } from '../shell/around';
import { useToday } from '../shell/diary';
import { DiaryDay } from '../shell/DiaryDay';
import type { Panels, StationProps } from '../shell/panels';
import { stationPath } from '../shell/stations';
import { type TendPart, useAtTend } from './at';
import { Away } from './Away';
import { Again } from './Again';
import { Beside } from './Beside';
import { ChangeOver } from './ChangeOver';
import { Fillings } from './Fillings';
import { Jobs } from './Jobs';
import { Log } from './Log';
import { Measured } from './Measured';
import { type TendProps } from './props';
import { Water } from './Water';
import { WaterDays } from './WaterDays';
import { YearAhead } from './YearAhead';

const PARTS: { value: TendPart; text: string }[] = [
  { value: 'today', text: 'Today' },
  { value: 'away', text: 'Away' },
  { value: 'log', text: 'Log' },
  { value: 'over', text: 'Replant' },
];

const WORK: Record<TendPart, (at: TendProps) => React.ReactNode> = {
  today: (at) => (
    <>
      <Water {...at} />
      <Jobs {...at} />
    </>
  ),
  away: (at) => <Away {...at} />,
  log: (at) => <Log {...at} />,
  over: (at) => <ChangeOver key={at.planting.id} {...at} />,
};

const READING: Record<TendPart, (at: TendProps) => React.ReactNode> = {
  today: (at) => <WaterDays {...at} />,
  away: (at) => <WaterDays {...at} />,
  log: (at) => (
    <>
      <Measured {...at} />
      <Again {...at} />
      <Beside {...at} />
    </>
  ),
  over: (at) => (
    <>
      <Fillings {...at} />
      <YearAhead {...at} />
    </>
  ),
};

const isPlanted = ({ placements }: StationProps['planting']): boolean => placements.length > 0;

/** A part of the station, once the sky and the log are known. */
function Shown({ at, parts }: { at: StationProps; parts: typeof WORK }) {
  const { part } = useAtTend();
  const today = useToday();
  const around = useAround([at.planting]);
  if (!around.ready)
    return (
      <p className="text-quiet" aria-busy>
        Loading the weather…
      </p>
    );
  return parts[part]({ ...at, today, surround: around, around: around.of(at.planting) });
}

/** From the day it stands until it is taken apart. */
function Work(at: StationProps) {
  const { part, go } = useAtTend();
  if (!isPlanted(at.planting))
    return (
      <div className="flex flex-col items-start gap-3">
        <p>Plant something first, and its care appears here.</p>
        <Link href={stationPath(at.planting.id, 'plants')} className={buttonLook('plain')}>
          Go to Plants
        </Link>
      </div>
    );
  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-col gap-1 text-[0.9rem]">
        <DiaryDay />
        <Link className="self-start text-glaze underline underline-offset-4 pointer-coarse:py-2" href="/today">
          Today, for all containers
        </Link>
      </div>
      <Segments label="Care" value={part} options={PARTS} onChange={go} />
      <Shown at={at} parts={WORK} />
    </div>
  );
}

function Reading(at: StationProps) {
  if (!isPlanted(at.planting)) return null;
  return (
    <div className="flex flex-col gap-4">
      <Shown at={at} parts={READING} />
    </div>
  );
}

/** This week, once it is planted. */
function useWeek({ startDate, placements }: Planting): number | null {
  const today = useToday();
  return placements.length > 0 && startDate <= today ? Math.floor(daysBetween(startDate, today) / 7) : null;
}

export const tend: Panels = {
  Work,
  Reading,
  useWeek,
  allTurns: true,
  onward: () => false,
  readingName: 'Watering, measurements and replanting',
};
