import { family, type Family } from '../colour/family';
import { lch } from '../colour/oklch';
import { factsOf } from './facts';
import { isForage } from './forage';
import type { Plant } from './schema';
import { isSpiny } from './spines';
import type { Habit } from './habits';
import type { Role } from './traits';

/** What a plant is sorted out by. An empty list, or null, asks for nothing. */
export interface Facets {
  roles: readonly Role[];
  light: readonly LightClass[];
  water: readonly Plant['water'][];
  seasons: readonly Plant['season'][];
  /** Seen colours by family; a plant with any of them is kept. */
  colours: readonly Family[];
  /** Nearest to this colour, as it is seen from two steps away. */
  near: string | null;
  habits: readonly Habit[];
  heightMm: readonly [number, number] | null;
  edible: boolean;
  petSafe: boolean;
  /** Scented in leaf or flower; visited by bees; in leaf all winter. */
  scented: boolean;
  forBees: boolean;
  evergreen: boolean;
}

export const NO_FACETS: Facets = {
  roles: [],
  light: [],
  water: [],
  seasons: [],
  colours: [],
  near: null,
  habits: [],
  heightMm: null,
  edible: false,
  petSafe: false,
  scented: false,
  forBees: false,
  evergreen: false,
};

/** Hours of direct sun that stand for a class: the middle of its range. */
const LIGHT_HOURS = { 'full sun': 8, 'part sun': 5, 'part shade': 3, shade: 1 } as const;
export type LightClass = keyof typeof LIGHT_HOURS;
export const LIGHT_CLASSES = Object.keys(LIGHT_HOURS) as LightClass[];

/** A colour is counted when it covers this share of the plant's outside in full bloom. Working figure. */
const SEEN = 0.08;
/** Hue and lightness this near, ΔE_OK, read as the same colour across a terrace. Working figure. */
const NEAR = 0.14;

interface SeenColour {
  hex: string;
  share: number;
}

/** The colours of a plant that are seen in full bloom, most first. */
export function coloursSeen(p: Plant): SeenColour[] {
  return p.colours
    .map((c) => ({
      hex: c.hex,
      share: c.share * (c.part === 'flower' || c.part === 'throat' ? p.flower.show : 1 - p.flower.show),
    }))
    .filter((c) => c.share >= SEEN)
    .sort((a, b) => b.share - a.share);
}

/** Families a plant shows. Green leaves count as green only where nothing else is to be seen. */
export function familiesOf(p: Plant): Family[] {
  const all = [...new Set(coloursSeen(p).map((c) => family(lch(c.hex))))];
  const coloured = all.filter((f) => f !== 'green');
  return coloured.length > 0 ? coloured : all;
}

const apart = (a: string, b: string): number => {
  const [x, y] = [lch(a), lch(b)];
  const rad = Math.PI / 180;
  return Math.hypot(
    0.6 * (x.l - y.l),
    x.c * Math.cos(x.h * rad) - y.c * Math.cos(y.h * rad),
    x.c * Math.sin(x.h * rad) - y.c * Math.sin(y.h * rad),
  );
};

/** Whether nothing is known against a plant where cats and dogs are about; unknown is never safe. */
export const safeForPets = (p: Plant): boolean =>
  p.poison.cats === 'none' && p.poison.dogs === 'none' && p.irritantSap === 'no' && !isSpiny(p);

/** Whether a plant takes the hours of a light class. */
export const takes = (p: Plant, light: LightClass): boolean =>
  p.sunHours[0] <= LIGHT_HOURS[light] && p.sunHours[3] >= LIGHT_HOURS[light];

const any = <T>(list: readonly T[], test: (x: T) => boolean): boolean => list.length === 0 || list.some(test);

/** Whether a plant is all that is asked for. Unknown is never safe. */
export function hasFacets(p: Plant, f: Facets): boolean {
  const { near } = f;
  return (
    any(f.roles, (r) => p.roles.includes(r)) &&
    any(f.light, (l) => takes(p, l)) &&
    any(f.water, (w) => p.water === w) &&
    any(f.seasons, (s) => p.season === s) &&
    any(f.habits, (h) => p.habit === h) &&
    any(f.colours, (c) => familiesOf(p).includes(c)) &&
    (near === null || coloursSeen(p).some((c) => apart(c.hex, near) < NEAR)) &&
    (f.heightMm === null || (p.heightMm[1] >= f.heightMm[0] && p.heightMm[0] <= f.heightMm[1])) &&
    (!f.edible || p.edible !== 'no') &&
    (!f.petSafe || safeForPets(p)) &&
    (!f.scented || factsOf(p).scent !== 'none') &&
    (!f.forBees || isForage(factsOf(p).bees)) &&
    (!f.evergreen || factsOf(p).winterLook === 'evergreen')
  );
}
