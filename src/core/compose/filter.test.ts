import { some } from '../testing/some';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { pot, roundPot, sun } from '../testing/pots';
import { company } from './company';
import { promise } from './promise';
import { signature } from '../plants/signature';
import { whyNot } from './filter';
import { usualCount } from '../containers/counts';
import { patternsFor } from './patterns';
import { startFor } from '../layout/start-for';
import { place } from './place';

const plant = (id: string): Plant => {
  const p = LIBRARY.find((q) => q.id === id);
  if (!p) throw new Error(id);
  return p;
};
const FULL = [8, 9, 10, 11, 12, 13, 14, 15];
const withBrief = (p: Planting, change: Partial<Planting['brief']>): Planting => ({
  ...p,
  brief: { ...p.brief, ...change },
});

describe('what is refused, and by which rule', () => {
  test.each<[string, Planting, string[]]>([
    ['petunia-white', pot(), []],
    ['petunia-white', pot({ spot: sun([9, 10, 11]) }), ['light']],
    ['impatiens-coral', pot({ spot: sun(FULL) }), ['light', 'scorch']],
    ['impatiens-coral', pot({ spot: sun([8, 9, 10]) }), []],
    ['fern-shield', pot({ spot: sun([13, 14, 15]) }), ['scorch']],
    ['fern-shield', pot({ spot: sun([8, 9, 10]) }), []],
    ['coleus-copper', pot({ spot: sun([9, 10, 13, 14, 15], { summer: 'hot' }) }), []],
    ['coleus-copper', pot({ spot: sun([9, 13, 14, 15, 16], { summer: 'hot' }) }), ['scorch']],
    ['coleus-copper', pot({ spot: sun([9, 13, 14, 15, 16], { summer: 'cool' }) }), []],
    ['lantana-sunset', pot({ spot: sun(FULL, { dogs: true }) }), ['safety']],
    ['lantana-sunset', pot({ spot: sun(FULL) }), []],
    ['calibrachoa-orange', pot({ spot: sun(FULL, { cats: true }) }), []],
    ['osteospermum-white', pot({ spot: sun(FULL, { cats: true }) }), ['safety']],
    ['rose-patio-pink', pot({ spot: sun(FULL, { dogs: true }) }), ['safety']],
    ['bamboo-clump', pot(), ['height']],
    ['canna-bronze-orange', pot(), []],
    ['canna-bronze-orange', pot({ container: roundPot(600, 440, 520) }), []],
    [
      'canna-bronze-orange',
      withBrief(pot({ container: roundPot(600, 440, 520) }), { school: 'level-dome' }),
      ['height'],
    ],
    ['caladium-white', pot({ spot: sun([8, 9, 10]), startDate: '2026-05-05' }), ['nights']],
    ['caladium-white', pot({ spot: sun([8, 9, 10]), startDate: '2026-06-20' }), []],
    ['petunia-white', withBrief(pot(), { never: ['petunia-white'] }), ['never']],
    ['petunia-white', withBrief(pot(), { scheme: 'all-leaf' }), ['scheme']],
    ['coleus-lime', withBrief(pot({ spot: sun([8, 9, 10, 11]) }), { scheme: 'all-leaf' }), []],
  ])('%s', (id, where, rules) => expect(whyNot(plant(id), where).map((r) => r.rule)).toEqual(rules));

  test('every refusal tells its numbers or its reason in a sentence', () => {
    const hard = pot({
      spot: sun([13, 14, 15, 16], { children: true, cats: true, dogs: true, summer: 'hot' }),
      container: roundPot(180, 130, 160),
      startDate: '2026-04-01',
    });
    for (const p of LIBRARY) for (const r of whyNot(p, hard)) expect(r.why).toMatch(/^[A-Z].{15,}\.$/);
  });
});

describe('promise', () => {
  test('a plant in its light promises more than the same plant at its limit', () => {
    const p = plant('salvia-blue');
    expect(promise(p, 'thriller', pot({ spot: sun(FULL) }), null)).toBeGreaterThan(
      promise(p, 'thriller', pot({ spot: sun([8, 9, 10, 11]) }), null),
    );
  });
  test('a plant of the scheme promises more than one against it', () => {
    const cool = withBrief(pot(), { scheme: 'cool' });
    expect(promise(plant('verbena-trailing-violet'), 'spiller', cool, null)).toBeGreaterThan(
      promise(plant('calibrachoa-orange'), 'spiller', cool, null) * 1.5,
    );
  });
  test('a spiller that hangs to the middle of the pot promises more than one that runs to the ground', () => {
    const p = pot({ spot: sun([8, 9, 10, 11, 12, 13]) });
    expect(promise(plant('liquorice-plant-silver'), 'spiller', p, null)).toBeGreaterThan(
      promise(plant('ground-ivy-variegated'), 'spiller', p, null),
    );
  });
});

