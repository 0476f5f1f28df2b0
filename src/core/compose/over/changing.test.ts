import { factsOf } from '../../plants/facts';
import { resolve } from '../../plantings/resolve';
import { warmPot } from '../../testing/pots';
import { some } from '../../testing/some';
import { compose } from '../compose';
import { changingOnly, countOfSome, keptAsBefore } from './changing';
import { partnerFor } from './partner';

const whole = { ...warmPot(), startDate: '2026-05-20' };
const locks = (p: typeof whole) => Object.fromEntries(p.placements.map((x) => [x.id, x.locked ?? false]));

describe('keep these, change those', () => {
  test('all but the chosen parts are kept; what was kept already stays so', () => {
    expect(locks(changingOnly(whole, ['filler']))).toEqual({ t: true, a: false, b: false, c: true, d: true });
    const kept = { ...whole, placements: whole.placements.map((p) => (p.id === 'a' ? { ...p, locked: true } : p)) };
    expect(locks(changingOnly(kept, ['filler']))).toEqual({ t: true, a: true, b: false, c: true, d: true });
    expect(countOfSome(whole)).toMatchObject({ thriller: 1, filler: 2, spiller: 2 });
    expect(countOfSome(kept).filler).toBe(1);
  });

  test('what lives one season goes by its life, not by its part', () => {
    const changed = changingOnly(whole, ['seasonal']);
    for (const p of some(resolve(changed)))
      expect(p.locked).toBe(!['annual', 'tender perennial'].includes(factsOf(p.plant).life));
  });

  test('composed again, the rest stands where it stood, and is no more kept than it was', () => {
    const { proposals } = compose(changingOnly(whole, ['spiller']));
    const after = keptAsBefore(whole, proposals[0]?.planting.placements ?? []);
    for (const id of ['t', 'a', 'b']) {
      const [was, now] = [whole, { placements: after }].map((p) => p.placements.find((x) => x.id === id));
      expect(now).toEqual({ ...was, locked: was?.locked });
    }
    expect(after.filter((p) => p.locked)).toEqual([]);
  });
});

test('a partner shares the container, the colours and a kind, has another lead, and nothing wrong', () => {
  const found = partnerFor(whole);
  if (!found) throw new Error('no partner');
  const kinds = (p: typeof whole) => resolve(p).map((x) => x.plant.id);
  expect(found.planting.container).toEqual(whole.container);
  expect(found.planting.brief).toEqual(whole.brief);
  expect(kinds(found.planting).some((id) => kinds(whole).includes(id))).toBe(true);
  expect(kinds(found.planting)).not.toContain('canna-dwarf-red');
  expect(found.report.findings.filter((f) => f.severity === 'wrong')).toEqual([]);
  expect(partnerFor({ ...whole, placements: [] })).toBeNull();
});
