// What is proposed over many briefs, and where praised plantings stand among chance ones, as JSON lines. Part
// of `npm run bench`;
// `--list` prints every proposal in words, to be read by someone who knows; TASTE_KEEP=DIR keeps each as a
// file for `npm run sheet`.
import { mkdirSync, writeFileSync } from 'node:fs';
import { measure } from '../src/core/balance/assess';
import { compose, type Proposal } from '../src/core/compose/compose';
import { offer } from '../src/core/compose/filter';
import { patternsFor } from '../src/core/compose/patterns';
import { place } from '../src/core/compose/place';
import type { Container, Shape } from '../src/core/containers/schema';
import { LIBRARY } from '../src/core/plants';
import { factsOf } from '../src/core/plants/facts';
import type { Plant } from '../src/core/plants/schema';
import { freshPlanting } from '../src/core/plantings/fresh';
import { resolve } from '../src/core/plantings/resolve';
import type { Planting, SchemeId } from '../src/core/plantings/schema';
import { usualSchool } from '../src/core/schools';
import type { Spot } from '../src/core/spots/schema';
import { coldMonths } from '../src/core/testing/scenarios/cold-months';
import { kitchenScenarios } from '../src/core/testing/scenarios/kitchen';
import { lasting } from '../src/core/testing/scenarios/lasting';
import { plantingOf } from '../src/core/testing/scenarios/scenario';
import { summer } from '../src/core/testing/scenarios/summer';
import { spotIn } from '../src/core/testing/growers/places';
import { median, seeded } from '../src/core/units/number';

const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const fresh = freshPlanting('taste', 'Taste', '2026-05-16');
const LIST = process.argv.includes('--list');
const KEEP = process.env.TASTE_KEEP;
/** Chance plantings set beside each praised one. */
const CHANCE = Number(process.env.TASTE_CHANCE ?? 100);

const box = (lengthMm: number): Shape => ({
  kind: 'box',
  lengthMm,
  widthMm: 210,
  baseLengthMm: lengthMm - 30,
  baseWidthMm: 180,
  depthMm: 200,
});
const round = (topMm: number): Shape => ({ kind: 'round', topMm, baseMm: topMm * 0.74, depthMm: topMm * 0.9 });
const PLACES: [string, Partial<Container>, Partial<Spot>][] = [
  ['pot 40', { shape: round(400) }, {}],
  ['pot 30', { shape: round(300), material: 'terracotta', colour: '#b5654a' }, {}],
  ['tub 55', { shape: round(550), material: 'timber', colour: '#6b5a45' }, {}],
  ['bowl 45', { shape: { kind: 'bowl', topMm: 450, depthMm: 180 }, material: 'terracotta', colour: '#b5654a' }, {}],
  [
    'basket 35',
    {
      shape: { kind: 'basket', topMm: 350, depthMm: 190 },
      material: 'coir',
      liner: true,
      mount: 'hook',
      rimHeightMm: 2300,
    },
    {},
  ],
  [
    'box 90',
    { shape: box(900), material: 'timber', colour: '#2f3b33', mount: 'sill', rimHeightMm: 1150 },
    { seen: 'wall', backdrop: '#8b9698' },
  ],
];
const LIGHTS: [string, number[]][] = [
  ['sun', [9, 10, 11, 12, 13, 14, 15]],
  ['half sun', [8, 9, 10, 11]],
  ['shade', [9]],
];
const SCHEMES: SchemeId[] = [
  'warm',
  'pink-purple',
  'cool',
  'everything-bright',
  'pastel',
  'all-white',
  'one-hue-white',
  'dark-bright',
  'opposites',
  'red-white-blue',
];

type At = [Partial<Container>, Partial<Spot>];
const withSpot = ([c, s]: At, spot: Partial<Spot>): At => [c, { ...s, ...spot }];

