import { family, isNeutral } from '../colour/family';
import { judgeScheme } from '../colour/judge';
import { type Lch, lch } from '../colour/oklch';
import { schemeOf } from '../colour/schemes';
import { plantName } from '../plants/schema';
import type { Only } from '../plants/sorts';
import { check, percent } from './check';
import { type SeenColour, tellingColours } from './seen-colours';
import type { Standing } from './standing';
import { sum } from '../units/number';

/**
 * Straying up to here costs nothing, and from there each hundredth this many. A missing pole costs up to
 * half. Working figures.
 */
const FREE = 0.06;
const STRAY_COSTS = 2.4;
const POLE_COSTS = 0.6;
/** What is too much of one pole costs up to this, where there is nothing else. Working figure. */
const OVER_COSTS = 0.7;
/**
 * One kind off the scheme on more than this share of the flower argues with the rest; under it, it is an
 * accent. Practice.
 */
const CLASHES = 0.12;
const CLASH_LEAVES = 0.35;
/** Under this share of the colour a flower is not what is looked at. Working figure. */
const MATTERS = 0.15;
/** So much may stray in any scheme. Practice. */
const ACCENT = 0.1;
/** Hardly any colour at all is worth less. Working figures. */
const COLOURLESS = 0.12;
const COLOURLESS_LEAVES = 0.6;
/** Named with the worst: whoever strays this much of what it does. */
const ALSO = 0.4;

/**
 * A star whose own colour is off the scheme by more than half speaks against all of it, and leaves this where
 * it is wholly off. Practice: a scarlet canna in an all-white pot.
 */
const STAR_OFF = 0.5;
const STAR_LEAVES = 0.2;
/** A leaf this dark rests the eye whatever its hue. Working figure. */
const isDark = ({ l }: Lch): boolean => l < 0.45;
/** With less than this of all that is seen it is not what is looked at: a canna’s flower is small. Working figure. */
const STAR_SHOWS = 0.003;

/** A star of another colour than was asked for, and how far off it is, 0–1; undefined where there is none. */
function strayingStar(
  { plants }: Standing,
  seen: readonly Told[],
  belongs: (s: Told) => number,
): { id: string; off: number } | undefined {
  const all = sum(seen.map((s) => s.area));
  const [mine, off] = [new Map<string, number>(), new Map<string, number>()];
  for (const s of seen) {
    const star = plants.find((p) => p.id === s.id && p.role === 'thriller');
    if (!star || isNeutral(s.colour) || (!s.isFlower && isDark(s.colour))) continue;
    mine.set(s.id, (mine.get(s.id) ?? 0) + s.area);
    off.set(s.id, (off.get(s.id) ?? 0) + s.area * (1 - Math.max(0, belongs(s))));
  }
  return [...mine]
    .filter(([, area]) => area > STAR_SHOWS * all)
    .map(([id, area]) => ({ id, off: (off.get(id) ?? 0) / area }))
    .find((s) => s.off > STAR_OFF);
}
/** What is left of the quality beside a star so far off. */
const besideStar = (off: number): number => 1 - ((1 - STAR_LEAVES) * (off - STAR_OFF)) / (1 - STAR_OFF);
type Told = SeenColour & { colour: Lch };

/**
 * What is grown to be eaten, or is of a sort that comes in few colours, is chosen for its colour second: what
 * it lacks weighs less, what strays as much as elsewhere. Working figure.
 */
const SECOND: ReadonlySet<Only> = new Set<Only>(['edible', 'succulents', 'evergreen']);
const SECOND_KEEPS = 0.6;
const eased = (only: Only, quality: number): number =>
  SECOND.has(only) ? SECOND_KEEPS + (1 - SECOND_KEEPS) * quality : quality;

/** How what is missing is said. */
const LACKS = { share: 'pole', all: 'pale', count: 'few' } as const;

/** “more red”, but “more of your second colour”. */
const ofIt = (pole: string): string => (/^(your|the) /.test(pole) ? `of ${pole}` : pole);

/** Off-scheme flower by kind, most first. */
function kindsOff({ plants }: Standing, off: readonly SeenColour[]): { ids: string[]; area: number }[] {
  const kinds = new Map<string, { ids: string[]; area: number }>();
  for (const c of off) {
    const kind = plants.find((p) => p.id === c.id)?.plant.id ?? '';
    const known = kinds.get(kind) ?? { ids: [], area: 0 };
    kinds.set(kind, { ids: [...new Set([...known.ids, c.id])], area: known.area + c.area });
  }
  return [...kinds.values()].sort((a, b) => b.area - a.area);
}

