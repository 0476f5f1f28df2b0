import type { Plant, Poison } from './schema';
import { type Habit, HABITS } from './habits';
import type { Role } from './traits';

/** What a nursery's tag says, or a row of a spreadsheet: any of a record, and the plain words a tag uses. */
export interface Tag extends Partial<Omit<Plant, 'id'>> {
  common: string;
  /** The flower's and the leaf's main colour, #rrggbb. */
  flowerHex?: string;
  leafHex?: string;
}

export interface FromTag {
  plant: Plant;
  /** Where the fields the tag does not give come from. */
  from: { kind: 'species' | 'genus'; name: string } | { kind: 'habit'; name: Habit };
}

const genusOf = (botanical: string): string => (botanical.trim().split(/\s+/)[0] ?? '').toLowerCase();
const speciesOf = (botanical: string): string =>
  botanical
    .trim()
    .toLowerCase()
    .replaceAll('×', 'x')
    .split(/\s+/)
    .filter((w) => w !== 'x')
    .slice(0, 2)
    .join(' ');

const RANK: readonly Poison[] = ['none', 'irritant', 'mild', 'toxic', 'deadly'];

/** The most cautious of what relatives are known for: harm is inherited, harmlessness is not. */
function cautious(list: readonly Poison[]): Poison {
  const worst = list
    .filter((p) => p !== 'unknown')
    .reduce<Poison>((a, b) => (RANK.indexOf(b) > RANK.indexOf(a) ? b : a), 'none');
  return worst === 'none' ? 'unknown' : worst;
}

/** The plants of a library that share a genus, or a common name where no botanical one is given. */
export type Relatives = (common: string, botanical: string) => readonly Plant[];

/** Relatives by genus and by common name, sorted once so that thousands of tags are read quickly. */
export function relativesIn(library: readonly Plant[]): Relatives {
  const [genera, names] = [new Map<string, Plant[]>(), new Map<string, Plant[]>()];
  const put = (into: Map<string, Plant[]>, key: string, p: Plant) => {
    const list = into.get(key);
    if (list) list.push(p);
    else into.set(key, [p]);
  };
  for (const p of library) {
    put(genera, genusOf(p.botanical), p);
    put(names, p.common.toLowerCase(), p);
  }
  return (common, botanical) =>
    (botanical ? genera.get(genusOf(botanical)) : names.get(common.trim().toLowerCase())) ?? [];
}

/**
 * The nearest of some relatives: of the same common name and habit, else of the same name, else of the same
 * habit, else the first.
 */
function closest(list: readonly Plant[], common: string, habit: Habit | undefined): Plant | undefined {
  const named = list.filter((p) => p.common.toLowerCase() === common.trim().toLowerCase());
  return (named.length > 0 ? named : list).find((p) => p.habit === habit) ?? named[0] ?? list[0];
}

/** A record of which nothing is known but a habit. */
function plainOf(habit: Habit): Omit<Plant, 'id' | 'common' | 'botanical' | 'variety' | 'note'> {
  return {
    ...HABITS[habit].typical,
    group: 'warm bedding',
    habit,
    vigour: 3,
    sunHours: [4, 6, 12, 14],
    scorchAfternoonH: null,
    water: 'moderate',
    feed: 'medium',
    coldestWinterC: 0,
    coldestNightC: 5,
    season: 'warm',
    bloom: [0, 0, 0, 0, 0.4, 0.9, 1, 1, 0.9, 0.4, 0, 0],
    flower: { form: 'round', sizeMm: 30, show: 0.35 },
    colours: [
      { part: 'leaf', hex: '#557d42', share: 1 },
      { part: 'flower', hex: '#d94f86', share: 1 },
    ],
    starts: [{ size: 'p9', price: 2.5 }],
    deadhead: 'helps',
    pinch: 'no',
    edible: 'no',
    poison: { people: 'unknown', cats: 'unknown', dogs: 'unknown' },
    poisonPart: '',
    irritantSap: 'unknown',
    spreadRisk: 'none known',
  };
}

/**
 * A colour in the place of a part's: the whole flower takes a flower's, since no tag names its throat; a leaf
 * keeps its edge and veins.
 */
function recoloured(colours: Plant['colours'], part: 'leaf' | 'flower', hex: string | undefined): Plant['colours'] {
  if (!hex) return colours;
  const group = part === 'leaf' ? ['leaf', 'edge', 'vein', 'stem'] : ['flower', 'throat'];
  const rest = colours.filter((c) => !group.includes(c.part));
  const had = colours.find((c) => c.part === part);
  return part === 'flower' || !had
    ? [...rest, { part, hex, share: 1 }]
    : colours.map((c) => (c.part === part ? { ...c, hex } : c));
}

