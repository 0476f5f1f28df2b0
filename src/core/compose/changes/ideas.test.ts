import { assess } from '../../balance/assess';
import type { RemedyKind } from '../../balance/check';
import { shoppingList } from '../../materials/list';
import { LIBRARY } from '../../plants';
import { STARTS } from '../../plants/starts';
import { apply } from '../../plantings/commands';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { placed, pot, warmPot } from '../../testing/pots';
import { some } from '../../testing/some';
import { triesFor } from './ideas';
import { remediesFor } from './remedies';

const whole = { ...warmPot(), startDate: '2026-05-20' };
/** What an idea comes to in a planting, tried. */
const tries = (planting: Planting, idea: RemedyKind, culprits: string[] = []) => {
  const [finding] = assess(planting).findings;
  if (!finding) throw new Error('nothing is judged');
  return triesFor(planting, { ...finding, culprits }, [idea], LIBRARY).map((t) => ({
    ...t,
    after: t.commands.reduce(apply, planting),
  }));
};

test('a bigger start is one it is sold in, in leaf, that goes in', () => {
  for (const t of some(tries(whole, 'bigger starts', ['a']))) {
    const [was, now] = [whole, t.after].map((p) => resolve(p).find((x) => x.id === 'a'));
    expect(STARTS[now?.start ?? 'p9'].litres).toBeGreaterThan(STARTS[was?.start ?? 'p9'].litres);
    expect(was?.plant.starts.map((s) => s.size)).toContain(now?.start);
  }
});

test('pinching and cutting back are planned for a day after planting, for those they help', () => {
  for (const idea of ['pinch', 'cut back'] as const)
    for (const t of some(tries(whole, idea))) {
      const [deed] = t.after.deeds;
      expect(deed?.what).toBe(idea === 'pinch' ? 'pinch' : 'cut-back');
      expect(deed?.on && deed.on > whole.startDate).toBe(true);
    }
  const cosmos = pot({ placements: [placed('a', 'cordyline-wine', 'thriller', 0, 0, 'l1')] });
  expect(tries(cosmos, 'pinch')).toEqual([]);
});

test('one more, a lead or a trailer comes in where there is room, and all still fit', () => {
  const two = pot({
    startDate: '2026-05-20',
    placements: [placed('a', 'petunia-white', 'filler', -70, 0), placed('b', 'lobelia-blue', 'spiller', 70, 90)],
  });
  for (const [idea, role] of [
    ['one more', null],
    ['a lead', 'thriller'],
    ['a trailer', 'spiller'],
  ] as const)
    for (const t of some(tries(two, idea))) {
      expect(t.after.placements).toHaveLength(3);
      if (role) expect(t.after.placements.map((p) => p.role).filter((r) => r === role).length).toBeGreaterThan(0);
      expect(assess(t.after).findings.find((f) => f.check === 'fit')?.severity).toBe('good');
    }
});

test('several poisonous kinds are exchanged at once, where changing one would leave the other', () => {
  const p = pot({
    startDate: '2026-05-20',
    spot: { ...pot().spot, cats: true },
    placements: [
      placed('a', 'pelargonium-scarlet', 'filler', -80, 0),
      placed('b', 'lantana-sunset', 'filler', 80, 0),
      placed('c', 'calibrachoa-yellow', 'spiller', 0, 120),
    ],
  });
  const report = assess(p);
  const safety = report.findings.find((f) => f.check === 'safety');
  if (!safety) throw new Error('safety is not judged');
  const [first] = remediesFor(p, report, safety);
  const after = assess((first?.commands ?? []).reduce(apply, p));
  expect(after.findings.find((f) => f.check === 'safety')?.severity).toBe('good');
});

test('cheaper throughout costs less, and the same again makes fewer kinds', () => {
  const before = shoppingList(whole, 1).each;
  for (const t of some(tries(whole, 'cheaper throughout')))
    expect(shoppingList(t.after, 1).each).toBeLessThanOrEqual(before);
  const kinds = (p: Planting) => new Set(resolve(p).map((x) => x.plant.id)).size;
  for (const t of some(tries(whole, 'same again'))) expect(kinds(t.after)).toBeLessThan(kinds(whole));
});
