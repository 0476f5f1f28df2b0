import { family, isNeutral } from '../colour/family';
import { hueGap, lch } from '../colour/oklch';
import { leafColours, type LeafColour, repeats } from '../plants/leaf-colours';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';

/** A flower picks up a colour of the leaf from here up; hues stand against each other from so many degrees, and are no longer close from so many; light against dark from so much lightness. Working figures. */
const PICKS_UP = 0.3;
const SHOWS = 0.25;
const AGAINST = 100;
const BESIDE = 48;
const STRONG = 0.1;
const CONTRAST = 0.45;

const WHERE: Record<LeafColour['part'], string> = {
  edge: 'the edge of the leaf',
  vein: 'the veins of the leaf',
  stem: 'the stems',
  leaf: 'the leaf',
};

const pairs = <T>(list: readonly T[]): [T, T][] => list.flatMap((a, i) => list.slice(i + 1).map((b): [T, T] => [a, b]));

/** “The calibrachoa picks up the edge of the leaf.” */
function pickedUp(lead: Plant, others: readonly Plant[]): string | null {
  for (const { part, hex } of leafColours(lead)) {
    if (isNeutral(lch(hex))) continue;
    const one = others.find((p) => p.flower.show >= SHOWS && repeats(p, hex) >= PICKS_UP);
    if (one) return `the ${one.common.toLowerCase()} picks up ${WHERE[part]}`;
  }
  return null;
}

/** What a planting is about, in a few words, told by its colours: what a leaf and a flower share, hues that stand against each other, light and dark, or one quiet family. */
export function ideaOf(kinds: readonly Plant[], lead: Plant | undefined): string {
  const shared =
    lead &&
    pickedUp(
      lead,
      kinds.filter((p) => p !== lead),
    );
  if (shared) return shared;
  const seen = kinds.map((p) => lch(signature(p)));
  const strong = seen.filter((c) => !isNeutral(c) && c.c >= STRONG);
  const [a, b] = pairs(strong).sort(([x, y], [u, v]) => hueGap(u.h, v.h) - hueGap(x.h, y.h))[0] ?? [];
  const wide = a && b && family(a) !== family(b) ? hueGap(a.h, b.h) : 0;
  if (a && b && wide >= AGAINST) return `${family(a)} set against ${family(b)}`;
  const light = seen.map((c) => c.l);
  if (Math.max(...light) - Math.min(...light) >= CONTRAST) return 'pale set against dark';
  if (a && b && wide >= BESIDE) return `${family(a)} beside ${family(b)}`;
  return strong.length * 2 > kinds.length ? 'close colours at full strength' : 'close colours, quiet together';
}
