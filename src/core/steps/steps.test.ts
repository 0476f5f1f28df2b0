import { headspaceMm } from '../containers';
import { STARTS } from '../plants/starts';
import { placed, pot, roundPot, warmPot } from '../testing/pots';
import { some } from '../testing/some';
import { fillDepths, footBelowRimMm } from './fill';
import { benchMinutes, stepsOf } from './index';
import { plantingOrder } from './order';

const three = pot({
  container: roundPot(400, 290, 360),
  placements: [
    placed('cell', 'lobelia-blue', 'spiller', 0, 140, 'pack6'),
    placed('nine', 'petunia-white', 'filler', 130, 0, 'p9'),
    placed('two', 'cordyline-wine', 'thriller', 0, 0, 'l2'),
  ],
});

describe('how deep', () => {
  test('by hand: 25 mm of headspace, and root balls of 130, 80 and 50 mm', () => {
    expect(headspaceMm(three.container)).toBe(25);
    expect(['l2', 'p9', 'pack6'].map((s) => STARTS[s as 'l2'].ballDepthMm)).toEqual([130, 80, 50]);
    expect(fillDepths(three, plantingOrder(three))).toEqual([
      { belowRimMm: 155, ids: ['two'] },
      { belowRimMm: 105, ids: ['nine'] },
      { belowRimMm: 75, ids: ['cell'] },
    ]);
  });
  test('the first step of filling names the deepest, in cm or inches', () => {
    const title = (units: 'metric' | 'imperial') => stepsOf(three, units).find((s) => s.id === 'fill')?.title;
    expect(title('metric')).toBe('Fill to 16 cm below the rim');
    expect(title('imperial')).toBe('Fill to 6 in below the rim');
  });
  test('a tomato is set half its root ball deeper, for it roots along its stem', () => {
    const p = { ...three, placements: [placed('t', 'tomato-bush', 'thriller', 0, 0, 'p9')] };
    const [tomato] = plantingOrder(p);
    expect(tomato && footBelowRimMm(p, tomato)).toBe(25 + 80 * 1.5);
    expect(stepsOf(p).find((s) => s.id === 'set-t')?.text).toContain('roots along the stem');
  });
});

describe('the order', () => {
  test('the deepest first, then outward; every number once', () => {
    expect(plantingOrder(three).map((p) => [p.no, p.id])).toEqual([
      [1, 'two'],
      [2, 'nine'],
      [3, 'cell'],
    ]);
  });
  test('what is to come later, or was lifted, is not set now', () => {
    const [a, b, c] = three.placements;
    if (!a || !b || !c) throw new Error('three are wanted');
    const later = { ...three, placements: [{ ...a, from: '2026-09-01' }, b, { ...c, until: '2026-08-01' }] };
    expect(plantingOrder(later).map((p) => p.id)).toEqual(['nine']);
  });
});

describe('the steps', () => {
  const steps = stepsOf(warmPot());
  const at = (id: string) => steps.findIndex((s) => s.id === id);
  test('every plant once, after filling and before watering in', () => {
    const set = some(steps.filter((s) => s.id.startsWith('set-')));
    expect(set.flatMap((s) => s.ids).sort()).toEqual(
      warmPot()
        .placements.map((p) => p.id)
        .sort(),
    );
    expect(at('fill')).toBeLessThan(steps.indexOf(set[0] as (typeof steps)[0]));
    expect(at('water')).toBeGreaterThan(steps.indexOf(set.at(-1) as (typeof steps)[0]));
    expect(at('look')).toBe(steps.length - 1);
  });
  test('each has a name of its own, so that a page left opens where it was', () =>
    expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length));
  test('what hangs leans outward, what stands does not', () => {
    for (const p of warmPot().placements) {
      const text = stepsOf(warmPot()).find((s) => s.id === `set-${p.id}`)?.text ?? '';
      if (p.role !== 'spiller') expect(text).not.toContain('outward');
    }
    expect(stepsOf(three).find((s) => s.id === 'set-cell')?.text).toContain('Tilt it outward');
  });
  test('roots are teased out of a pot and left in a cell', () => {
    expect(stepsOf(three).find((s) => s.id === 'set-nine')?.text).toContain('tease');
    expect(stepsOf(three).find((s) => s.id === 'set-cell')?.text).toContain('leave the roots');
  });
  test('a caution is met once: the second of a kind repeats it to nobody', () => {
    const spurge = pot({
      placements: [placed('a', 'daffodil-dwarf', 'filler', 60, 0), placed('b', 'daffodil-dwarf', 'filler', -60, 0)],
    });
    const cautions = stepsOf(spurge).flatMap((s) => (s.id.startsWith('set-') ? [s.caution] : []));
    expect(cautions.filter((c) => c !== null)).toHaveLength(1);
    expect(cautions[0]).toContain('gloves');
  });
  test('balls that touch are pressed into ovals', () => {
    const close = pot({
      placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'petunia-white', 'filler', 70, 0)],
    });
    expect(stepsOf(close).find((s) => s.id === 'set-a')?.text).toContain('oval');
    expect(stepsOf(three).find((s) => s.id === 'set-two')?.text).not.toContain('oval');
  });
  test('an empty pot has none, and many the same take less each', () => {
    expect(stepsOf(pot())).toEqual([]);
    expect(benchMinutes(warmPot(), 6)).toBeLessThan(6 * benchMinutes(warmPot(), 1));
    expect(benchMinutes(warmPot(), 6)).toBeGreaterThan(3 * benchMinutes(warmPot(), 1));
  });
  test('succulents and lavender are planted dry: no soaking, a quarter of the feed, a week without water', () => {
    const dry = pot({
      placements: [placed('a', 'echeveria-dark', 'filler', 0, 0), placed('b', 'lavender', 'filler', 90, 0)],
    });
    const usual = pot({
      placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'lavender', 'filler', 90, 0)],
    });
    const step = (planting: typeof dry, id: string) => stepsOf(planting).find((x) => x.id === id);
    const grams = (planting: typeof dry) => Number(/(\d+) g/.exec(step(planting, 'feed')?.title ?? '')?.[1]);
    expect([step(dry, 'soak'), step(usual, 'soak')?.id]).toEqual([undefined, 'soak']);
    expect(grams(dry) / grams(usual)).toBeCloseTo(0.25, 1);
    expect(step(dry, 'water')?.title).toBe('Leave it dry for a week');
    expect(step(dry, 'fill')?.caution).toMatch(/mask/);
    expect(step(usual, 'water')?.title).toMatch(/^Water in/);
  });
});
