import type { Plant, Poison } from '../plants/schema';
import { isSpiny } from '../plants/spines';
import type { Spot } from '../spots/schema';

/** How a plant can harm: the grades of its record, and what it can do without being eaten. */
export type Cause = Exclude<Poison, 'none'> | 'sap' | 'sap unknown' | 'spines';

/** 0 no harm is known, 1 take care, 2 poisonous, 3 deadly. */
export type HarmLevel = 0 | 1 | 2 | 3;

/** The worst first. Unknown is never safe, and is told last: what is known is more to the point. */
const GRADES: readonly (readonly [Cause, HarmLevel])[] = [
  ['deadly', 3],
  ['toxic', 2],
  ['mild', 1],
  ['irritant', 1],
  ['spines', 1],
  ['sap', 1],
  ['sap unknown', 1],
  ['unknown', 1],
];

export interface Harm {
  level: HarmLevel;
  /** The field that raised the level; null where no harm is known. */
  cause: Cause | null;
  /** Whom it harms so. */
  who: string[];
}

const EATER = 'whoever eats from it';

/** How unsafe a plant is for who is about, by the worst that its record says. */
export function harm(p: Plant, spot: Pick<Spot, 'children' | 'cats' | 'dogs' | 'eaten'>): Harm {
  const told: { cause: Cause; who: string }[] = [];
  const note = (cause: Cause | 'none', who: string) => cause !== 'none' && told.push({ cause, who });
  // Where people pick and eat, even what only upsets a stomach has no place.
  if (spot.eaten && p.edible === 'no') note(p.poison.people === 'mild' ? 'toxic' : p.poison.people, EATER);
  const spines = isSpiny(p) ? 'spines' : 'none';
  const sap = ({ yes: 'sap', unknown: 'sap unknown', no: 'none' } as const)[p.irritantSap];
  if (spot.children) {
    note(p.poison.people, 'children');
    note(spines, 'children');
    note(sap, 'children');
  }
  for (const [about, who] of [
    [spot.cats, 'cats'],
    [spot.dogs, 'dogs'],
  ] as const) {
    if (!about) continue;
    note(p.poison[who], who);
    note(spines, who);
  }
  const [cause = null, level = 0] = GRADES.find(([c]) => told.some((t) => t.cause === c)) ?? [];
  return { level, cause, who: [...new Set(told.filter((t) => t.cause === cause).map((t) => t.who))] };
}

/** How a plant harms who eats of the whole pot: its people field, where it is not there to be eaten itself. */
export const harmEaten = (p: Plant): HarmLevel =>
  p.edible !== 'no' || p.poison.people === 'none'
    ? 0
    : p.poison.people === 'mild'
      ? 2
      : (GRADES.find(([c]) => c === p.poison.people)?.[1] ?? 0);