/** Roles a plant of a size and habit may take, where the tag names none. */
function rolesFor(habit: Habit, heightMm: Plant['heightMm'], trailMm: Plant['trailMm']): Role[] {
  const usual = HABITS[habit].typical.roles;
  const fits = usual.filter((r) => (r === 'thriller' ? heightMm[1] >= 300 : r === 'spiller' ? trailMm[1] >= 80 : true));
  return fits.length > 0 ? fits : ['filler'];
}

/** A flowerless plant shows no flower colour and never blooms. */
function withoutFlower(p: Plant): Plant {
  if (p.flower.form !== 'none') return p;
  return {
    ...p,
    flower: { form: 'none', sizeMm: 0, show: 0 },
    bloom: p.bloom.map(() => 0),
    colours: p.colours.filter((c) => c.part !== 'flower' && c.part !== 'throat'),
  };
}

/**
 * A whole record from what a tag says. What it does not say is taken from the same species in the library, else from
 * the nearest of its genus, else from what is usual for its habit. Poison, and whether it is eaten, are taken from the
 * species alone; from the genus only harm is inherited; otherwise poison is unknown and it is not for eating.
 */
export function fromTag({ flowerHex, leafHex, ...tag }: Tag, relatives: Relatives, id: string): FromTag {
  const botanical = tag.botanical?.trim() ?? '';
  const kin = relatives(tag.common, botanical).filter((p) => p.id !== id);
  const same = botanical ? kin.filter((p) => speciesOf(p.botanical) === speciesOf(botanical)) : kin;
  const base = closest(same, tag.common, tag.habit) ?? closest(kin, tag.common, tag.habit);
  const habit = tag.habit ?? base?.habit ?? 'mound';
  const typical = plainOf(habit);
  const start = base && base.habit === habit ? base : base ? { ...base, ...HABITS[habit].typical } : typical;
  const poison = !base
    ? typical.poison
    : same.length > 0
      ? base.poison
      : {
          people: cautious(kin.map((p) => p.poison.people)),
          cats: cautious(kin.map((p) => p.poison.cats)),
          dogs: cautious(kin.map((p) => p.poison.dogs)),
        };
  const heightMm = tag.heightMm ?? start.heightMm;
  const trailMm = tag.trailMm ?? start.trailMm;
  const plant: Plant = {
    id,
    botanical: botanical || base?.botanical || tag.common,
    variety: '',
    note: '',
    group: start.group,
    roles:
      base && base.habit === habit && !tag.heightMm && !tag.trailMm ? base.roles : rolesFor(habit, heightMm, trailMm),
    habit,
    heightMm,
    spreadMm: start.spreadMm,
    trailMm,
    vigour: start.vigour,
    sunHours: start.sunHours,
    scorchAfternoonH: start.scorchAfternoonH,
    water: start.water,
    feed: start.feed,
    coldestWinterC: start.coldestWinterC,
    coldestNightC: start.coldestNightC,
    season: start.season,
    bloom: start.bloom,
    leaf: start.leaf,
    flower: start.flower,
    colours: start.colours,
    starts: start.starts,
    deadhead: start.deadhead,
    pinch: start.pinch,
    edible: same.length > 0 ? start.edible : 'no',
    poison,
    poisonPart: same.length > 0 ? start.poisonPart : '',
    irritantSap: same.length > 0 ? start.irritantSap : kin.some((p) => p.irritantSap === 'yes') ? 'yes' : 'unknown',
    spreadRisk: start.spreadRisk,
    ...defined(tag),
  };
  const coloured = {
    ...plant,
    colours: recoloured(
      recoloured(plant.colours, 'leaf', leafHex),
      'flower',
      plant.flower.form === 'none' ? undefined : flowerHex,
    ),
  };
  return {
    plant: withoutFlower(hardened(coloured, tag)),
    from: base
      ? {
          kind: same.length > 0 ? 'species' : 'genus',
          name: base.variety ? `${base.common}, ${base.variety}` : base.common,
        }
      : { kind: 'habit', name: habit },
  };
}

const defined = <T extends object>(of: T): T =>
  Object.fromEntries(Object.entries(of).filter(([, v]) => v !== undefined)) as T;

/** A tag gives the coldest winter and seldom the coldest night: growth bears no more cold than a winter at rest. */
function hardened(p: Plant, tag: Tag): Plant {
  if (tag.coldestWinterC === undefined || tag.coldestNightC !== undefined) return p;
  return {
    ...p,
    coldestNightC: Math.max(
      p.coldestWinterC,
      tag.coldestWinterC <= -10 ? Math.min(p.coldestNightC, -3) : p.coldestNightC,
    ),
  };
}