/** The briefs: shape by light by three schemes each, and some for other seasons and uses. */
function briefs(): [string, Planting][] {
  let scheme = 0;
  const asked = (
    name: string,
    c: Partial<Container>,
    s: Partial<Spot>,
    b: Partial<Planting['brief']>,
    day = '2026-05-16',
  ) => {
    const container = { ...fresh.container, ...c };
    const brief = { ...fresh.brief, budget: null, school: usualSchool(container.shape), ...b };
    return [name, { ...fresh, container, spot: { ...fresh.spot, ...s }, brief, startDate: day }] as [string, Planting];
  };
  const out = PLACES.flatMap(([place, c, s]) =>
    LIGHTS.flatMap(([light, hours]) =>
      Array.from({ length: 3 }, () => {
        const id = SCHEMES[scheme++ % SCHEMES.length] ?? 'warm';
        return asked(
          `${place}, ${light}, ${id}`,
          c,
          { ...s, light: { kind: 'noted', hours, dappled: false } },
          { scheme: id },
        );
      }),
    ),
  );
  const [pot, , tub, , basket, window] = PLACES;
  const at = (p: (typeof PLACES)[number] | undefined): At => [p?.[1] ?? {}, p?.[2] ?? {}];
  return [
    ...out,
    asked('pot, spring, pastel', ...at(pot), { scheme: 'pastel', changeOver: '2026-06-01' }, '2026-03-20'),
    asked('box, spring, opposites', ...at(window), { scheme: 'opposites', changeOver: '2026-06-01' }, '2026-03-20'),
    asked(
      'basket, winter, pink and purple',
      ...at(basket),
      { scheme: 'pink-purple', changeOver: '2027-04-10' },
      '2026-10-01',
    ),
    asked('pot, autumn, warm', ...at(pot), { scheme: 'warm', changeOver: '2027-03-31' }, '2026-09-15'),
    asked('tub, year-round, all leaf', ...at(tub), { scheme: 'all-leaf', lasting: true }, '2026-05-10'),
    asked('pot, to eat', ...at(pot), { scheme: 'all-leaf', only: 'edible' }),
    asked('pot, succulents', ...at(pot), { scheme: 'cool', only: 'succulents' }),
    asked('box, for bees', ...at(window), { scheme: 'cool', only: 'bees' }),
    asked('pot, tropics, bright', at(pot)[0], spotIn('tropics', 6), { scheme: 'everything-bright' }),
    asked('tub, tropics, shade', at(tub)[0], spotIn('tropics', 1), { scheme: 'pink-purple' }),
    asked('basket, hot, warm', at(basket)[0], spotIn('hot', 8), { scheme: 'warm' }),
    asked('pot, southern, pastel', at(pot)[0], spotIn('south', 6), { scheme: 'pastel' }, '2026-10-20'),
    asked('pot, windy, red', ...withSpot(at(pot), { wind: 'windy' }), { scheme: 'warm' }),
    asked('tub, hard winter, year-round', ...withSpot(at(tub), { coldestWinterC: -20 }), {
      scheme: 'all-leaf',
      lasting: true,
    }),
  ];
}

/** Files that sort as they were proposed; named by brief, place and score on a sheet. */
function keep(brief: string, proposals: readonly Proposal[]): void {
  if (!KEEP) return;
  mkdirSync(KEEP, { recursive: true });
  const number = String(list.findIndex(([name]) => name === brief)).padStart(2, '0');
  proposals.forEach((p, i) => {
    const planting = { ...p.planting, name: `${brief} · ${i + 1} · ${p.report.score}` };
    writeFileSync(`${KEEP}/${number}-${i + 1}.json`, JSON.stringify(planting));
  });
}

const kindsOf = (p: Proposal) => [...new Map(resolve(p.planting).map((x) => [x.plant.id, x])).values()];

