import { colouredLeaf } from '../../balance/course';
import type { Grown } from '../../growth/grown';
import { grow } from '../../growth/season';
import { isForSpring, occasionOf } from '../../plantings/occasion';
import { factsOf } from '../../plants/facts';
import { plantName } from '../../plants/schema';
import type { Facts } from '../../plants/traits';
import type { Placed } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { daysBetween } from '../../units/date';
import { mean } from '../../units/number';

/** Where something goes that is lifted. */
export const GOES = {
  garden: 'into the garden',
  'frost-free': 'kept frost-free',
  indoors: 'indoors',
  'lifted dry': 'dried and stored',
  compost: 'onto the compost heap',
} as const;
export type Goes = keyof typeof GOES;

/** One plant at a change-over: it stays where it is, or it is lifted and goes somewhere; with why. */
export interface Sorted {
  id: string;
  plant: string;
  name: string;
  goes: Goes | null;
  why: string;
}

/**
 * It is looked ahead so many weeks; alive for so much of them it carries on, and with so much flower in the
 * later half of them it is worth it. Working figures.
 */
const AHEAD_WEEKS = 10;
const ALIVE = 0.8;
const WORTH = 0.2;
/**
 * A plant with less flower than this is grown for its leaf; with more than the second for its flower, unless
 * so much of its leaf is coloured. Working figures.
 */
const FLOWERS = 0.15;
const FOR_FLOWER = 0.2;
const COLOURED_LEAF = 0.25;
/** The season that begins lasts so long, weeks. Working figure: from mid May to the first days of October. */
const SEASON_WEEKS = 20;
/** Where fewer of those that stay flower on, one kind makes room for some that do. Working figure. */
const FEW_FLOWER = 1 / 3;

const EVERGREEN: readonly Facts['winterLook'][] = ['evergreen', 'semi-evergreen'];
const LASTING: readonly Facts['life'][] = ['hardy perennial', 'shrub'];

/** Where a plant that is lifted goes: what lives on is not thrown away. */
function placeFor({ plant }: Placed, planting: Planting): { goes: Goes; why: string } {
  const { life, kept, keptAtC, keptWet, cuttings } = factsOf(plant);
  const how = `at ${keptAtC}°C or more, ${keptWet}`;
  if (life === 'annual') return { goes: 'compost', why: 'annual; it has finished' };
  if (life === 'bulb' && kept !== 'lifted dry')
    return { goes: 'garden', why: 'the bulb will flower again next spring; let the leaves die down first' };
  if (kept === 'lifted dry') return { goes: 'lifted dry', why: `store the tuber or corm over winter ${how}` };
  if (kept === 'frost-free' && cuttings === 'root easily')
    return { goes: 'compost', why: 'frost kills it; take a few cuttings first' };
  if (kept === 'frost-free') return { goes: 'frost-free', why: `frost kills it; overwinter it somewhere light ${how}` };
  if (kept === 'indoors') return { goes: 'indoors', why: `it is a house plant in winter, ${how}` };
  if (kept === 'not kept') return { goes: 'compost', why: 'it is not worth keeping' };
  return plant.coldestWinterC > planting.spot.coldestWinterC
    ? { goes: 'compost', why: 'the winter here kills it' }
    : { goes: 'garden', why: 'finished here, but it will grow again in the ground' };
}

/** What a plant is looked at by at a change-over. */
interface Ahead {
  /** Its next ten weeks, and the most flower of the season that begins. */
  weeks: readonly Grown[];
  most: number;
  winter: boolean;
  /** Set out for spring, and it is summer now. */
  sprung: boolean;
  /** The container is asked to stand all year. */
  lasting: boolean;
}

const isOver = ({ plant }: Placed, { most, winter, lasting }: Ahead): boolean =>
  !winter && !lasting && plant.flower.show >= FOR_FLOWER && colouredLeaf(plant) < COLOURED_LEAF && most < WORTH;

const flowersIn = (weeks: readonly Grown[]): number =>
  mean(weeks.slice(Math.floor(weeks.length / 2)).map((g) => g.bloom));

