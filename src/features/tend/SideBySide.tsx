'use client';
import { actorsOf } from '@/core/compose/turns/actors';
import type { LogEntry } from '@/core/log/schema';
import { type Story, storyOf, type ToldPlant } from '@/core/log/story';
import type { Planting } from '@/core/plantings/schema';
import { formatDayFrom } from '@/core/units/date';
import { type UnitSystem } from '@/core/units/length';
import { formatMoney, formatPercent, formatVolume } from '@/core/units/quantity';
import { Window } from '@/ui/Window';
import { PotPicture, pictureSize } from '../pictures/PotPicture';
import { Photo } from './Photo';

/** The picture of each is no larger than this, px. */
const PICTURE = { w: 300, h: 200 } as const;

interface At {
  story: Story;
  today: string;
  units: UnitSystem;
}

interface Row {
  name: string;
  of: (at: At) => React.ReactNode;
}

/** Words that were written of plants, one to a line. */
const lines = (told: readonly ToldPlant[], today: string, none: string): React.ReactNode =>
  told.length === 0
    ? none
    : told.map((t) => (
        <span key={`${t.plant} ${t.on}`} className="block">
          {t.name}, {formatDayFrom(t.on, today)}
          {t.text && <span className="block text-quiet">{t.text}</span>}
        </span>
      ));

const PLANNED: readonly Row[] = [
  { name: 'Planted', of: ({ story: { plan }, today }) => formatDayFrom(plan.planting.startDate, today) },
  {
    name: 'Plants',
    of: ({ story: { plan } }) =>
      actorsOf(
        plan.planting,
        plan.planting.placements.map((p) => p.id),
      ).comes || 'none',
  },
  { name: 'Cost', of: ({ story: { plan } }) => formatMoney(plan.cost) },
  {
    name: 'At its best',
    of: ({ story: { plan }, today }) =>
      plan.best
        ? `${formatDayFrom(plan.best.from, today)} to ${formatDayFrom(plan.best.until, today)}`
        : 'no clear peak',
  },
  {
    name: 'Water',
    of: ({ story: { plan }, units }) =>
      `${formatVolume(plan.litres, units)} predicted${plan.litresSoFar > 0 ? `, ${formatVolume(plan.litresSoFar, units)} so far` : ''}`,
  },
];

const HAPPENED: readonly Row[] = [
  {
    name: 'Watered by hand',
    of: ({ story: { happened: h }, units }) =>
      h.waterings === 0
        ? 'not logged'
        : `${h.waterings === 1 ? 'once' : `${h.waterings} times`}${h.counted === null ? '' : `, ${formatVolume(h.counted, units)} measured`}`,
  },
  {
    name: 'Height',
    of: ({ story: { happened: h } }) =>
      h.heights === null ? 'not measured' : `${formatPercent(h.heights)} of the prediction`,
  },
  { name: 'Died', of: ({ story: { happened: h }, today }) => lines(h.deaths, today, 'none') },
  {
    name: 'Photographs',
    of: ({ story: { happened: h }, today }) =>
      h.photos.length === 0
        ? 'none'
        : h.photos.map(({ id, on, text }) => (
            <figure key={id} className="mb-1">
              <Photo id={id} about={text || `Photograph of ${formatDayFrom(on, today)}`} />
              <figcaption className="text-[0.84rem] text-quiet">
                {formatDayFrom(on, today)}
                {text && `: ${text}`}
              </figcaption>
            </figure>
          )),
  },
  { name: 'Plant again', of: ({ story: { happened: h }, today }) => lines(h.again, today, 'nothing noted') },
  { name: 'Not again', of: ({ story: { happened: h }, today }) => lines(h.not, today, 'nothing noted') },
];

const GROUPS = [
  { name: 'Planned', rows: PLANNED },
  { name: 'Happened', rows: HAPPENED },
] as const;

/** Two containers, or one in two years, side by side: what was planned, what happened, what to do again. */
export function SideBySide({
  pair,
  log,
  today,
  units,
  onClose,
}: {
  pair: readonly [Planting, Planting];
  log: readonly LogEntry[];
  today: string;
  units: UnitSystem;
  onClose: () => void;
}) {
  const stories = pair.map((planting) => ({ planting, story: storyOf(planting, log, today) }));
  // One scale for both.
  const scale = Math.min(
    ...stories.map(({ story: { plan } }) => {
      const { w, h } = pictureSize(plan.planting, 1);
      return Math.min(PICTURE.w / w, PICTURE.h / h);
    }),
  );
  return (
    <Window title="Side by side" width="broad" onClose={onClose}>
      <div role="group" aria-label="Planned and happened" tabIndex={0} className="min-h-0 flex-1 overflow-auto">
        <table className="w-full table-fixed border-collapse text-[0.92rem]">
          <colgroup>
            <col className="w-20 sm:w-36" />
            <col />
            <col />
          </colgroup>
          <thead>
            <tr className="align-bottom">
              <td />
              {stories.map(({ planting, story: { plan } }) => {
                return (
                  <th key={planting.id} scope="col" className="px-2 text-left">
                    <span className="flex justify-center">
                      <PotPicture planting={plan.planting} scale={scale} />
                    </span>
                    {planting.name}
                    <span className="block font-normal text-quiet">{planting.spot.name}</span>
                  </th>
                );
              })}
            </tr>
          </thead>
          {GROUPS.map(({ name, rows }) => (
            <tbody key={name}>
              <tr>
                <th colSpan={3} scope="rowgroup" className="pt-4 pb-1 text-left">
                  {name}
                </th>
              </tr>
              {rows.map((row) => (
                <tr key={row.name} className="border-t border-line align-top">
                  <th scope="row" className="py-1 text-left font-normal text-quiet">
                    {row.name}
                  </th>
                  {stories.map(({ planting, story }) => (
                    <td key={planting.id} className="px-2 py-1">
                      {row.of({ story, today, units })}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          ))}
        </table>
      </div>
    </Window>
  );
}
