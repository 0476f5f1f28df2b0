import { grow } from '../growth/season';
import { libraryPlant, LIBRARY } from '../plants';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { placed, pot } from '../testing/pots';
import { alone, fullGrown } from './alone';
import { leafLook } from './leaves';
import { leggyOf } from './leggy';
import { inAutumn, seasonLookOf, FRESH } from './season-look';
import { sprout } from './sprout';

const one = (id: string, startDate: string, lasting = false) => {
  const plant = libraryPlant(id) as Plant;
  const planting = pot({
    startDate,
    placements: [placed('a', id, plant.roles[0] ?? 'filler', 0, 0, plant.starts.at(-1)?.size)],
    brief: { ...pot().brief, lasting },
  });
  const season = grow(planting, 52);
  const week = (from: string) => season.weeks.findIndex((w) => w.date >= from);
  return { plant, planting, season, week };
};

test('before its month a flower shows more buds, after it more that go over', () => {
  const { plant, season } = one('petunia-violet', '2026-04-20');
  const bloom = season.weeks.map((w) => w.plants[0]?.bloom ?? 0);
  const rising = bloom.findIndex((b, i) => (bloom[i + 2] ?? 0) > b + 0.2);
  expect(rising).toBeGreaterThanOrEqual(0);
  expect(seasonLookOf(plant, season, 0, rising, false).budding).toBeGreaterThan(0.15);
  expect(seasonLookOf(plant, season, 0, rising, false).fading).toBe(0);
  const falling = bloom.findIndex(
    (b, i) => i > 8 && (bloom[i + 2] ?? 0) < b - 0.1 && season.weeks[i + 2]?.plants[0]?.alive,
  );
  if (falling >= 0) expect(seasonLookOf(plant, season, 0, falling, false).fading).toBeGreaterThan(0);
});

test('summer plants tire toward the frost, and not before', () => {
  const { plant, season } = one('coleus-lime', '2026-05-20');
  const frost = season.frostWeek ?? 20;
  expect(seasonLookOf(plant, season, 0, frost - 10, false).tired).toBe(0);
  expect(seasonLookOf(plant, season, 0, frost - 1, false).tired).toBeGreaterThan(0.7);
});

const shedding = LIBRARY.find((p) => factsOf(p).winterLook === 'bare stems' && p.leaf.form !== 'needle') as Plant;

test('a shrub that sheds turns in October, stands bare in January and is green in June; in the south half a year on', () => {
  const { plant, planting, season, week } = one(shedding.id, '2026-04-10', true);
  const look = (date: string, southern = false) => seasonLookOf(plant, season, 0, week(date), southern);
  expect(look('2026-06-15')).toMatchObject({ turned: 0, bare: false });
  expect(look('2026-10-30').turned).toBeGreaterThan(0.5);
  expect(look('2027-01-10').bare).toBe(true);
  expect(look('2026-07-10', true).bare).toBe(true);
  const kinds = (date: string) => sprout(planting, season, week(date)).batches.map((b) => b.kind);
  expect(kinds('2027-01-10')).toEqual(['stem']);
  expect(kinds('2026-06-15').length).toBeGreaterThan(1);
});

test('what keeps its leaf never turns', () => {
  const { plant, season, week } = one('box-ball', '2026-04-10', true);
  for (const date of ['2026-10-30', '2027-01-10'])
    expect(seasonLookOf(plant, season, 0, week(date), false)).toMatchObject({ turned: 0, bare: false, tired: 0 });
});

test('leaf turns yellow or red, flower and stem as they were; unturned it is the same record', () => {
  expect(inAutumn(shedding, FRESH)).toBe(shedding);
  const turned = inAutumn(shedding, { ...FRESH, turned: 1 });
  for (const [i, c] of shedding.colours.entries()) {
    const same = c.part === 'flower' || c.part === 'throat' || c.part === 'stem';
    expect([c.part, turned.colours[i]?.hex === c.hex]).toEqual([c.part, same]);
  }
});

describe('legginess', () => {
  const { planting, season } = one('petunia-small-violet', '2026-05-20');
  const cut = (what: 'pinch' | 'cut-back' | 'feed', on: string, to: string | null = 'a') => ({
    ...planting,
    deeds: [{ id: 'd1', what, to, on, done: null }],
  });
  const on = (date: string) => season.weeks.findIndex((w) => w.date >= date);

  test('bushy in June, leggy by the end of August when it was never cut', () => {
    expect(leggyOf(planting, season, 0, on('2026-06-25'))).toBe(0);
    expect(leggyOf(planting, season, 0, on('2026-08-27'))).toBeGreaterThan(0.4);
  });
  test('nine weeks after a cut it is bushy still, whether the cut was to it or to the pot; a feed is no cut', () => {
    const late = on('2026-08-27');
    for (const p of [cut('pinch', '2026-07-02'), cut('cut-back', '2026-07-15', null)])
      expect(leggyOf(p, season, 0, late)).toBe(0);
    expect(leggyOf(cut('feed', '2026-07-02'), season, 0, late)).toBe(leggyOf(planting, season, 0, late));
    expect(leggyOf(cut('pinch', '2026-09-20'), season, 0, late)).toBe(leggyOf(planting, season, 0, late));
  });
  test('what never needs a pinch is never leggy', () => {
    const grass = one('pennisetum-purple', '2026-05-20');
    expect(leggyOf(grass.planting, grass.season, 0, grass.season.weeks.length - 1)).toBe(0);
  });
  test('a leggy bush bears its leaves higher, and a leggy trail toward its end', () => {
    const drawn = (id: string, leggy: number) => {
      const plant = libraryPlant(id) as Plant;
      return alone(plant, fullGrown(plant), 1, { ...FRESH, leggy }).filter((p) => p.kind === leafLook(plant).kind);
    };
    const low = (pieces: readonly { at: readonly number[] }[], under: number) =>
      pieces.filter((p) => (p.at[1] ?? 0) < under).length;
    const tall = fullGrown(libraryPlant('coleus-plum-lime') as Plant).heightMm;
    expect(low(drawn('coleus-plum-lime', 1), tall * 0.3)).toBeLessThan(
      low(drawn('coleus-plum-lime', 0), tall * 0.3) / 2,
    );
    const hanging = (leggy: number) => drawn('petunia-small-violet', leggy).filter((p) => p.at[1] < -20);
    expect(hanging(1).length).toBeLessThan(hanging(0).length * 0.8);
  });
});
