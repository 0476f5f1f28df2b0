import { formatHex, interpolate } from 'culori';
import type { Grown } from '../growth/grown';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import { FRUIT, flowerLook } from './flowers';
import type { FlowerLook } from './look';
import { FRESH, inAutumn, type SeasonLook } from './season-look';

/**
 * A plant that frost or thirst has killed is there to be seen for so many weeks; then it is gone. Working
 * figure: wet leaf is on the ground in three.
 */
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

/** A plant as it is drawn: in what colours, how big, and with what where its flowers are. */
interface DrawnAs {
  plant: Plant;
  grown: Grown;
  look: FlowerLook | null;
  season: SeasonLook;
}

/** A plant whose fruit shows more than its flower is drawn with that: a small round thing where the flower was. */
function fruiting(plant: Plant, grown: Grown): Omit<DrawnAs, 'season'> {
  const { display } = factsOf(plant);
  if (!display || grown.after * display.show <= grown.bloom * plant.flower.show)
    return { plant, grown, look: flowerLook(plant) };
  const colours: Plant['colours'] = [
    ...plant.colours.filter((c) => c.part !== 'flower' && c.part !== 'throat'),
    { part: 'flower', hex: display.hex, share: 1 },
  ];
  const form = display.what === 'seed heads' ? 'plume' : 'bell';
  return {
    plant: { ...plant, colours, flower: { form, sizeMm: display.sizeMm, show: display.show } },
    grown: { ...grown, bloom: grown.after },
    look: FRUIT[display.what],
  };
}

/** How a plant is drawn in a week: as it lives, as frost or the end of its season left it, or not at all. */
export function drawnAs(plant: Plant, grown: Grown, season: SeasonLook): DrawnAs | null {
  if (grown.alive) return { ...fruiting(inAutumn(plant, season), grown), season };
  const stays = grown.gone === 'frost' || grown.gone === 'dry' || grown.gone === 'dark' || grown.gone === 'asleep';
  if (!stays || grown.goneWeeks >= STANDS_WEEKS) return null;
  const limp = {
    ...grown,
    heightMm: grown.heightMm * LIMP.height,
    spreadMm: grown.spreadMm * LIMP.spread,
    bloom: 0,
  };
  return { plant: browned(plant), grown: limp, look: null, season: FRESH };
}