/** Whether it stays, and why; null where it is to be lifted. */
function staysFor(p: Placed, ahead: Ahead): string | null {
  const { weeks, winter, sprung } = ahead;
  const { life, winterLook, seasons } = factsOf(p.plant);
  const alive = weeks.filter((g) => g.alive).length / Math.max(1, weeks.length) >= ALIVE;
  if (!alive) return null;
  const lasting = LASTING.includes(life);
  const flowering = flowersIn(weeks) >= WORTH;
  // Spring bedding makes room for summer's while it still flowers, as the trade does: it is over when the heat comes.
  if (sprung && seasons === 1 && p.plant.season === 'cool' && p.plant.flower.show >= FLOWERS) return null;
  // What is grown for a spring of flower has had its day, leaf or no leaf.
  const spent = p.plant.season === 'cool' && p.plant.flower.show >= FLOWERS && !flowering;
  if ((spent && !winter) || isOver(p, ahead)) return null;
  if (lasting && EVERGREEN.includes(winterLook)) return 'evergreen';
  if (winter && lasting && winterLook === 'bare stems') return 'its bare stems give winter interest';
  if (p.plant.flower.show < FLOWERS && !(winter && winterLook === 'gone')) return 'its foliage still looks good';
  return flowering ? 'it goes on flowering' : null;
}

const FELL = {
  frost: 'killed by frost',
  dry: 'it dried out',
  dark: 'it had no light left',
  asleep: '',
  lifted: '',
  'to come': '',
} as const;

/** Nobody was seen to have died. */
export const NOBODY: ReadonlyMap<string, string> = new Map();

/** A plant that was asked about, with all that its worth is told by. */
interface Weighed {
  said: Sorted;
  placed: Placed;
  ahead: Ahead;
}

/** How much a plant that stays would give the season that begins. */
const worthOf = ({ placed: { plant }, ahead }: Weighed): number =>
  plant.flower.show * flowersIn(ahead.weeks) + colouredLeaf(plant);

/**
 * Where all would stay and hardly any flowers on, the kind that gives least makes room: never the only kind,
 * nor what leads.
 */
function withRoom(all: readonly Weighed[], { brief }: Planting, season: string): Sorted[] {
  const sorted = all.map((w) => w.said);
  const flowering = all.filter(
    ({ placed, ahead }) => placed.plant.flower.show >= FLOWERS && flowersIn(ahead.weeks) >= WORTH,
  );
  const full = sorted.every((s) => s.goes === null) && flowering.length < all.length * FEW_FLOWER;
  if (!full || brief.lasting || brief.scheme === 'all-leaf') return sorted;
  const [least] = all.filter((w) => w.placed.role !== 'thriller').sort((a, b) => worthOf(a) - worthOf(b));
  if (!least || sorted.every((s) => s.plant === least.said.plant)) return sorted;
  return sorted.map((s) =>
    s.plant === least.said.plant ? { ...s, goes: 'garden', why: `it makes room for ${season} flowers` } : s,
  );
}

/**
 * Who stays and who is lifted on a day, from what each would do in the ten weeks after it: what lasts stays
 * where it is, what is over goes where it may live on; who was seen to have died (by placement, with why)
 * goes. Throws UnknownPlantError.
 */
export function sortOut(planting: Planting, on: string, died: ReadonlyMap<string, string> = NOBODY): Sorted[] {
  const first = Math.max(0, Math.ceil(daysBetween(planting.startDate, on) / 7));
  const season = grow(planting, first + SEASON_WEEKS + 1);
  const occasion = occasionOf({ ...planting, startDate: on });
  const winter = occasion === 'winter' || occasion === 'lasting';
  const all = season.placed.flatMap((p, i): Weighed[] => {
    if ((p.from ?? planting.startDate) >= on || (p.until !== null && p.until <= on)) return [];
    const now = season.weeks[first]?.plants[i];
    const weeks = season.weeks.slice(first, first + SEASON_WEEKS).flatMap((w) => w.plants[i] ?? []);
    const ahead: Ahead = {
      weeks: weeks.slice(0, AHEAD_WEEKS),
      most: Math.max(0, ...weeks.map((g) => g.bloom)),
      winter,
      sprung: occasion === 'summer' && isForSpring({ ...planting, startDate: p.from ?? planting.startDate }),
      lasting: planting.brief.lasting,
    };
    const weighed = (to: Pick<Sorted, 'goes' | 'why'>): Weighed[] => [
      { said: { id: p.id, plant: p.plant.id, name: plantName(p.plant), ...to }, placed: p, ahead },
    ];
    const lost = died.get(p.id);
    if (lost !== undefined) return weighed({ goes: 'compost', why: lost || 'it died' });
    const stays = staysFor(p, ahead);
    if (stays) return weighed({ goes: null, why: stays });
    // What is lifted dry is lifted when frost has blackened its top.
    const fell = now?.gone && factsOf(p.plant).kept !== 'lifted dry' ? FELL[now.gone] : '';
    return weighed(fell ? { goes: 'compost', why: fell } : placeFor(p, planting));
  });
  return occasion === 'summer' || occasion === 'winter' ? withRoom(all, planting, occasion) : all.map((w) => w.said);
}
