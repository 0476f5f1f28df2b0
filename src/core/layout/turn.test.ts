import type { Shape } from '../containers/schema';
import { apply } from '../plantings/commands';
import type { Planting } from '../plantings/schema';
import { placed, pot, warmPot } from '../testing/pots';
import { misfits } from './packing';
import { roomFor } from './room-for';
import { turned, turnStep } from './turn';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';

const shaped = (shape: Shape, placements = warmPot().placements): Planting => ({
  ...pot(),
  container: { ...pot().container, shape },
  placements,
});
const done = (p: Planting, degrees: number): Planting => (turned(p, degrees) ?? []).reduce(apply, p);
const round: Shape = { kind: 'round', topMm: 400, baseMm: 290, depthMm: 360 };
const box: Shape = { kind: 'box', lengthMm: 900, widthMm: 210, baseLengthMm: 870, baseWidthMm: 180, depthMm: 200 };
const barrow: Shape = {
  kind: 'free',
  depthMm: 220,
  corners: [
    [-420, -170],
    [300, -260],
    [420, 150],
    [300, 260],
    [-420, 170],
  ],
};

describe('turning a planting', () => {
  test('four times by 90° comes home, and keeps distances', () => {
    const base = shaped(round);
    const home = [1, 2, 3, 4].reduce((p) => done(p, 90), base);
    expect(home.placements).toHaveLength(5);
    home.placements.forEach((p, i) => {
      expect(p.xMm).toBeCloseTo(base.placements[i]?.xMm ?? NaN, 1);
      expect(p.yMm).toBeCloseTo(base.placements[i]?.yMm ?? NaN, 1);
    });
    const quarter = done(base, 90).placements[2];
    expect([quarter?.xMm, quarter?.yMm]).toEqual([40, 118]);
  });
  test.each<[Shape['kind'], Shape, number | null]>([
    ['round', round, 5],
    ['square', { kind: 'square', topMm: 400, baseMm: 300, depthMm: 300 }, 90],
    ['box', box, 180],
    ['oval', { kind: 'oval', lengthMm: 600, widthMm: 400, baseShare: 0.85, depthMm: 300 }, 180],
    ['basket', { kind: 'basket', topMm: 350, depthMm: 190 }, 5],
    ['wall-basket', { kind: 'wall-basket', widthMm: 500, projectionMm: 250, depthMm: 210 }, null],
    ['free', barrow, null],
  ])('a %s is turned only as it looks the same', (_, shape, step) => {
    expect(turnStep(shape)).toBe(step);
    expect(turned(shaped(shape), step === null ? 180 : step / 2)).toBeNull();
  });
  test('never makes a misfit of what fitted', () => {
    const row = [-350, -120, 120, 350].map((x, i) => placed(`p${i}`, 'petunia-white', 'filler', x, i % 2 ? 30 : -30));
    const p = shaped(box, row);
    expect(misfits(p.container, p.placements)).toEqual([]);
    const after = done(p, 180);
    expect(after.placements.map((x) => x.xMm)).toEqual([350, 120, -120, -350]);
    expect(misfits(after.container, after.placements)).toEqual([]);
  });
  test('what is kept stays where it is, and the others give way to it', () => {
    const base = shaped(
      round,
      warmPot().placements.map((p) => (p.id === 'a' ? { ...p, locked: true } : p)),
    );
    const after = done(base, 60);
    const kept = (p: Planting) => p.placements.find((x) => x.id === 'a');
    expect(kept(after)).toEqual(kept(base));
    expect(after.placements.find((x) => x.id === 'b')?.xMm).not.toBe(base.placements.find((x) => x.id === 'b')?.xMm);
    expect(misfits(after.container, after.placements)).toEqual([]);
  });
});

describe('room for one more', () => {
  const plant = LIBRARY.find((p) => p.id === 'petunia-white') as Plant;
  test('is found without nudging anybody where it can be, under an id of its own', () => {
    const p = { ...warmPot(), placements: warmPot().placements.slice(0, 3), nextId: 9 };
    const more = roomFor(p, plant, 'filler') ?? [];
    expect(more.slice(0, 3)).toEqual(p.placements);
    expect(more[3]).toMatchObject({ id: 'p9', plant: 'petunia-white', role: 'filler', part: null });
    expect(misfits(p.container, more)).toEqual([]);
  });
  test('else the others give way, save what is kept', () => {
    const tight = shaped({ kind: 'round', topMm: 260, baseMm: 220, depthMm: 240 }, [
      { ...placed('a', 'petunia-white', 'filler', -45, 0), locked: true },
      placed('b', 'petunia-white', 'filler', 45, 0),
    ]);
    const more = roomFor({ ...tight, nextId: 3 }, plant, 'spiller');
    expect(more?.[0]).toEqual(tight.placements[0]);
    expect(more).toHaveLength(3);
    expect(misfits(tight.container, more ?? [])).toEqual([]);
  });
  test('and there is none in a pot that is full', () => {
    const full = shaped({ kind: 'round', topMm: 120, baseMm: 90, depthMm: 120 }, [
      placed('a', 'petunia-white', 'filler', 0, 0),
    ]);
    expect(roomFor(full, plant, 'filler')).toBeNull();
  });
});

test('a trailer that is added goes to the rim, anyone else nearer the middle', () => {
  const alone = pot({ placements: [] });
  const out = (role: 'spiller' | 'filler') => {
    const plant = LIBRARY.find((p) => p.roles.includes(role)) as Plant;
    const [added] = roomFor(alone, plant, role) ?? [];
    return Math.hypot(added?.xMm ?? NaN, added?.yMm ?? NaN);
  };
  expect(out('spiller')).toBeGreaterThan(110);
  expect(out('filler')).toBeLessThan(out('spiller') * 0.8);
});
