import { isSouthern } from '../climate/hemisphere';
import { grow } from '../growth/season';
import { judgedWeeks } from '../growth/span';
import { occasionOf } from '../plantings/occasion';
import { called } from '../plants/called';
import { factsOf } from '../plants/facts';
import { SHOWY } from '../plants/scheme-fit';
import type { Plant } from '../plants/schema';
import { isPinched } from '../plants/hand';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { MONTH_NAMES } from '../units/date';

/** A kind of a planting and how many there are of it. */
interface Kind {
  plant: Plant;
  n: number;
}

/** The kinds of a planting, most first. */
function kindsOf(planting: Planting): Kind[] {
  const kinds = new Map<string, Kind>();
  for (const { plant } of resolve(planting)) kinds.set(plant.id, { plant, n: (kinds.get(plant.id)?.n ?? 0) + 1 });
  return [...kinds.values()].sort((a, b) => b.n - a.n);
}

const isMany = ({ n }: Kind): boolean => n > 1;
const name = (k: Kind): string => called({ ...k.plant, variety: '' }, isMany(k));

const inSummer = (month: number): boolean => month >= 6 && month <= 8;

/** A job said in one of several ways. */
type Say = (kind: Kind, month: string) => readonly string[];

const CUT: Say = (k, month) => [
  `Cut the ${name(k)} back by a third to a half in ${month}, and ${isMany(k) ? 'they flower' : 'it flowers'} again`,
  `In ${month} take the shears to the ${name(k)}: by half, and a second flush follows`,
  `The ${name(k)} ${isMany(k) ? 'tire' : 'tires'} by ${month}: cut back by a third to a half then`,
];
const TO_THE_BASE: Say = (k, month) => [
  `Cut the ${name(k)} down to the new leaf in ${month}, once the flower has gone`,
  `When the ${name(k)} ${isMany(k) ? 'fade' : 'fades'} in ${month}, cut the old stems out at the base`,
];
const PICK: Say = (k) => [
  `Deadhead the ${name(k)} every week, or ${isMany(k) ? 'they stop' : 'it stops'} flowering`,
  `The ${name(k)} ${isMany(k) ? 'go' : 'goes'} on flowering if you deadhead once a week`,
  `Deadhead the ${name(k)} once a week`,
];
const PINCH: Say = (k) => [
  `Pinch the tips out of the ${name(k)} three weeks after planting`,
  `Once the ${name(k)} ${isMany(k) ? 'have' : 'has'} rooted, pinch ${isMany(k) ? 'their' : 'its'} tips: twice as many shoots`,
];
/** What a kind asks for that matters, in the ways in which it can be said; null where it is left alone. */
function jobFor(kind: Kind, months: (m: number) => number, stands: ReadonlySet<number>, summer: boolean) {
  const { plant } = kind;
  const { cutBack, cutMonth, seasons } = factsOf(plant);
  const month = months(cutMonth);
  const cut = plant.flower.show >= SHOWY && seasons <= 2 && inSummer(cutMonth) && stands.has(month);
  if (plant.deadhead === 'needed') return PICK(kind, '');
  if (cut && cutBack === 'by half') return CUT(kind, MONTH_NAMES[month - 1] ?? '');
  if (cut && cutBack === 'to the base') return TO_THE_BASE(kind, MONTH_NAMES[month - 1] ?? '');
  if (summer && isPinched(plant) && seasons === 1) return PINCH(kind, '');
  return null;
}

/**
 * The one job that matters most, of the kind there is most of that asks for one, with its month; null where
 * none does. `pick` chooses among the ways to say it.
 */
export function oneJob(planting: Planting, pick: number): string | null {
  const turned = isSouthern(planting.spot) ? 6 : 0;
  const months = (m: number): number => ((m - 1 + turned) % 12) + 1;
  const weeks = grow(planting).weeks.slice(0, judgedWeeks(planting));
  const stands = new Set(weeks.map((w) => Number(w.date.slice(5, 7))));
  const summer = occasionOf(planting) === 'summer';
  for (const kind of kindsOf(planting)) {
    const ways = jobFor(kind, months, stands, summer);
    if (ways) return ways[pick % ways.length] ?? null;
  }
  return null;
}
