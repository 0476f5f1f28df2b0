import { genusOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import type { HungKind, Kind, OpenKind } from './kinds';
import type { FlowerLook } from './look';
import { between, GOLDEN, type Sprig } from './sprig';
import { stemBetween } from './stems';
import { blend, flowerColours, spent, stemColour } from './tints';
import { add, toward, unit, type Vec } from './vector';

const open = (kind: OpenKind, held = 0.1, up = false): FlowerLook => ({ as: 'open', kind, held, up });
/** Florets in a dome: how many, and how flat (1 is a ball, under that a plate). */
const umbel = (kind: OpenKind, florets: number, flat: number, held = 0.15): FlowerLook => ({
  as: 'umbel',
  kind,
  florets,
  flat,
  held,
});
const hung = (kind: HungKind | 'berry', aspect = 0.8): FlowerLook => ({ as: 'hung', kind, aspect, held: 0 });

/** Flowers of a form, where the genus says nothing. */
const BY_FORM: Record<Exclude<Plant['flower']['form'], 'none'>, FlowerLook> = {
  trumpet: open('trumpet', 0.2),
  round: open('face'),
  daisy: open('daisy', 0.25, true),
  ball: umbel('floret', 11, 0.8),
  airy: open('floret', 0.1),
  bell: hung('bell', 0.8),
  spike: { as: 'stand', kind: 'spikelet', aspect: 0.8, held: 0 },
  plume: { as: 'stand', kind: 'plume', aspect: 0.24, held: 0 },
};

/** Flowers by genus: what a gardener knows them by. */
const BY_GENUS: Record<string, FlowerLook> = {
  Impatiens: open('flat', 0.12),
  Viola: open('pansy', 0.35),
  Lobelia: open('lip', 0.1),
  Scaevola: open('fan', 0.05),
  Lobularia: open('knot', 0.1),
  Hylotelephium: umbel('knot', 9, 0.25, 0.1),
  Achillea: umbel('knot', 8, 0.15, 0.3),
  Nemesia: { ...open('mask', 0.3), raceme: 5 },
  Diascia: { ...open('mask', 0.3), raceme: 4 },
  Torenia: open('mask', 0.1),
  Angelonia: open('mask', 0),
  Antirrhinum: open('dragon', 0),
  Canna: open('floppy', 0),
  Iris: open('floppy', 0),
  Dianthus: open('fringed', 0.55, true),
  Pelargonium: umbel('geranium', 15, 0.8, 0.7),
  Verbena: umbel('floret', 13, 0.45, 0.1),
  Lantana: umbel('floret', 13, 0.5, 0.1),
  Pentas: umbel('floret', 14, 0.6, 0.2),
  Iberis: umbel('floret', 12, 0.4, 0.1),
  Tagetes: open('pompon', 0.15, true),
  Chrysanthemum: open('pompon', 0.1, true),
  Bellis: open('pompon', 0.3, true),
  Zinnia: open('dahlia', 0.2, true),
  Rosa: open('rose', 0.1),
  Camellia: open('rose', 0),
  Gardenia: open('rose', 0),
  Ranunculus: open('rose', 0.4, true),
  Fuchsia: hung('fuchsia', 0.74),
  Tulipa: { as: 'stand', kind: 'goblet', aspect: 0.8, held: 0 },
  Cyclamen: { as: 'stand', kind: 'swept', aspect: 0.85, held: 0 },
  Crocus: { as: 'stand', kind: 'goblet', aspect: 0.7, held: 0 },
  Narcissus: open('daffodil', 0),
  Lilium: open('lily', 0.1),
  Hemerocallis: open('lily', 0.2),
  Clematis: open('lily', 0.1),
  Gladiolus: open('lily', 0),
  Alstroemeria: open('lily', 0.1),
  Hyacinthus: open('lily', 0),
  Muscari: hung('berry', 1),
  Matthiola: open('rose', 0),
  Cleome: umbel('lip', 14, 0.9),
  Isotoma: open('floret', 0.5, true),
  Phlox: umbel('floret', 12, 0.5, 0.15),
  Gerbera: open('daisy', 1.1, true),
  Pericallis: open('daisy', 0.15, true),
  Erythranthe: open('mask', 0.1),
  Leucojum: hung('bell', 1),
  Fritillaria: hung('bell', 1),
  Eranthis: open('rose', 0.3, true),
  Spathiphyllum: open('floppy', 1.2),
  Anethum: umbel('floret', 14, 0.2, 0.1),
  Cistus: open('flat', 0.1),
  Nerium: open('flat', 0.1),
  Euphorbia: umbel('floret', 9, 0.7),
};

/** Some genera differ by what their flower is told as. */
const BY_BOTH: Record<string, FlowerLook> = {
  'Begonia/round': open('wax', 0.12),
  'Begonia/bell': open('wax', 0.1),
  'Begonia/ball': open('rose', 0.1),
  'Petunia/round': open('rose', 0.1),
  'Impatiens/ball': open('rose', 0.1),
  'Agapanthus/ball': umbel('trumpet', 22, 1, 0),
  'Allium/ball': umbel('floret', 36, 1, 0),
  'Hydrangea/ball': umbel('floret', 32, 1, 0.1),
  'Hydrangea/airy': umbel('floret', 14, 0.25, 0.1),
  'Phlox/round': open('floret', 0.1),
  'Euphorbia/round': open('lily', 0),
  'Euphorbia/airy': open('floret', 0.1),
  'Callistemon/plume': { as: 'stand', kind: 'foxtail', aspect: 0.42, held: 0 },
  'Iris/trumpet': open('floppy', 0),
  'Lathyrus/round': open('floppy', 0.1),
  'Dahlia/ball': open('dahlia', 0.25),
  'Dahlia/daisy': open('daisy', 0.25),
  'Dianthus/ball': umbel('fringed', 13, 0.5, 0.2),
  'Chrysanthemum/daisy': open('daisy', 0.1, true),
  'Pelargonium/round': open('geranium', 0.1),
  'Cenchrus/plume': { as: 'stand', kind: 'foxtail', aspect: 0.16, held: 0 },
  'Celosia/plume': { as: 'stand', kind: 'plume', aspect: 0.4, held: 0 },
  'Eucomis/plume': { as: 'stand', kind: 'plume', aspect: 0.44, held: 0 },
  'Lagurus/plume': { as: 'stand', kind: 'foxtail', aspect: 0.5, held: 0 },
  'Hydrangea/plume': { as: 'stand', kind: 'plume', aspect: 0.7, held: 0 },
};

/** And a species that is not as its genus. */
const BY_SPECIES: Record<string, FlowerLook> = {
  'Begonia boliviensis': hung('flare', 0.9),
  'Lavandula stoechas': { as: 'stand', kind: 'foxtail', aspect: 0.6, held: 1.4 },
};

/** How the flowers of a plant are drawn; null where it has none. Kept by the record. */
export const flowerLook: (p: Plant) => FlowerLook | null = keptBy((p: Plant): FlowerLook | null => {
  const { form } = p.flower;
  if (form === 'none') return null;
  const genus = genusOf(p.botanical);
  return (
    BY_SPECIES[p.botanical] ??
    BY_BOTH[`${genus}/${form}`] ??
    (form === 'plume' ? BY_FORM.plume : (BY_GENUS[genus] ?? BY_FORM[form]))
  );
});

/** Berries and fruit hang where the flowers were; seed heads stand. */
export const FRUIT: Record<'berries' | 'fruit' | 'seed heads', FlowerLook> = {
  berries: hung('berry', 1),
  fruit: hung('berry', 1),
  'seed heads': BY_FORM.plume,
};

/** How far a flower is held over the leaf, mm. */
export const heldMm = (s: Sprig): number => (s.look?.held ?? 0) * s.plant.flower.sizeMm;

/**
 * What becomes of flowers while others open: shares in bud, half open and going over. Working figures: a
 * plant that is tended.
 */
const AGES = { bud: 0.08, half: 0.1, over: 0.035 };
/** A bud is so much of an open flower’s width; a half-open one so much, and so much deeper. By eye. */
const BUD = 0.34;
const HALF = { width: 0.7, deep: 1.9 };

interface Bloom {
  mm: number;
  kind: Kind;
  deep: number;
  over: boolean;
}

/** How one flower of many stands with its opening. */
function ageOf(s: Sprig, kind: Kind, mm: number): Bloom {
  const at = s.random();
  const [bud, over] = [AGES.bud + s.season.budding, AGES.over + s.season.fading];
  if (at < bud) return { mm: mm * BUD, kind: 'bud', deep: 1, over: false };
  if (at < bud + AGES.half) return { mm: mm * HALF.width, kind, deep: HALF.deep, over: false };
  return { mm, kind, deep: 1, over: at > 1 - over };
}

/** A flower of the plant’s own kind: one head, looking or pointing along `facing`. `size` scales it. */
export function flowerAt(s: Sprig, at: Vec, facing: Vec, size = 1): void {
  const { look } = s;
  if (!look) return;
  const mm = s.plant.flower.sizeMm * size * between(s, 0.88, 1.16);
  if (look.as === 'umbel') return umbelAt(s, at, facing, mm, look);
  const { a, b } = flowerColours(s);
  const own = { a, b, owner: s.owner };
  if (look.as === 'stand')
    return s.put({
      ...own,
      kind: look.kind,
      at,
      along: facing,
      face: [-facing[2], 0.2, facing[0]],
      length: mm,
      width: mm * look.aspect,
      // As deep as it is wide; a tail nods.
      droop: mm * look.aspect * (look.kind === 'foxtail' ? between(s, 0.8, 2) : 1),
      glow: 0.35,
    });
  if (look.as === 'hung') {
    const bloom = ageOf(s, look.kind, mm);
    // By a thread, from a little higher.
    stemBetween(s, add(at, [between(s, -5, 5), mm * 0.34, between(s, -5, 5)]), at, 1.2);
    return s.put({
      ...own,
      kind: bloom.kind,
      at,
      along: [between(s, -0.25, 0.25), -1, between(s, -0.25, 0.25)],
      face: facing,
      length: bloom.mm,
      width: bloom.mm * look.aspect,
      droop: bloom.mm * look.aspect,
      glow: 0.5,
    });
  }
  const bloom = ageOf(s, look.kind, mm);
  const bud = bloom.kind === 'bud';
  s.put({
    ...own,
    a: bloom.over ? spent(a) : bud ? blend(a, stemColour(s.plant), 0.3) : a,
    b: bud ? stemColour(s.plant) : b,
    kind: bloom.kind,
    at,
    // It is modelled facing +Z round its middle, its lower lip down; a bud along its way.
    along: bud ? facing : sideUp(s, facing),
    face: bud ? [0, 1, 0] : facing,
    length: bloom.mm,
    width: bud ? bloom.mm * 0.6 : bloom.mm,
    droop: bud ? bloom.mm * 0.6 : bloom.mm * bloom.deep,
    glow: 0.5,
  });
}

/** A raceme is so many of its flowers’ widths long, and bears a bud or two over them. By eye. */
const RACEME_LONG = 2.6;
const RACEME_BUDS = 2;

/** Flowers up one stalk, from the lowest, which opened first, to the buds at its tip. */
export function racemeAt(s: Sprig, from: Vec, up: Vec, many: number, size = 1): void {
  const mm = s.plant.flower.sizeMm * size;
  const way = unit(up);
  const long = mm * RACEME_LONG * between(s, 0.8, 1.15);
  stemBetween(s, from, add(from, way, long), 1.3);
  const round = between(s, 0, Math.PI * 2);
  for (let k = 0; k < many; k += 1) {
    const out = unit(add(toward(round + k * GOLDEN, 0.15), way, 0.3));
    flowerAt(
      s,
      add(add(from, way, long * (0.3 + (0.6 * k) / many)), out, mm * 0.36),
      out,
      size * (1 - (0.2 * k) / many),
    );
  }
  const green = stemColour(s.plant);
  const { a } = flowerColours(s);
  for (let k = 0; k < RACEME_BUDS; k += 1)
    s.put({
      kind: 'bud',
      at: add(from, way, long * (0.92 + 0.08 * k)),
      along: unit(add(toward(round + k * 2.5, 0.4), way)),
      face: [0, 1, 0],
      length: mm * BUD * (1 - 0.3 * k),
      width: mm * BUD * 0.6,
      droop: mm * BUD * 0.6,
      a: blend(a, green, 0.3),
      b: green,
      owner: s.owner,
    });
}

/** The way up of a flower that looks along `facing`, rolled a little to one side. */
function sideUp(s: Sprig, facing: Vec): Vec {
  const f = unit(facing);
  const k = f[1];
  const up: Vec = [-f[0] * k + between(s, -0.4, 0.4), 1 - k * k, -f[2] * k + between(s, -0.4, 0.4)];
  return Math.hypot(...up) < 0.2 ? [between(s, -1, 1), 0, between(s, -1, 1)] : up;
}

/** A throat under this share of the flower is an eye. Working figure. */
const SMALL_EYE = 0.25;

/** From so round a head is a globe: its florets go on below its middle, and it leans less on its stalk. By eye. */
const GLOBE = 0.98;
const HEADS = { dome: { down: 1.25, lean: 0.55 }, globe: { down: 1.7, lean: 0.15 } };

function umbelAt(s: Sprig, at: Vec, facing: Vec, mm: number, look: FlowerLook & { as: 'umbel' }): void {
  const florets = Math.round(Math.max(5, Math.min(look.florets, mm / 3.4)));
  // A small eye is lost among florets; only a second colour of some size is seen in them.
  const eye = s.plant.colours.find((c) => c.part === 'throat')?.share ?? 1;
  const axis = unit(facing);
  const head = look.flat < GLOBE ? HEADS.dome : HEADS.globe;
  const each = (mm * 1.5) / Math.sqrt(florets);
  for (let i = 0; i < florets; i += 1) {
    const up = toward(i * GOLDEN, Math.asin(1 - (head.down * (i + 0.5)) / florets));
    // The dome stands on the stalk: turned from straight up to where the stalk points.
    const dir = unit([
      up[0] + axis[0] * head.lean,
      up[1] * look.flat + axis[1] * (head.lean + 0.2),
      up[2] + axis[2] * head.lean,
    ]);
    const { a, b } = flowerColours(s);
    const bud = i >= florets - 2 && florets > 8;
    s.put({
      kind: bud ? 'bud' : look.kind,
      at: add(at, [dir[0], dir[1] * look.flat, dir[2]], mm * 0.36 * between(s, 0.85, 1.1)),
      along: bud ? dir : sideUp(s, dir),
      face: bud ? [0, 1, 0] : dir,
      length: bud ? each * 0.5 : each,
      width: bud ? each * 0.3 : each,
      droop: bud ? each * 0.3 : each,
      a: bud ? blend(a, stemColour(s.plant), 0.35) : a,
      b: eye < SMALL_EYE ? blend(a, b, Math.max(eye, look.kind === 'geranium' ? 0.5 : 0.7)) : b,
      owner: s.owner,
      glow: 0.45,
    });
  }
}

/** Share of the square of its size that one head covers. By the outlines they are drawn with. */
const COVERS = { open: 0.7, umbel: 0.72, hung: 0.5, stand: 0.75 };

/** What one head covers, mm². */
function headMm2({ look, plant }: Sprig): number {
  if (!look) return 0;
  const wide = look.as === 'stand' || look.as === 'hung' ? look.aspect : 1;
  return plant.flower.sizeMm ** 2 * COVERS[look.as] * wide;
}

/**
 * No more than this is a flower drawn larger where there would be too many of its own size; the smallest
 * stand for a knot of them, so wide, mm. Working figures by eye.
 */
const MOST_SWELL = 2;
const KNOT_MM = 22;
/** Of flowers smaller than this twice as many are drawn as of others, mm. */
const TINY_MM = 18;

/**
 * Heads in flower now, and how much larger each is drawn: as many as, strewn over so much of an outside,
 * cover the share of it that is flower; where that is more than can be drawn, fewer and larger.
 */
export function heads(s: Sprig, surfaceMm2: number, most: number): { many: number; size: number } {
  const one = headMm2(s);
  if (one <= 0) return { many: 0, size: 1 };
  // What is strewn overlaps: n heads leave e^(−n·head/outside) of it bare.
  const { plant } = s;
  const bare = 1 - Math.min(0.95, plant.flower.show * s.grown.bloom);
  // Buds come beside the open ones, not for them.
  const open = 1 - s.season.budding;
  const wanted = Math.max(0, (-Math.log(bare) * surfaceMm2 * s.dose) / one / open);
  const many = Math.min(plant.flower.sizeMm < TINY_MM ? most * 2 : most, Math.round(wanted));
  return {
    many,
    size:
      many > 0
        ? Math.max(1, Math.min(Math.max(MOST_SWELL, KNOT_MM / plant.flower.sizeMm), Math.sqrt(wanted / many)))
        : 1,
  };
}

/**
 * Whether a stem, of many, bears flowers: where few are to be seen not every one does; the share that does,
 * by the dose. Working figures.
 */
export const flowersOn = (s: Sprig, stem: number, share = s.dose * 1.7): boolean =>
  (stem * 0.618 + 0.3) % 1 < Math.min(1, Math.max(0.12, share));

/** What open flowers of this plant are, for those that stand along a spire. */
export function spireKind({ look, plant }: Sprig): Kind {
  if (look?.as === 'hung') return 'berry';
  // Small ones of sages, lavenders and mints are two lips; what is larger is a tube.
  if (look?.as === 'stand' && plant.flower.sizeMm < TINY_MM) return 'sage';
  return look?.as === 'open' && look.kind !== 'floret' ? look.kind : 'spikelet';
}