describe('company', () => {
  test.each([['petunia-white', 'petunia-white', -1]])('%s with itself is refused', (a, b, worth) =>
    expect(company(plant(a), plant(b))).toBe(worth),
  );
  test('another shade of the same plant is worse company than another plant', () =>
    expect(company(plant('petunia-white'), plant('petunia-violet'))).toBeLessThan(
      company(plant('petunia-white'), plant('cordyline-wine')),
    ));
  test('dry beside thirsty is worse than dry beside moderate', () =>
    expect(company(plant('agave-blue'), plant('petunia-white'))).toBeLessThan(
      company(plant('agave-blue'), plant('pelargonium-white')),
    ));
  test('a strong grower is poor company for a weak one', () =>
    expect(company(plant('sweet-potato-vine-lime'), plant('primrose-cream'))).toBeLessThan(
      company(plant('creeping-jenny-gold'), plant('primrose-cream')),
    ));
});

test('what lives for one season is not for the whole year', () =>
  expect(whyNot(plant('cosmos-white'), withBrief(pot(), { lasting: true })).map((r) => r.why)).toContain(
    'It lives for one season; you asked for a year-round planting.',
  ));

test('a planting of one sort is made of it: to eat, for bees, evergreen', () => {
  const left = (id: string, only: 'edible' | 'bees' | 'evergreen' | 'succulents') =>
    whyNot(plant(id), withBrief(pot(), { only })).some((r) => r.rule === 'only');
  expect([left('petunia-white', 'edible'), left('strawberry', 'edible')]).toEqual([true, false]);
  expect([left('petunia-white', 'bees'), left('salvia-blue', 'bees')]).toEqual([true, false]);
  expect([left('petunia-white', 'evergreen'), left('box-ball', 'evergreen')]).toEqual([true, false]);
  expect([left('petunia-white', 'succulents'), left('jade', 'succulents')]).toEqual([true, false]);
});

test('a plant is remembered by its flower when it flowers well, else by its leaf', () => {
  expect(signature(plant('petunia-magenta'))).toBe('#c8146c');
  expect(signature(plant('cordyline-wine'))).toBe('#5e1a2b');
  expect(signature(plant('dichondra-silver'))).toBe('#b3c2ba');
});

describe('start sizes', () => {
  const sold = (id: string) => plant(id).starts.map((s) => s.size);
  test.each<['thriller' | 'filler' | 'spiller', string, number, boolean, string]>([
    ['thriller', 'cordyline-wine', 400, false, 'l1'],
    ['thriller', 'cordyline-wine', 500, false, 'l2'],
    ['thriller', 'cordyline-green', 250, false, 'p10'],
    ['filler', 'petunia-white', 400, false, 'p10'],
    ['filler', 'lobelia-blue', 400, false, 'p9'],
    ['filler', 'petunia-white', 400, true, 'pack6'],
    ['spiller', 'lobelia-blue', 400, true, 'pack6'],
  ])('a %s of %s in %p mm, cheap %p: %s', (role, id, top, cheap, start) =>
    expect(startFor(role, sold(id), pot({ container: roundPot(top, top * 0.75, top * 0.9) }), cheap)).toBe(start),
  );
  test('what goes in nowhere is not chosen', () =>
    expect(startFor('thriller', ['l3'], pot({ container: roundPot(150, 110, 140) }), false)).toBeNull());
  test('bulbs are bought dry in autumn, in pots in spring; nothing else is composed of what has no leaf', () => {
    const on = (startDate: string) => startFor('filler', ['bulb', 'p9', 'seed', 'plug'], pot({ startDate }), false);
    expect([on('2026-10-05'), on('2026-03-20')]).toEqual(['bulb', 'p9']);
    expect(startFor('filler', ['seed', 'plug', 'bare'], pot(), true)).toBeNull();
  });
});

describe('counts and patterns', () => {
  test.each([
    [250, 3, 4],
    [300, 3, 5],
    [350, 4, 7],
    [400, 6, 9],
    [500, 8, 13],
    [600, 11, 17],
    [100, 1, 2],
    [2000, 16, 26],
  ])('%p mm takes %p to %p', (width, few, many) => expect(usualCount(width)).toEqual([few, many]));

  test.each(['tall-centre', 'tall-back', 'level-dome'] as const)(
    '%s: every pattern can be planted in an ordinary pot',
    (school) => {
      const base = withBrief(pot(), { school });
      const kinds = [
        'salvia-blue',
        'petunia-white',
        'pelargonium-salmon',
        'ageratum-blue',
        'lobelia-blue',
        'bacopa-white',
      ];
      const patterns = patternsFor(base);
      expect(patterns.length).toBeGreaterThan(3);
      expect(new Set(patterns.map((p) => p.id)).size).toBe(patterns.length);
      const planted = patterns.filter((pattern) => {
        const cast = Object.fromEntries(pattern.parts.map((part, i) => [part.id, plant(kinds[i] ?? 'petunia-violet')]));
        return place(pattern, cast, base, false) !== null;
      });
      expect(planted.length).toBe(patterns.length);
    },
  );

  test('against a wall the thriller’s slot is at the back and the spillers’ at the front', () => {
    for (const p of some(patternsFor(withBrief(pot(), { school: 'tall-back' })))) {
      for (const s of p.slots) {
        if (s.role === 'thriller') expect(Math.sin(s.angle)).toBeLessThan(-0.9);
        if (s.role === 'spiller') expect(Math.sin(s.angle)).toBeGreaterThan(0.3);
      }
    }
  });
  test('a dome has no thriller', () => {
    for (const p of some(patternsFor(withBrief(pot(), { school: 'level-dome' }))))
      expect(p.parts.every((x) => x.role !== 'thriller')).toBe(true);
  });
});
