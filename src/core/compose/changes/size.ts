import { goesIn } from '../../layout/packing';
import { maySet } from '../../layout/start-for';
import { comesAgain } from '../../plants/cutting';
import { factsOf } from '../../plants/facts';
import { plantName } from '../../plants/schema';
import { STARTS, type StartSize } from '../../plants/starts';
import { isPinched } from '../../plants/hand';
import { freeId } from '../../plantings/ids';
import type { Placed } from '../../plantings/resolve';
import { addDays } from '../../units/date';
import { type RemedyGround, kindsOf, type Try } from './ground';

/**
 * Tips come off when a plant has taken, and again later; what runs over is cut back at midsummer and later.
 * Weeks from planting, practice.
 */
const PINCH_WEEKS = [3, 6] as const;
const CUT_WEEKS = [6, 9] as const;

const as = (p: Placed, start: StartSize): Try => ({
  label: `Buy ${plantName(p.plant)} as ${STARTS[start].label}`,
  commands: [{ do: 'start', id: p.id, start }],
});

/** The starts a plant is sold in that are over or under the one it has, nearest first. */
const others = (p: Placed, bigger: boolean): StartSize[] => {
  const sold = p.plant.starts.map((s) => s.size);
  return sold
    .filter((s) => maySet(p.role, s, sold))
    .filter((s) => (bigger ? STARTS[s].litres > STARTS[p.start].litres : STARTS[s].litres < STARTS[p.start].litres))
    .sort((a, b) => (STARTS[a].litres - STARTS[b].litres) * (bigger ? 1 : -1));
};

export const smallerStarts = ({ free }: RemedyGround): Try[] =>
  free.flatMap((p) => others(p, false).map((s) => as(p, s)));

/** A kind bought smaller, all of it: packs are worth it for several. */
export const kindSmaller = ({ free }: RemedyGround): Try[] =>
  kindsOf(free).flatMap((kind) =>
    others(kind, false).map((start) => ({
      label: `Buy all ${plantName(kind.plant)} as ${STARTS[start].label}`,
      commands: free.filter((p) => p.plant.id === kind.plant.id).map((p) => ({ do: 'start', id: p.id, start })),
    })),
  );

/** Bought larger: taller and fuller from the first day. */
export const biggerStarts = ({ planting, targets }: Pick<RemedyGround, 'planting' | 'targets'>): Try[] =>
  targets.flatMap((p) =>
    others(p, true)
      .filter((s) => STARTS[s].inLeaf && goesIn(planting.container, s))
      .map((s) => as(p, s)),
  );

/** What comes of a deed done to all of one kind in some week. */
const planned = (
  { planting, targets }: RemedyGround,
  what: 'pinch' | 'cut-back',
  verb: string,
  weeks: readonly number[],
  may: (p: Placed) => boolean,
): Try[] => {
  return kindsOf(targets.filter(may)).flatMap(({ plant }) =>
    weeks.map((week): Try => {
      const all = targets.filter((p) => p.plant.id === plant.id);
      return {
        label: `${verb} ${plantName(plant)} in week ${week}`,
        commands: all.map((p, i) => ({
          do: 'plan',
          deed: { id: freeId(planting, i), what, to: p.id, on: addDays(planting.startDate, week * 7), done: null },
        })),
      };
    }),
  );
};

export const pinched = (g: RemedyGround): Try[] => planned(g, 'pinch', 'Pinch', PINCH_WEEKS, (p) => isPinched(p.plant));

/** Cut back by half where it grows again. */
export const cutBack = (g: RemedyGround): Try[] =>
  planned(g, 'cut-back', 'Cut back', CUT_WEEKS, (p) => comesAgain(factsOf(p.plant)));
