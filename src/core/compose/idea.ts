import { type Family, family, isNeutral } from '../colour/family';
import { hueGap, type Lch, lch } from '../colour/oklch';
import { called } from '../plants/called';
import { leafColours, type LeafColour, repeats } from '../plants/leaf-colours';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';
import { listed } from '../units/listed';
import { hashText } from '../units/number';

/**
 * A flower picks up a colour of the leaf from here up; hues stand against each other from so many degrees,
 * and are no longer close from so many; light against dark from so much lightness. Working figures.
 */
const PICKS_UP = 0.3;
const SHOWS = 0.25;
const AGAINST = 100;
const BESIDE = 48;
const STRONG = 0.1;
const CONTRAST = 0.45;

const WHERE: Record<LeafColour['part'], string> = {
  edge: 'its leaf edge',
  vein: 'its leaf veins',
  stem: 'its stems',
  leaf: 'its leaf',
};

const pairs = <T>(list: readonly T[]): [T, T][] => list.flatMap((a, i) => list.slice(i + 1).map((b): [T, T] => [a, b]));

/** “The calibrachoas repeat the colour of its leaf edge.” */
function pickedUp(lead: Plant, others: readonly Plant[]): string | null {
  for (const { part, hex } of leafColours(lead)) {
    if (isNeutral(lch(hex))) continue;
    const one = others.find((p) => p.flower.show >= SHOWS && repeats(p, hex) >= PICKS_UP);
    if (one) return `the ${called({ ...one, variety: '' }, true)} repeat the colour of ${WHERE[part]}`;
  }
  return null;
}

/** Ways of saying one thing, so that not every card says it alike; which of them hangs on the colours alone. */
const AGAINST_WAYS = [
  (a: string, b: string) => `${a} against ${b}`,
  (a: string, b: string) => `${b} makes the ${a} glow`,
  (a: string, b: string) => `${a}, sharp on ${b}`,
  (a: string, b: string) => `a contrast of ${a} and ${b}`,
];
const BESIDE_WAYS = [
  (a: string, b: string) => `${a} beside ${b}`,
  (a: string, b: string) => `${a} running into ${b}`,
  (a: string, b: string) => `${a} and ${b} side by side`,
];
const STRONG_WAYS = [
  (all: string) => `${all}, clear and strong`,
  (all: string) => `bright ${all}`,
  (all: string) => `${all}, to be seen across a street`,
];
const QUIET_WAYS = ['soft together', 'pale and calm', 'in quiet shades'];
const oneOf = <T>(colours: readonly Lch[], ways: readonly T[]): T =>
  ways[hashText(colours.map((c) => Math.round(c.h)).join()) % ways.length] as T;

/** A colour as a sentence says it. */
const said = (f: Family): string => (f === 'black' ? 'near black' : f);

/** “White and wine”, “pink, red and orange”: colours by name, each once. */
export const named = (colours: readonly Lch[]): string => listed([...new Set(colours.map(family))].map(said));

/** The palest set against the darkest, where they are far apart. */
function paleOnDark(colours: readonly Lch[]): string | null {
  const sorted = [...colours].sort((a, b) => b.l - a.l);
  const [pale, dark] = [sorted[0], sorted[sorted.length - 1]];
  if (!pale || !dark || pale.l - dark.l < CONTRAST) return null;
  const [a, b] = [family(pale), family(dark)];
  if (a === b) return `pale ${a} against dark ${a}`;
  return oneOf(colours, AGAINST_WAYS)(said(a), b === 'green' ? 'dark foliage' : said(b));
}

/** White alone stands on its leaf. */
function close(seen: readonly Lch[], strong: boolean): string {
  const colours = seen.filter((c) => family(c) !== 'green');
  if (strong) return oneOf(seen, STRONG_WAYS)(named(colours));
  const alone = new Set(colours.map(family)).size < 2;
  return `${alone ? `${named(colours)}${colours.length > 0 ? ' and ' : ''}green` : named(colours)}, ${oneOf(seen, QUIET_WAYS)}`;
}

/** “Fruit and leaves to pick, in wine and yellow”; nothing where some of it is not to be eaten. */
function toPick(kinds: readonly Plant[], seen: readonly Lch[]): string | null {
  if (!kinds.every((p) => p.edible === 'leaf' || p.edible === 'fruit')) return null;
  const what = kinds.some((p) => p.edible === 'fruit') ? 'fruit and leaves' : 'leaves';
  return `${what} to pick, in ${named(seen)}`;
}

/**
 * What a planting is about, in a few words, told by what is picked or by its colours: what a leaf and a
 * flower share, hues that stand against each other, light and dark, or one quiet family.
 */
export function ideaOf(kinds: readonly Plant[], lead: Plant | undefined): string {
  const others = kinds.filter((p) => p !== lead);
  const seen = kinds.map((p) => lch(signature(p)));
  const first = toPick(kinds, seen) ?? (lead && pickedUp(lead, others));
  if (first) return first;
  const strong = seen.filter((c) => !isNeutral(c) && c.c >= STRONG);
  const [a, b] = pairs(strong).sort(([x, y], [u, v]) => hueGap(u.h, v.h) - hueGap(x.h, y.h))[0] ?? [];
  const wide = a && b && family(a) !== family(b) ? hueGap(a.h, b.h) : 0;
  if (a && b && wide >= AGAINST) return oneOf(seen, AGAINST_WAYS)(family(a), family(b));
  const contrast = paleOnDark(seen);
  if (contrast) return contrast;
  if (a && b && wide >= BESIDE) return oneOf(seen, BESIDE_WAYS)(family(a), family(b));
  return close(seen, strong.length * 2 > kinds.length);
}
