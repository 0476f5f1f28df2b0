import { maxBy } from '../units/number';
import { some } from '../testing/some';
import { assess } from '../balance/assess';
import { SCHEMES } from '../colour/schemes';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { apply } from '../plantings/commands';
import type { Planting, SchemeId } from '../plantings/schema';
import { placed, pot, roundPot, sun, warmPot } from '../testing/pots';
import { SMALL_LIBRARY } from '../testing/small';
import { compose } from './compose';
import { whyNot } from './filter';
import { usualCount } from '../containers/counts';
import { patternsFor } from './patterns';
import { withRemedies } from './changes/remedies';
import { rankSwaps } from './changes/swaps';

const brief = (change: Partial<Planting['brief']>, more: Partial<Planting> = {}): Planting => {
  const p = pot(more);
  return { ...p, brief: { ...p.brief, ...change } };
};
const kinds = (p: Planting) => new Set(p.placements.map((x) => String(x.plant)));
const plant = (id: string): Plant => LIBRARY.find((p) => p.id === id) as Plant;

describe('compose', () => {
  const base = brief({});
  const first = compose(base, { seed: 7, library: SMALL_LIBRARY });

  test('brings at least four, none with anything wrong, the safe one first', () => {
    expect(first.problem).toBeNull();
    expect(first.proposals.length).toBeGreaterThanOrEqual(4);
    for (const p of some(first.proposals)) expect(p.report.findings.filter((f) => f.severity === 'wrong')).toEqual([]);
    // The safe one comes first, where it is hardly less good than the best.
    const best = Math.max(...first.proposals.map((p) => p.report.score));
    expect(first.proposals[0]?.report.score).toBeGreaterThanOrEqual(best - 5);
  });

  test('they are different ideas: another lead, and half their kinds apart', () => {
    const leads = first.proposals.map((p) => p.planting.placements.find((x) => x.role === 'thriller')?.plant);
    expect(new Set(leads).size).toBeGreaterThanOrEqual(3);
    const [a, b] = [
      kinds((first.proposals[0] as { planting: Planting }).planting),
      kinds((first.proposals[1] as { planting: Planting }).planting),
    ];
    expect([...a].filter((k) => b.has(k)).length).toBeLessThanOrEqual(Math.ceil(a.size * 0.67));
  });

  test('is judged by the same assessment that the screen shows', () => {
    for (const p of some(first.proposals)) expect(p.report.score).toBe(assess(p.planting).score);
  });

  test('the same seed gives the same answer', () =>
    expect(compose(base, { seed: 7, library: SMALL_LIBRARY }).proposals.map((p) => p.planting.placements)).toEqual(
      first.proposals.map((p) => p.planting.placements),
    ));

  test('every root ball fits, and counts are usual ones', () => {
    const [few, many] = usualCount(400);
    for (const { planting, report } of some(first.proposals)) {
      expect(report.findings.find((f) => f.check === 'fit')?.severity).toBe('good');
      expect(planting.placements.length).toBeGreaterThanOrEqual(few);
      expect(planting.placements.length).toBeLessThanOrEqual(many);
    }
  });

  test('full now uses more starts than room to grow', () => {
    const full = compose(brief({ density: 'full now' }), { library: SMALL_LIBRARY });
    expect(full.proposals[0]?.planting.placements.length).toBeGreaterThan(
      first.proposals[0]?.planting.placements.length ?? 99,
    );
  });

  test('keeps to a budget by cheaper starts when it must', () => {
    const tight = compose(brief({ budget: 24 }), { library: SMALL_LIBRARY });
    expect(tight.proposals.length).toBeGreaterThan(0);
    for (const p of some(tight.proposals))
      expect(p.report.findings.find((f) => f.check === 'cost')?.measured).toBeLessThanOrEqual(24 * 1.15);
  });

  test('must-haves are there and never-plants are not', () => {
    const r = compose(brief({ must: ['pelargonium-scarlet'], never: ['carex-bronze', 'canna-dwarf-red'] }), {
      library: SMALL_LIBRARY,
    });
    expect(r.proposals.length).toBeGreaterThan(0);
    for (const p of some(r.proposals)) {
      expect(kinds(p.planting)).toContain('pelargonium-scarlet');
      expect([...kinds(p.planting)]).not.toContain('carex-bronze');
    }
  });

  test('a locked plant stays where it is', () => {
    const kept = { ...placed('p9', 'phormium-bronze', 'thriller', 12, -20, 'l1'), locked: true };
    const r = compose(
      { ...base, placements: [kept, placed('p1', 'petunia-white', 'filler', 100, 0)] },
      { library: SMALL_LIBRARY },
    );
    expect(r.proposals.length).toBeGreaterThan(0);
    for (const p of some(r.proposals)) {
      expect(p.planting.placements).toContainEqual(kept);
      expect(p.planting.placements.filter((x) => x.role === 'thriller')).toHaveLength(1);
    }
  });

  test('nothing is offered that could poison who is about', () => {
    const r = compose(brief({}, { spot: sun([8, 9, 10], { children: true, dogs: true }) }));
    for (const p of some(r.proposals))
      for (const id of kinds(p.planting))
        expect([plant(id).poison.people, plant(id).poison.dogs, plant(id).irritantSap]).toEqual(['none', 'none', 'no']);
  });

  test.each(Object.keys(SCHEMES).filter((s) => s !== 'from-colour') as SchemeId[])(
    '%s can be filled in full sun and in shade',
    (scheme) => {
      for (const hours of [
        [8, 9, 10, 11, 12, 13, 14],
        [8, 9, 10],
      ]) {
        const r = compose(brief({ scheme }, { spot: sun(hours) }));
        expect([scheme, hours.length, r.proposals.length]).toEqual([scheme, hours.length, expect.any(Number)]);
        expect(r.proposals.length).toBeGreaterThanOrEqual(3);
      }
    },
  );

  test('tall back puts the thriller behind everything', () => {
    const r = compose(brief({ school: 'tall-back' }, { spot: sun([8, 9, 10, 11, 12, 13], { seen: 'wall' }) }));
    const p = r.proposals[0]?.planting.placements ?? [];
    expect(Math.min(...p.map((x) => x.yMm))).toBe(p.find((x) => x.role === 'thriller')?.yMm);
  });

  test('when nothing can live there it says so and what to loosen', () => {
    const r = compose(
      brief({ lasting: true }, { spot: sun([], { children: true, cats: true, dogs: true, coldestWinterC: -40 }) }),
    );
    expect(r.proposals).toEqual([]);
    expect(r.problem).toMatch(/^No (planting can be made of the \d+ plants?|thriller in the library) (that )?suits?/);
    expect(Object.values(r.refused).reduce((a, b) => a + b, 0)).toBeGreaterThan(40);
  });

  test('finds what trying everything finds, on a small library', () => {
    const few = [
      'salvia-blue',
      'cordyline-green',
      'petunia-violet',
      'ageratum-blue',
      'dusty-miller',
      'pelargonium-white',
      'verbena-trailing-violet',
      'fan-flower-blue',
      'bacopa-white',
    ];
    const library = LIBRARY.filter((p) => few.includes(p.id));
    const small = brief({ scheme: 'cool' }, { container: roundPot(300, 215, 280) });
    const best = maxBy(compose(small, { library }).proposals, (p) => p.report.score);
    // Every swap of every plant by every other of its role, from the best found: none is better.
    for (const x of some(best?.planting.placements)) {
      for (const s of some(best ? rankSwaps(best.planting, x.id, 99, library) : []))
        expect(s.change).toBeLessThanOrEqual(2.5);
    }
  });
});