const list = briefs();
const all: Proposal[] = [];
const [firsts, times]: [number[], number[]] = [[], []];
for (const [name, planting] of list) {
  const from = performance.now();
  let first: number | null = null;
  const { proposals, problem } = compose(planting, {
    onProgress: (_, sofar) => {
      if (sofar.length > 0) first ??= performance.now() - from;
    },
  });
  times.push(performance.now() - from);
  if (first !== null) firsts.push(first);
  all.push(...proposals);
  keep(name, proposals);
  if (!LIST) continue;
  console.log(`\n## ${name}${problem ? `: ${problem}` : ''}`);
  for (const p of proposals) {
    const watch = p.report.findings.filter((f) => f.severity !== 'good').map((f) => f.check);
    console.log(`  ${p.report.score} ${p.reason.split('. ')[0]}${watch.length ? ` [${watch.join(', ')}]` : ''}`);
  }
}
const plants = all.flatMap((p) => resolve(p.planting).map((x) => x.plant));
const uses = new Map<string, number>();
for (const p of all) for (const k of kindsOf(p)) uses.set(k.plant.id, (uses.get(k.plant.id) ?? 0) + 1);
const [most, n] = [...uses].sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
const share = (count: number, of: number) => Number((count / Math.max(1, of)).toFixed(3));
say({
  case: 'proposals',
  briefs: list.length,
  proposals: all.length,
  staples: share(plants.filter((p) => factsOf(p).ease === 'staple').length, plants.length),
  staplesOrCommon: share(plants.filter((p) => ['staple', 'common'].includes(factsOf(p).ease)).length, plants.length),
  mostUsed: most,
  mostUsedShare: share(n, all.length),
  kinds: uses.size,
  over95: share(all.filter((p) => p.report.score >= 95).length, all.length),
  under75: share(all.filter((p) => p.report.score < 75).length, all.length),
  wrong: all.filter((p) => p.report.findings.some((f) => f.severity === 'wrong')).length,
  watch: share(all.filter((p) => p.report.findings.some((f) => f.severity !== 'good')).length, all.length),
  firstMs: Math.round(median(firsts)),
  allMs: Math.round(median(times)),
  slowestMs: Math.round(Math.max(...times)),
});

/** What experts object to most, and the checks that tell of it. */
const CAUSES: Record<string, readonly string[]> = {
  'colours missing': ['colour'],
  buried: ['buried'],
  'out of season': ['season', 'nights'],
  thin: ['cover'],
  'star does not lead': ['steps', 'centrepiece'],
  'only leaks': ['sort'],
  'the place': ['light', 'scorch', 'heat', 'winter', 'warmth'],
};
const has = (p: Proposal, checks: readonly string[]) =>
  p.report.findings.some((f) => f.severity !== 'good' && checks.includes(f.check));
for (const [cause, checks] of Object.entries(CAUSES))
  say({ cause, proposals: all.filter((p) => has(p, checks)).length, of: all.length });

/** The plants that professionals use most; shares of the proposals that hold one. */
const STAPLES: Record<string, (p: Plant) => boolean> = {
  'zonal pelargonium': (p) => p.botanical.startsWith('Pelargonium') && p.habit !== 'trail' && p.habit !== 'cascade',
  petunia: (p) => p.botanical.startsWith('Petunia'),
  dahlia: (p) => p.botanical.startsWith('Dahlia'),
};
for (const [staple, is] of Object.entries(STAPLES))
  say({ staple, share: share(all.filter((p) => kindsOf(p).some((k) => is(k.plant))).length, all.length) });

if (!LIST) {
  const random = seeded(20261125);
  const pick = <T>(of: readonly T[]): T | undefined => of[Math.floor(random() * of.length)];
  const ranks = [...summer, ...coldMonths, ...lasting, ...kitchenScenarios].map((s) => {
    const planting = plantingOf(s);
    const { offered } = offer(planting, LIBRARY);
    const patterns = patternsFor(planting);
    const mine = measure(planting).score;
    let [better, tried] = [0, 0];
    for (let i = 0; i < CHANCE * 4 && tried < CHANCE; i += 1) {
      const pattern = pick(patterns);
      if (!pattern) break;
      const cast = Object.fromEntries(
        pattern.parts.flatMap((x) => {
          const plant = pick(offered.filter((p) => p.roles.includes(x.role)));
          return plant ? [[x.id, plant]] : [];
        }),
      );
      const placements = place(pattern, cast, planting, false);
      if (!placements) continue;
      tried += 1;
      if (measure({ ...planting, placements }).score > mine) better += 1;
    }
    return { id: s.id, rank: tried > 0 ? better / tried : 1 };
  });
  const worst = ranks.reduce((a, b) => (b.rank > a.rank ? b : a));
  say({
    case: 'praised among chance',
    chance: CHANCE,
    medianBetter: share(median(ranks.map((r) => r.rank)), 1),
    worstBetter: share(worst.rank, 1),
    worst: worst.id,
    inTopTenth: ranks.filter((r) => r.rank <= 0.1).length,
    of: ranks.length,
  });
}
