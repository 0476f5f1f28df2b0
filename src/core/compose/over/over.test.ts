import fc from '../../testing/fc';
import { assess } from '../../balance/assess';
import { isNeutral } from '../../colour/family';
import { lch } from '../../colour/oklch';
import { SOLD } from '../../containers/sold';
import { signature } from '../../plants/signature';
import { STARTS } from '../../plants/starts';
import { apply } from '../../plantings/commands';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { plantingOf } from '../../testing/scenarios/scenario';
import { summer } from '../../testing/scenarios/summer';
import { some } from '../../testing/some';
import { recolour } from './recolour';
import { resized } from './resize';

const named = (id: string): Planting => {
  const scenario = summer.find((s) => s.id === id);
  if (!scenario) throw new Error(id);
  return plantingOf(scenario);
};
const places = (p: Planting) => p.placements.map((x) => [x.id, x.xMm, x.yMm, x.role]);
const wrongs = (p: Planting) => assess(p).findings.filter((f) => f.severity === 'wrong');

describe('recolouring', () => {
  const box = named('bright-street-box-120');
  const pink = { scheme: 'pink-purple' as const, from: null, palette: [] };

  test('keeps every place, takes another colour of the same plant first, and is of the scheme', () => {
    const { commands, changes } = recolour(box, pink);
    const after = commands.reduce(apply, box);
    expect(places(after)).toEqual(places(box));
    expect(after.brief.scheme).toBe('pink-purple');
    expect(wrongs(after)).toEqual([]);
    expect(changes.map((c) => [c.from.id, c.to.botanical])).toContainEqual([
      'pelargonium-scarlet',
      'Pelargonium × hortorum',
    ]);
    const hues = resolve(after)
      .map((p) => lch(signature(p.plant)))
      .filter((c) => !isNeutral(c) && c.c > 0.12);
    for (const c of some(hues)) expect(c.h < 60 && c.h > 30).toBe(false);
  });

  test('what is kept stays, and what is of the colours already is left alone', () => {
    const kept = { ...box, placements: box.placements.map((p) => ({ ...p, locked: true })) };
    expect(recolour(kept, pink).changes).toEqual([]);
    const classic = named('wine-spike-classic-45');
    expect(recolour(classic, pink).changes).toEqual([]);
  });
});

describe('another size', () => {
  const whole = named('wine-spike-classic-45');
  const at = (topMm: number) => {
    const shape = SOLD.round.find((s) => s.kind === 'round' && s.topMm === topMm && s.baseMm < s.topMm);
    if (!shape) throw new Error(String(topMm));
    const container = { ...whole.container, shape };
    const placements = resized(whole, container);
    if (!placements) throw new Error('does not fit');
    return { ...whole, container, placements };
  };
  const count = (p: Planting, role: string) => p.placements.filter((x) => x.role === role).length;
  const lead = (p: Planting) => resolve(p).find((x) => x.role === 'thriller');

  test('the centrepiece goes up a start first, then there is more round it; the kinds stay', () => {
    const [small, big] = [at(400), at(600)];
    expect(STARTS[lead(big)?.start ?? 'p9'].litres).toBeGreaterThan(STARTS[lead(small)?.start ?? 'p9'].litres);
    expect(count(big, 'filler')).toBeGreaterThan(count(small, 'filler'));
    expect(count(big, 'thriller')).toBe(1);
    const kinds = (p: Planting) => [...new Set(resolve(p).map((x) => x.plant.id))].sort();
    expect(kinds(big)).toEqual(kinds(whole));
  });

  test('whatever the size sold, nothing overlaps or lies outside', () =>
    fc.assert(
      fc.property(fc.constantFrom(...summer), fc.nat(), (s, n) => {
        const p = plantingOf(s);
        const sizes = SOLD[p.container.shape.kind];
        const shape = sizes[n % sizes.length];
        if (!shape) return;
        const container = { ...p.container, shape };
        const placements = resized(p, container);
        if (placements)
          expect(assess({ ...p, container, placements }).findings.find((f) => f.check === 'fit')?.severity).toBe(
            'good',
          );
      }),
      { numRuns: 25 },
    ));
});
