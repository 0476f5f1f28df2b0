import { formatHex, interpolate } from 'culori';
import type { Grown } from '../growth/grown';
import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';

/** A plant that frost has killed is there to be seen for so many weeks; then it is gone. Working figure: wet leaf is on the ground in three. */
const STANDS_WEEKS = 3;
/** Frosted leaf goes nearly black, then brown; how far each of its colours goes there. Working figures by eye. */
const BROWN = '#4a3a2b';
const HOW_FAR = 0.72;
/** What is left of height and spread: it hangs limp. Working figures. */
const LIMP = { height: 0.62, spread: 0.85 };

/** The plant in the colours frost leaves. */
const browned = keptBy((plant: Plant): Plant => ({
  ...plant,
  colours: plant.colours.map((c) => ({
    ...c,
    hex: formatHex(interpolate([c.hex, BROWN], 'oklab')(HOW_FAR)),
  })),
}));

/** How a plant is drawn in a week: as it lives, as frost left it, or not at all. */
export function drawnAs(plant: Plant, grown: Grown): { plant: Plant; grown: Grown } | null {
  if (grown.alive) return { plant, grown };
  if (grown.gone !== 'frost' || grown.goneWeeks >= STANDS_WEEKS) return null;
  const limp = {
    ...grown,
    heightMm: grown.heightMm * LIMP.height,
    spreadMm: grown.spreadMm * LIMP.spread,
    bloom: 0,
  };
  return { plant: browned(plant), grown: limp };
}
