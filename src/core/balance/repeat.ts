import { isLong, kindsFor, usualWidth } from '../containers/counts';
import { rimOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import { clamp01 } from '../units/number';
import { check } from './check';

/** Starts over kinds: a mixed planting repeats itself. Practice; measured on plantings that experts praise. */
const LEAST = 1.7;
const LEAST_LASTING = 1.35;
/** So few plants cannot repeat themselves much. Working figure. */
const SMALL = 5;
/** One that stands alone is a surprise, three are a sample tray. Practice. */
const MOST_SINGLES = 2;

/**
 * Kinds that a container shows at its best; each further one costs. Growers’ figures: three to 40 cm, four to
 * 60, five in a box of 90 cm and more.
 */
const KIND_COSTS = 0.05;
function fewKinds(container: Container): number {
  if (isLong(container.shape)) return rimOf(container.shape).wide >= 900 ? 5 : 4;
  return usualWidth(container) <= 420 ? 3 : 4;
}

/** So many of each kind and it cannot repeat itself better; one that stands alone costs a little. Working figures. */
const IDEAL = 2.2;
const SINGLE_COSTS = 0.18;

const rhythmOf = (ratio: number, singles: number, over: number): number =>
  Math.max(0.35, 0.82 + 0.18 * clamp01((ratio - LEAST) / (IDEAL - LEAST)) - SINGLE_COSTS * singles - KIND_COSTS * over);

/** Kinds come back. Absent for one kind and where a school does not ask. */
export const repeat = check({
  name: 'Repetition',
  facet: 'repetition',
  weight: 5,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    if (schoolOf(planting.brief).asks?.repeat === false || plants.length < 3) return [];
    const counts = new Map<string, number>();
    for (const p of plants) counts.set(p.plant.id, (counts.get(p.plant.id) ?? 0) + 1);
    const kinds = counts.size;
    const ratio = plants.length / kinds;
    const star = plants.find((p) => p.role === 'thriller')?.plant.id;
    const singles = [...counts].filter(([id, n]) => n === 1 && id !== star).map(([id]) => id);
    const least = planting.brief.lasting ? LEAST_LASTING : LEAST;
    const most = planting.brief.lasting ? MOST_SINGLES + 1 : MOST_SINGLES;
    const many = kinds > kindsFor(planting.container) + 2;
    const small = plants.length <= SMALL;
    const tray = singles.length === kinds && kinds > MOST_SINGLES;
    const busy = tray || (!small && (singles.length > most || ratio < least || many));
    const alone = plants.find((p) => p.plant.id === singles[0]);
    return [
      {
        severity: busy ? 'watch' : 'good',
        measured: ratio,
        band: [least, 8],
        unit: 'of each kind',
        scale: [0, 6],
        culprits: busy ? plants.filter((p) => singles.includes(p.plant.id)).map((p) => p.id) : [],
        says: busy ? 'busy' : 'good',
        facts: { kinds, singles: singles.length, plant: alone ? plantName(alone.plant) : '' },
        rule: 'Every kind except the centrepiece appears at least twice; a single plant is an accent',
        source: 'common practice; measured on plantings that experts praise',
        quality: busy
          ? Math.max(0.12, 0.4 - singles.length * 0.05)
          : rhythmOf(small ? IDEAL : ratio, singles.length, Math.max(0, kinds - fewKinds(planting.container))),
      },
    ];
  },
  words: {
    good: (f) => `${f.num('kinds')} kinds, well repeated.`,
    busy: (f) =>
      `Bitty: ${f.num('singles')} of ${f.num('kinds')} kinds appear only once. Use fewer kinds, two or three of each.`,
  },
  figure: ({ measured }) => `${measured.toFixed(1)} of each`,
  bandless: true,
  ideas: ['one more', 'same again', 'swap', 'take one of many out'],
});