/** How well what is seen keeps to the scheme; the plume of a grass is no colour. */
export const colour = check({
  name: 'Colour',
  facet: 'scheme',
  weight: 14,
  at: 'plants',
  ends: ['on the scheme', 'straying'],
  of: (standing) => {
    const { brief } = standing.planting;
    const scheme = schemeOf(brief);
    const plumes = new Set(standing.plants.filter((p) => p.plant.group === 'grass').map((p) => p.id));
    const seen = tellingColours(standing)
      .filter((c) => !(c.isFlower && plumes.has(c.id)))
      .map((c) => ({ ...c, colour: lch(c.hex) }));
    if (seen.length === 0) return [];
    const r = judgeScheme(
      scheme,
      seen,
      scheme.from === 'no' ? null : brief.from,
      new Set(standing.plants.map((p) => p.plant.id)).size,
    );
    const strays = seen
      .filter((c) => !['green', 'silver'].includes(family(c.colour)))
      .map((c) => ({ id: c.id, off: c.area * (1 - scheme.belongs(c, r.hue)) }))
      .sort((a, b) => b.off - a.off);
    const worst = strays[0];
    const coloured = sum(seen.filter((c) => family(c.colour) !== 'green').map((c) => c.area));
    const bloom = sum(seen.filter((c) => c.isFlower).map((c) => c.area));
    const clash = kindsOff(
      standing,
      seen.filter((c) => c.isFlower && brief.scheme !== 'all-leaf' && scheme.belongs(c, r.hue) < 0.5),
    ).find((k) => bloom > MATTERS * coloured && k.area > CLASHES * bloom);
    const star =
      brief.scheme === 'all-leaf' ? undefined : strayingStar(standing, seen, (s) => scheme.belongs(s, r.hue));
    const tooMuch = r.stray > Math.max(scheme.accent, ACCENT) || clash !== undefined;
    const pole = r.missing[0];
    const over = r.over[0];
    const name = standing.plants.find((p) => p.id === (star?.id ?? clash?.ids[0] ?? worst?.id));
    const missing = r.missing.reduce((s, m) => s + POLE_COSTS * (1 - m.has / m.least), 0);
    const swamped = r.over.reduce((s, m) => s + (OVER_COSTS * (m.has - m.most)) / (1 - m.most), 0);
    return [
      {
        severity: star || tooMuch || pole || over ? 'watch' : 'good',
        measured: r.stray,
        band: [0, scheme.accent],
        unit: 'outside the scheme',
        scale: [0, 0.5],
        culprits: star
          ? [star.id]
          : clash
            ? clash.ids
            : tooMuch && worst
              ? [...new Set(strays.filter((s) => s.off > worst.off * ALSO).map((s) => s.id))]
              : [],
        says: star ? 'star' : tooMuch ? 'stray' : pole ? LACKS[pole.by] : over ? 'over' : 'good',
        facts: {
          scheme: scheme.label,
          share: r.stray,
          plant: name ? plantName(name.plant) : '',
          pole: pole?.name ?? '',
          has: pole?.has ?? 0,
          least: pole?.least ?? 0,
          much: over?.name ?? '',
          hasMuch: over?.has ?? 0,
          most: over?.most ?? 0,
        },
        rule: `${scheme.label}: at most ${Math.round(scheme.accent * 100)}% of the colour outside the scheme`,
        source: 'common practice, accent share 5–15%; OKLCH (Ottosson 2020)',
        quality:
          (star ? besideStar(star.off) : clash ? CLASH_LEAVES : 1) *
          Math.max(0, 1 - Math.max(0, r.stray - FREE) * STRAY_COSTS) *
          eased(brief.only, Math.max(0, 1 - missing - swamped) * (r.coloured < COLOURLESS ? COLOURLESS_LEAVES : 1)),
      },
    ];
  },
  words: {
    good: (f) => `Keeps to ${f.text('scheme').toLowerCase()}, ${f.pct('share')} accent.`,
    stray: (f) => `${f.pct('share')} of the colour is outside the scheme, mostly ${f.text('plant')}.`,
    star: (f) => `${f.text('plant')} is the centrepiece but not in the colours you asked for.`,
    few: (f) => `Needs more ${ofIt(f.text('pole'))}: ${f.num('has')} of at least ${f.num('least')}.`,
    over: (f) =>
      `Too much ${f.text('much')}: ${f.pct('hasMuch')} of the colour; ${f.pct('most')} is the most the other colours can balance.`,
    pale: (f) => `Needs more ${ofIt(f.text('pole'))}: ${f.pct('has')} of what you see; aim for ${f.pct('least')}.`,
    pole: (f) => `Needs more ${ofIt(f.text('pole'))}: ${f.pct('has')} of the colour; aim for ${f.pct('least')}.`,
  },
  figure: percent,
  ideas: ['swap', 'one more', 'take one of many out'],
});
