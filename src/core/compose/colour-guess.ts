import { judgeScheme } from '../colour/judge';
import { lch } from '../colour/oklch';
import { schemeOf } from '../colour/schemes';
import type { SchemeColour } from '../colour/schemes/scheme';
import type { Planting } from '../plantings/schema';
import type { Plant } from '../plants/schema';
import { keptBy } from '../units/keep';
import { sum } from '../units/number';
import type { Candidate } from './candidate';

/**
 * What a cast loses for each colour that is missing or too much, and for all that strays beyond the usual
 * accent. Working figures: they guide the search, never the verdict.
 */
const MISSING = 0.5;
const OVER = 0.5;
const STRAYS = 1.2;
const ACCENT = 0.1;

/** The colours of one plant grown to its middle size and in flower, mm². */
const coloursOf = keptBy((p: Plant): SchemeColour[] => {
  const across = (p.spreadMm[0] + p.spreadMm[1]) / 2;
  const area = across ** 2 + across * ((p.trailMm[0] + p.trailMm[1]) / 2);
  return p.colours
    .filter((c) => c.part === 'flower' || c.part === 'leaf' || c.part === 'edge')
    .map((c) => {
      const isFlower = c.part === 'flower';
      const share = isFlower ? p.flower.show : 1 - p.flower.show;
      return { colour: lch(c.hex), area: area * share * c.share, isFlower };
    });
});

/** How far a cast is off its scheme before it is grown: 0 on it, and less the further off. */
export function offScheme({ pattern, cast }: Pick<Candidate, 'pattern' | 'cast'>, { brief }: Planting): number {
  const scheme = schemeOf(brief);
  const seen = pattern.parts.flatMap((part) => {
    const plant = cast[part.id];
    return plant ? coloursOf(plant).map((s) => ({ ...s, area: s.area * part.count })) : [];
  });
  const kinds = new Set(Object.values(cast).map((p) => p.id)).size;
  const r = judgeScheme(scheme, seen, scheme.from === 'no' ? null : brief.from, kinds);
  const lost =
    MISSING * sum(r.missing.map((m) => 1 - m.has / m.least)) +
    OVER * sum(r.over.map((o) => (o.has - o.most) / (1 - o.most))) +
    STRAYS * Math.max(0, r.stray - Math.max(ACCENT, scheme.accent));
  return lost > 0 ? -lost : 0;
}
