import { family } from '../colour/family';
import { judgeScheme } from '../colour/judge';
import { lch } from '../colour/oklch';
import { SCHEMES } from '../colour/schemes';
import type { Scheme } from '../colour/schemes/scheme';
import { plantName, type Part } from '../plants/schema';
import type { Reading } from './finding';
import type { Context } from './context';

export interface SeenColour {
  id: string;
  hex: string;
  part: Part;
  isFlower: boolean;
  area: number;
  belowShare: number;
}

/** Every colour that is seen, with its area: flower parts by how far the plant is in bloom, leaf parts for the rest. */
export function seenColours({ placed, grown, seen }: Context): SeenColour[] {
  return placed.flatMap((p, i) => {
    const g = grown[i];
    const s = seen[i];
    if (!g?.alive || !s) return [];
    const all = s.aboveMm2 + s.belowMm2;
    const inFlower = p.plant.flower.show * g.bloom;
    return p.plant.colours.map((c) => {
      const isFlower = c.part === 'flower' || c.part === 'throat';
      return {
        id: p.id,
        hex: c.hex,
        part: c.part,
        isFlower,
        area: all * c.share * (isFlower ? inFlower : 1 - inFlower),
        belowShare: all > 0 ? s.belowMm2 / all : 0,
      };
    });
  });
}

/** How well what is seen keeps to the scheme. */
export function colour(ctx: Context): Reading[] {
  const { brief } = ctx.planting;
  const scheme: Scheme = SCHEMES[brief.scheme];
  const list = seenColours(ctx);
  if (list.length === 0) return [];
  const seen = list.map((c) => ({ ...c, colour: lch(c.hex) }));
  const r = judgeScheme(scheme, seen, scheme.from === 'no' ? null : brief.from);
  const strays = seen
    .filter((c) => !['green', 'silver'].includes(family(c.colour)))
    .map((c) => ({ id: c.id, off: c.area * (1 - scheme.belongs(c, r.hue)) }))
    .sort((a, b) => b.off - a.off);
  const worst = strays[0];
  const tooMuch = r.stray > scheme.accent;
  const pole = r.missing[0];
  const name = ctx.placed.find((p) => p.id === worst?.id);
  return [
    {
      check: 'colour',
      severity: tooMuch || pole ? 'watch' : 'good',
      measured: r.stray,
      band: [0, scheme.accent],
      unit: 'off the scheme',
      scale: [0, 0.5],
      culprits: tooMuch && worst ? [...new Set(strays.filter((s) => s.off > worst.off * 0.4).map((s) => s.id))] : [],
      says: tooMuch ? 'colour.stray' : pole ? 'colour.pole' : 'colour.good',
      facts: {
        scheme: scheme.label,
        share: r.stray,
        plant: name ? plantName(name.plant) : '',
        pole: pole?.name ?? '',
        has: pole?.has ?? 0,
        least: pole?.least ?? 0,
      },
      rule: `${scheme.label}: no more than ${Math.round(scheme.accent * 100)} % of the coloured area off the scheme`,
      source: 'practice, accent share 5–15 %; OKLCH (Ottosson 2020)',
      quality:
        Math.max(
          0,
          1 - Math.max(0, r.stray - 0.06) * 2.4 - r.missing.reduce((s, m) => s + 0.5 * (1 - m.has / m.least), 0),
        ) * (r.coloured < 0.12 ? 0.6 : 1),
    },
  ];
}
