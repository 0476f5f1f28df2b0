'use client';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Canopy } from '@/core/canopy/kinds';
import type { Season } from '@/core/growth/grown';
import type { YearId } from '@/core/growth/years';
import type { Planting } from '@/core/plantings/schema';
import { surroundingsOf } from '@/core/spots/surroundings';
import { lightOfSpot, sunOf } from '@/core/spots/sun-seen';
import { eyeBefore, type Frame, FRONT, type View } from '@/portrait/lens';
import { seenBy } from '@/portrait/project';
import type { Stage } from '@/portrait/stage';
import { Button } from '@/ui/Button';
import { Daylight } from './Daylight';
import { Ghost } from './Ghost';
import { Failed } from '../shell/Failed';
import { latest } from '../shell/latest';
import { usePointing } from '../shell/pointing';
import { useAsk } from '../shell/useAsk';
import { useLast } from '../shell/useLast';
import { sprouting } from '../shell/workers';
import { accountOf } from '../pictures/account';
import { useUnits } from '../shell/units';
import { stageAfar } from '../pictures/easel';
import { Painted } from './Painted';
import { Ruler } from './Ruler';
import { sightsOf } from './sights';
import { type Hand, useHand } from './useHand';
import { useStage } from '../pictures/useStage';

interface Props {
  planting: Planting;
  season: Season;
  frame: Frame;
  week: number;
  /** The year it is grown in; the ordinary one where none is said. */
  year?: YearId | null;
  /** Only to be looked at, in a strip. */
  small?: boolean;
  /** The hand that turns it, where it turns with another. */
  hand?: Hand;
}

/** What is painted first is waited for so long, ms. Working figure. */
const PAINTED_BY_MS = 2500;

const BY_KEYS = 'Arrow keys rotate the view; press 1 for the front, 2 for eye level, 3 for above.';