describe('why not', () => {
  test('names the rule and the numbers', () => {
    const shade = pot({ spot: sun([8, 9]) });
    expect(whyNot(plant('petunia-violet'), shade)).toEqual([
      { rule: 'light', why: 'It needs 4 to 14 hours of sun a day; this spot gets 2.' },
    ]);
    expect(
      whyNot(plant('canna-bronze-orange'), pot({ container: roundPot(200, 140, 180) })).map((w) => w.rule),
    ).toContain('height');
    expect(
      whyNot(plant('spurge-airy-white'), pot({ spot: sun([8, 9, 10, 11, 12, 13], { children: true }) }))[0]?.why,
    ).toMatch(/Poisonous to children/);
  });
  test('has nothing against what fits', () => expect(whyNot(plant('petunia-violet'), pot())).toEqual([]));
});

test('usual counts follow the table and lie between its rows', () => {
  expect(usualCount(400)).toEqual([6, 9]);
  expect(usualCount(300)).toEqual([3, 5]);
  expect(usualCount(450)).toEqual([7, 11]);
});

test('patterns for a school fill each slot with a part and keep the middle for the lead', () => {
  for (const p of some(patternsFor(pot()))) {
    expect(p.parts.reduce((s, x) => s + x.count, 0)).toBe(p.slots.length);
    expect(p.slots[0]).toMatchObject({ part: 'T', out: 0 });
  }
});

describe('remedies', () => {
  test('each one pressed betters its check and makes nothing newly wrong', () => {
    const troubled = pot({
      placements: [
        placed('t', 'cordyline-wine', 'thriller', 0, 0, 'l1'),
        placed('a', 'petunia-violet', 'filler', -120, 0),
        placed('c', 'cactus-golden', 'filler', 120, 0),
        placed('s', 'sweet-potato-vine-lime', 'spiller', 0, 125),
      ],
    });
    const before = withRemedies(troubled, assess(troubled));
    const offered = before.findings.flatMap((f) => f.remedies.map((r) => ({ f, r })));
    expect(offered.length).toBeGreaterThan(3);
    for (const { f, r } of offered) {
      const after = assess(r.commands.reduce(apply, troubled));
      const now = after.findings.find((x) => x.check === f.check);
      expect([f.check, r.label, !now || now.quality > f.quality || now.severity === 'good']).toEqual([
        f.check,
        r.label,
        true,
      ]);
      expect(Math.round((after.score - before.score) * 10) / 10).toBe(r.scoreChange);
      for (const x of after.findings)
        if (x.severity === 'wrong') expect(before.findings.find((y) => y.check === x.check)?.severity).toBe('wrong');
    }
  });
  test('an undrained pot is mended by drilling', () => {
    const p = { ...warmPot(), container: roundPot(400, 290, 360, { drains: false }) };
    expect(withRemedies(p, assess(p)).findings.find((f) => f.check === 'drainage')?.remedies[0]?.label).toBe(
      'Drill holes in the base',
    );
  });
});

test('swaps are ranked by what they do to the whole, and never offer the plant itself', () => {
  const swaps = rankSwaps(warmPot(), 'a');
  for (const s of some(swaps)) expect(s.plant.roles).toContain('filler');
  expect(swaps.length).toBeGreaterThan(5);
  expect(swaps.map((s) => s.plant.id)).not.toContain('pelargonium-salmon');
  expect([...swaps].sort((a, b) => b.change - a.change)).toEqual(swaps);
});
