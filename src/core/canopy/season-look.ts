import { formatHex, interpolate } from 'culori';
import type { Season } from '../growth/grown';
import { factsOf, genusOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import { clamp01 } from '../units/number';

/** What the time of year does to how a plant looks, each 0–1 but for the last. */
export interface SeasonLook {
  /** Share of its flowers that are still in bud beside those that always are, and that are going over. */
  budding: number;
  fading: number;
  /** How far its oldest leaves have yellowed; and its whole leaf turned before it falls. */
  tired: number;
  turned: number;
  /** How bare it is at the foot, for want of a cut. */
  leggy: number;
  /** Its leaf has fallen: stems alone. */
  bare: boolean;
}

export const FRESH: SeasonLook = { budding: 0, fading: 0, tired: 0, turned: 0, leggy: 0, bare: false };

/** Weeks ahead in which what opens then is seen as buds now. Working figure. */
const AHEAD = 2;
/** No more than this of the flowers are extra buds, or go over. By eye. */
const MOST = 0.55;
/**
 * Summer plants tire in the last weeks before frost. Working figure: from early September where frost is in
 * October.
 */
const TIRING_WEEKS = 7;

/**
 * Leaf turns from the first of October to the middle of November, and has fallen from December to March;
 * counted north of the equator. Ordinary dates of the temperate zone.
 */
const TURNS = { from: 10, over: 1.5 };
const BARE: ReadonlySet<number> = new Set([12, 1, 2, 3]);

/** The month with its days as a fraction, January 1, as in the north. */
function monthOf(date: string, southern: boolean): number {
  const at = Number(date.slice(5, 7)) + (Number(date.slice(8, 10)) - 1) / 31;
  return southern ? ((at + 5) % 12) + 1 : at;
}

/** How the season has told on a plant in a week. */
export function seasonLookOf(
  plant: Plant,
  season: Season,
  owner: number,
  week: number,
  southern: boolean,
  leggy = 0,
): SeasonLook {
  const bloomIn = (w: number): number | null => {
    const g = season.weeks[w]?.plants[owner];
    return g?.alive ? g.bloom : null;
  };
  const now = bloomIn(week) ?? 0;
  const soon = bloomIn(week + AHEAD) ?? now;
  const month = monthOf(season.weeks[week]?.date ?? '', southern);
  const { winterLook } = factsOf(plant);
  const sheds = winterLook === 'bare stems';
  const dies = (winterLook === 'gone' || winterLook === 'stands dry') && plant.season === 'hardy';
  const left = season.frostWeek === null ? Infinity : season.frostWeek - week;
  return {
    budding: soon > now ? Math.min(MOST, (soon - now) / Math.max(0.05, soon)) : 0,
    fading: soon < now ? Math.min(MOST, (now - soon) / Math.max(0.05, now)) : 0,
    tired: plant.season === 'warm' ? clamp01(1 - left / TIRING_WEEKS) : 0,
    turned: sheds || dies ? clamp01((month - TURNS.from) / TURNS.over) : 0,
    leggy,
    bare: sheds && BARE.has(Math.floor(month)),
  };
}

/** Leaf turns yellow; of these it turns red. Ordinary knowledge of the genera. */
const YELLOW = '#c9992f';
const RED = '#a8382a';
const REDDENS: ReadonlySet<string> = new Set([
  'Acer',
  'Cornus',
  'Vaccinium',
  'Cotoneaster',
  'Nandina',
  'Euonymus',
  'Spiraea',
  'Bergenia',
  'Geranium',
]);
/** Colours are kept for so many steps of the way. */
const STEPS = 4;

const turnedBy = keptBy((plant: Plant): Plant[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => {
    const to = REDDENS.has(genusOf(plant.botanical)) ? RED : YELLOW;
    return {
      ...plant,
      colours: plant.colours.map((c) =>
        c.part === 'flower' || c.part === 'throat' || c.part === 'stem'
          ? c
          : { ...c, hex: formatHex(interpolate([c.hex, to], 'oklab')((i / STEPS) * 0.85)) },
      ),
    };
  }),
);

/** The plant in the colours its leaf has turned to. */
export function inAutumn(plant: Plant, look: SeasonLook): Plant {
  const step = Math.round(look.turned * STEPS);
  return step === 0 ? plant : (turnedBy(plant)[step] ?? plant);
}