/** The container, alive and true to scale: turn it by drag or arrow keys. */
export function Portrait({ planting, season, frame, week, year = null, small = false, hand }: Props) {
  const { stage: staged, lost, canvasKey, attach, size, pictures, draw, leaves, rough } = useStage<Stage>(stageAfar);
  const units = useUnits((u) => u.units);
  const own = useState<View>(FRONT);
  const [view, setView] = hand ?? own;
  const lit = usePointing((p) => p.lit);
  const sliding = usePointing((p) => p.sliding);
  const [sprout] = useState(() =>
    latest((of: { planting: Planting; week: number; year: YearId | null; share: number }) =>
      sprouting.ask((api) =>
        of.share < 1 ? api.ride(of.planting, of.week, of.year, of.share) : api.sprout(of.planting, of.week, of.year),
      ),
    ),
  );
  const share = sliding ? leaves : 1;
  const asked = useAsk<Canopy>(() => sprout({ planting, week, year, share }), [planting, week, year, share]);
  // The last canopy stays until there is another: a week's growth is not worth a blink.
  const canopy = useLast(asked.value);
  const sights = useMemo(() => sightsOf(planting, frame), [planting, frame]);
  /** The hour whose sun it stands in; null for even light. */
  const [hour, setHour] = useState<number | null>(null);
  /**
   * Whether the portrait has been drawn with its leaves; and whether it may be: what is painted comes first,
   * for drawing may take a while.
   */
  const [shown, setShown] = useState(false);
  const [may, setMay] = useState(small);
  const mayNow = useCallback(() => setMay(true), []);
  useEffect(() => {
    const waited = setTimeout(mayNow, PAINTED_BY_MS);
    return () => clearTimeout(waited);
  }, [mayNow]);
  const noGl = staged === 'none';
  const stage = staged === 'none' ? null : staged;

  useEffect(() => {
    stage?.setContainer(planting.container);
    stage?.setSurroundings(surroundingsOf(planting.spot, planting.container));
    draw();
  }, [stage, planting.container, planting.spot, draw]);

  useEffect(() => {
    stage?.setFrame(frame);
    draw();
  }, [stage, frame, draw]);

  useEffect(() => {
    if (!may) return undefined;
    stage?.setCanopy(canopy);
    if (!stage || !canopy) return undefined;
    let gone = false;
    const drawNow = () => {
      if (!gone) draw(true, () => setShown(true));
    };
    void stage.prepare().then(drawNow, () => undefined);
    return () => {
      gone = true;
    };
  }, [stage, canopy, may, draw]);

  useEffect(() => {
    stage?.light(
      lit && lit.length > 0 ? new Set(season.placed.flatMap((p, i) => (lit.includes(p.id) ? [i] : []))) : null,
    );
    draw();
  }, [stage, lit, canopy, season, draw]);

  useEffect(() => {
    if (view.window) stage?.setSill(getComputedStyle(document.documentElement).getPropertyValue('--line').trim());
    stage?.setView(view);
    draw();
  }, [stage, view, draw]);

  const date = season.weeks[week]?.date ?? planting.startDate;
  const way = useMemo(
    () => (hour === null ? null : sunOf(lightOfSpot(planting.spot), date, hour)),
    [planting.spot, date, hour],
  );
  useEffect(() => {
    stage?.setSun(hour === null ? 'even' : way);
    draw();
  }, [stage, hour, way, draw]);

  useEffect(() => rough(sliding), [sliding, rough]);

  /** Where a point in mm from the rim’s middle lies in the picture. */
  const project = useMemo(
    () => seenBy(eyeBefore(planting.container, frame, view, size.w / Math.max(1, size.h)), size.w, size.h),
    [planting.container, frame, view, size],
  );

  const byHand = useHand({ view, setView, sights, pictures, rough });

  return (
    <div className="relative h-full w-full">
      <div className="absolute inset-0">
        <div
          role="img"
          tabIndex={small ? undefined : 0}
          aria-label={`${accountOf(planting, season, week, units)}${small ? '' : ` ${BY_KEYS}`}`}
          aria-keyshortcuts="ArrowLeft ArrowRight ArrowUp ArrowDown 1 2 3 0 + -"
          data-state={canopy ? 'grown' : 'growing'}
          className="absolute inset-0 cursor-grab touch-pan-y active:cursor-grabbing"
          {...byHand}
        >
          {noGl ? (
            size.w > 0 && <Painted planting={planting} week={week} frame={frame} size={size} />
          ) : (
            <canvas
              key={canvasKey}
              ref={attach}
              className={`block h-full w-full ${lost || !shown ? 'opacity-0' : ''}`}
              data-testid="portrait"
              data-drawn={pictures}
            />
          )}
        </div>
        {/* What it stands in fades into the page; a mask on the canvas would cost a third of each picture. */}
        <div className="pointer-events-none absolute inset-y-0 left-0 w-[6%] bg-linear-to-r from-ground to-transparent" />
        <div className="pointer-events-none absolute inset-y-0 right-0 w-[6%] bg-linear-to-l from-ground to-transparent" />
        {!shown && !noGl && size.w > 0 && (
          <Painted planting={planting} week={week} frame={frame} size={size} onSeen={mayNow} />
        )}
        {lost && (
          <>
            <div className="absolute inset-0">
              <Painted planting={planting} week={week} frame={frame} size={size} />
            </div>
            <p role="status" className="absolute left-2 top-8 bg-ground px-2 text-[0.86rem] text-quiet">
              3D graphics stopped. A flat drawing is shown until they recover.
            </p>
          </>
        )}
        {asked.error && (
          <div className="absolute inset-x-4 top-10 bg-ground">
            <Failed what="The plants could not be drawn." error={asked.error} again={asked.again} />
          </div>
        )}
        {stage && !lost && <Ghost project={project} planting={planting} week={week} view={view} />}
        {stage && !lost && !small && (
          <Ruler
            project={project}
            frame={frame}
            planting={planting}
            season={season}
            week={week}
            view={view}
            size={size}
          />
        )}
      </div>
      <div className="absolute right-1 top-0 flex max-w-full flex-wrap items-start justify-end bg-ground print:hidden">
        {!noGl &&
          !small &&
          sights.map((s) => (
            <Button
              key={s.key}
              kind="bare"
              aria-pressed={view === s.view}
              className={`work:min-h-7! ${view === s.view ? 'font-semibold' : ''}`}
              title={`Key ${s.key}`}
              onClick={() => setView(s.view)}
            >
              {s.name}
            </Button>
          ))}
        {!noGl && !small && <Daylight spot={planting.spot} hour={hour} shines={way !== null} onChange={setHour} />}
      </div>
    </div>
  );
}
