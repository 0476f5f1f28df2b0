import { assess } from '../../balance/assess';
import type { Report } from '../../balance/finding';
import type { Severity } from '../../balance/severity';
import { STARTS } from '../../plants/starts';
import { placed, pot, warmPot } from '../../testing/pots';
import { some } from '../../testing/some';
import { whyNot } from '../filter';
import { withRemedies } from './remedies';
import { alternatives } from './swaps';
import { effectsOf, gainOf, movesOf, spoils, trial } from './trial';

const whole = assess(warmPot());
/** The report with one finding changed. */
const but = (check: string, severity: Severity, quality: number): Report => ({
  ...whole,
  findings: whole.findings.map((f) => (f.check === check ? { ...f, severity, quality } : f)),
});

describe('what a trial is read by', () => {
  test('it spoils when something is wrong that was not, and not when it was wrong before', () => {
    expect(spoils(whole, but('fit', 'wrong', 0))).toBe(true);
    expect(spoils(but('fit', 'wrong', 0), but('fit', 'wrong', 0))).toBe(false);
    expect(spoils(whole, but('fit', 'watch', 0.5))).toBe(false);
  });
  test('a gain is counted in steps of severity and in quality; a finding that is gone counts as one', () => {
    const before = { check: 'fit', severity: 'wrong' as const, quality: 0.2 };
    expect(gainOf(before, but('fit', 'watch', 0.5))).toBeCloseTo(1.3, 9);
    expect(gainOf(before, but('fit', 'wrong', 0.2))).toBe(0);
    expect(gainOf({ ...before, check: 'none' }, whole)).toBe(1);
  });
  test('an effect is a change of severity, or of quality by more than a twentieth', () => {
    const fit = whole.findings.find((f) => f.check === 'fit');
    const from = fit?.quality ?? NaN;
    expect(effectsOf(whole, whole)).toEqual([]);
    expect(effectsOf(whole, but('fit', 'good', from - 0.04))).toEqual([]);
    expect(effectsOf(whole, but('fit', 'good', from - 0.06)).map((e) => e.check)).toEqual(['fit']);
    expect(movesOf(whole, but('fit', 'good', from - 0.06))).toEqual([]);
    expect(movesOf(whole, but('fit', 'watch', from))).toEqual([{ check: 'fit', from: 'good', to: 'watch' }]);
  });
  test('the planting that is tried is the one that is judged', () => {
    const t = trial(warmPot(), whole, [{ do: 'remove', id: 'a' }]);
    expect(t.planting.placements.map((p) => p.id)).not.toContain('a');
    expect(t.report).toEqual(assess(t.planting));
    expect(t.change).toBeCloseTo(t.report.score - whole.score, 9);
  });
});

describe('remedies', () => {
  const ofCheck = (p: ReturnType<typeof pot>, check: string) =>
    withRemedies(p, assess(p)).findings.find((f) => f.check === check)?.remedies ?? [];

  const dear = pot({
    brief: { ...pot().brief, budget: 20 },
    placements: [
      placed('t', 'canna-dwarf-red', 'thriller', 0, 0, 'l2'),
      placed('a', 'petunia-white', 'filler', 120, 0, 'l1'),
    ],
  });

  test('what costs too much is had cheaper in a smaller start, and never in a bigger one', () => {
    const starts = ofCheck(dear, 'cost').flatMap((r) => r.commands.flatMap((c) => (c.do === 'start' ? [c] : [])));
    for (const c of some(starts)) expect(STARTS[c.start].litres).toBeLessThan(c.id === 't' ? 2 : 0.95);
  });

  test('what is kept is left alone: no remedy moves, swaps, shrinks or takes it out', () => {
    const touched = (p: ReturnType<typeof pot>) =>
      withRemedies(p, assess(p)).findings.flatMap((f) =>
        f.remedies.flatMap((r) => r.commands.flatMap((c) => ('id' in c ? [c.id] : []))),
      );
    const keeping = (...ids: string[]) => ({
      ...dear,
      placements: dear.placements.map((p) => ({ ...p, locked: ids.includes(p.id) })),
    });
    expect(some(touched(dear))).toEqual(expect.arrayContaining(['a', 't']));
    expect(touched(keeping('a'))).not.toContain('a');
    expect(touched(keeping('a', 't'))).toEqual([]);
  });
});

test('what may stand in a place can play its part, lives there, and is another plant', () => {
  const others = alternatives(warmPot(), 'c');
  expect(others.length).toBeGreaterThan(20);
  for (const p of others) {
    expect(p.roles).toContain('spiller');
    expect(whyNot(p, warmPot())).toEqual([]);
  }
  expect(others.map((p) => p.id)).not.toContain('calibrachoa-yellow');
  expect(alternatives(warmPot(), 'none')).toEqual([]);
});
