'use client';
import { useMemo, useState } from 'react';
import type { PaperDrawing } from '@/core/papers/drawing';
import { labelSheets } from '@/core/papers/labels';
import { type Picture, sheetOf } from '@/core/papers/sheet';

import { svgOf } from '@/core/papers/svg';
import { addDays, daysBetween, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { Toggle } from '@/ui/Toggle';
import { usePotStill } from '../pictures/PotPicture';
import { model, printedPortrait } from '../pictures/printed';
import { useToday } from '../shell/diary';
import type { StationProps } from '../shell/panels';
import { downloadBlob, fileName } from '../shell/download';
import { useOnce } from '../shell/useOnce';
import { useMaking } from './making';
import { PaperSize } from './PaperSize';
import { useSaving } from '../shell/useSaving';

/** Pixels of a portrait for a millimetre of it: sharp enough for a page. */
const SCALE = 0.9;
/** Weeks by which now and its best differ to the eye. Working figure. */
const APART_WEEKS = 3;

/** Labels to cut out, a card for the container, and one page about it. */
export function Papers({ planting, season, units }: StationProps) {
  const { sheet, feed } = useMaking();
  const today = useToday();
  const { busy, save } = useSaving();
  const now = Math.max(0, Math.min(season.weeks.length - 1, Math.floor(daysBetween(planting.startDate, today) / 7)));
  // Near its best there is little to tell between the two: the day it is planted says more.
  const early = Math.abs(now - season.peak) < APART_WEEKS ? 0 : now;
  const [first, best] = [
    usePotStill({ planting, week: early, scale: SCALE }),
    usePotStill({ planting, week: season.peak, scale: SCALE }),
  ];
  const planted = planting.placements.length > 0;
  const labels = useMemo(() => labelSheets(planting, sheet, units, feed), [planting, sheet, units, feed]);
  const pages = useMemo(() => {
    const day = (week: number) => formatDay(addDays(planting.startDate, week * 7));
    const told: [typeof first, string][] = [
      [first, early === 0 ? `On the day it is planted, ${day(0)}` : `Now, ${day(early)}`],
    ];
    if (early !== season.peak) told.push([best, `At its best, ${day(season.peak)}`]);
    const pictures = told.flatMap(([still, says]): Picture[] =>
      still.src ? [{ href: still.src, wide: still.w, high: still.h, says }] : [],
    );
    return [sheetOf(planting, sheet, pictures, units, feed)];
  }, [planting, sheet, units, feed, first, best, early, season.peak]);
  if (!planted) return <p>Plant something first, then make labels and a fact sheet.</p>;
  const waiting = first.src === undefined || best.src === undefined;
  return (
    <section aria-label="Labels and fact sheet" className="flex flex-col gap-4">
      <div className="flex flex-wrap items-end gap-3">
        <PaperSize sheet={sheet} />
      </div>
      <div className="grid gap-5 sm:grid-cols-2">
        <Paper
          name="One-page sheet"
          about="For a client or a committee: picture, plan, plant list and six lines of care."
          pages={pages}
          busy={busy || waiting}
          onSave={() => save(fileName(planting.name, 'sheet.pdf'), () => pages)}
        />
        <Paper
          name="Labels"
          about="A card for the container and a label for each kind of plant, to cut out."
          pages={labels}
          busy={busy}
          onSave={() => save(fileName(planting.name, 'labels.pdf'), () => labels)}
        />
      </div>
      <PortraitOut planting={planting} week={now} units={units} />
    </section>
  );
}

function Paper({
  name,
  about,
  pages,
  busy,
  onSave,
}: {
  name: string;
  about: string;
  pages: readonly PaperDrawing[];
  busy: boolean;
  onSave: () => void;
}) {
  const [first] = pages;
  return (
    <article aria-label={name} className="flex flex-col gap-2">
      <h2 className="text-lg leading-none">{name}</h2>
      <p className="text-[0.9rem] text-quiet">
        {about}
        {pages.length > 1 && ` ${pages.length} sheets.`}
      </p>
      {first && (
        <div
          className="w-full max-w-80 border border-line bg-white [&>svg]:block [&>svg]:h-auto [&>svg]:w-full"
          role="img"
          aria-label={`${name}, first page`}
          // Drawn by our own code from checked data: nothing of it is typed markup.
          dangerouslySetInnerHTML={{ __html: svgOf(first) }}
        />
      )}
      <p>
        <Button kind="deep" disabled={busy} onClick={onSave} aria-label={`Save ${name.toLowerCase()} as PDF`}>
          {busy ? 'Drawing…' : 'Save as PDF'}
        </Button>
      </p>
    </article>
  );
}

/** The portrait as it is today, to be printed or taken to another program. */
function PortraitOut({ planting, week, units }: Pick<StationProps, 'planting' | 'units'> & { week: number }) {
  const { busy, once } = useOnce();
  const [ruler, setRuler] = useState(true);
  const saved = (ending: string, made: () => Promise<Blob>) =>
    once(async () => downloadBlob(fileName(planting.name, ending), await made()));
  return (
    <article aria-label="Picture" className="flex flex-col gap-2">
      <h2 className="text-lg leading-none">Picture</h2>
      <p className="text-[0.9rem] text-quiet">
        As it looks today: an image for print, 20 cm high, or a 3D model in metres with named plants.
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <Toggle label="With a ruler" on={ruler} onChange={setRuler} />
        <Button
          disabled={busy}
          onClick={() => saved('portrait.png', () => printedPortrait(planting, week, { ruler, units }))}
        >
          {busy ? 'Drawing…' : 'Save as PNG'}
        </Button>
        <Button disabled={busy} onClick={() => saved('model.glb', () => model(planting, week))}>
          {busy ? 'Drawing…' : 'Save as glTF'}
        </Button>
      </div>
    </article>
  );
}
