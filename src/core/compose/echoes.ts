import { colouredLeaf } from '../balance/course';
import { isNeutral } from '../colour/family';
import { hueGap, lch } from '../colour/oklch';
import { LIBRARY } from '../plants';
import { factsOf } from '../plants/facts';
import { CARRIES, leafColours, repeats } from '../plants/leaf-colours';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';
import type { Planting } from '../plantings/schema';
import { playersOf } from './players';
import { whyNot } from './filter';

/** A leaf leads from so much of its season in colour up. Working figure. */
const LEADS_BY_LEAF = 0.3;
/** A surprise stands at least so far round the wheel, degrees. Working figure. */
const SURPRISE_GAP = 110;

/** Whether a plant can lead by its leaf: broad enough to be seen one by one, and coloured. */
export const leadsByLeaf = (p: Plant): boolean =>
  p.leaf.size !== 'fine' && p.edible === 'no' && colouredLeaf(p) >= LEADS_BY_LEAF;

const easiest = (p: Plant): number => (factsOf(p).ease === 'staple' ? 1 : factsOf(p).ease === 'common' ? 0.8 : 0.5);

/** The best few that suit a spot and pot, one of a species, the lead left out. */
function bestOf(lead: Plant, planting: Planting, library: readonly Plant[], most: number, worth: (p: Plant) => number) {
  const out: Plant[] = [];
  const ranked = library
    .filter((p) => !p.roles.includes('thriller') || p.roles.length > 1)
    .map((p) => ({ p, worth: worth(p) * easiest(p) }))
    .filter((x) => x.worth > 0)
    .sort((a, b) => b.worth - a.worth);
  for (const { p } of ranked) {
    if (out.length >= most) break;
    if (p.botanical === lead.botanical || out.some((o) => o.botanical === p.botanical)) continue;
    if (whyNot(p, planting).length === 0) out.push(p);
  }
  return out;
}

/** Leaves that can lead here, the most coloured first. */
export const leadingLeaves = (planting: Planting, library: readonly Plant[] = LIBRARY): Plant[] =>
  playersOf(
    'thriller',
    library.filter((p) => whyNot(p, planting).length === 0),
  )
    .filter(leadsByLeaf)
    .sort((a, b) => colouredLeaf(b) * easiest(b) - colouredLeaf(a) * easiest(a));

/** Plants that repeat a colour of a leaf and suit this spot and pot. */
export const echoesOf = (lead: Plant, hex: string, planting: Planting, library = LIBRARY, most = 6): Plant[] =>
  bestOf(lead, planting, library, most, (p) => repeats(p, hex));

/** One surprise: flowers of a hue far from all of the leaf’s. */
export const surprisesFor = (lead: Plant, planting: Planting, library = LIBRARY, most = 3): Plant[] => {
  const own = leafColours(lead)
    .map((c) => lch(c.hex))
    .filter((c) => !isNeutral(c));
  return bestOf(lead, planting, library, most, (p) => {
    const c = lch(signature(p));
    if (p.flower.show < CARRIES || isNeutral(c)) return 0;
    return own.every((o) => hueGap(o.h, c.h) >= SURPRISE_GAP) ? c.c : 0;
  });
};
