import { wallAt } from '../containers/wall';
import { grow } from '../growth/season';
import { placed, pot } from '../testing/pots';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { alone, fullGrown } from './alone';
import { backed } from './backed';
import { doseOf } from './dose';
import { isOpen } from './kinds';
import type { Piece } from './piece';
import { sprout } from './sprout';
import { add, unit } from './vector';

const petunia = LIBRARY.find((p) => p.id === 'petunia-violet') as Plant;
const pieces = alone(petunia, fullGrown(petunia), doseOf(petunia));
const WALL = -70;
const rearOf = (list: readonly Piece[]) =>
  Math.min(...list.map((p) => (isOpen(p.kind) ? p.at[2] : Math.min(p.at[2], add(p.at, unit(p.along), p.length)[2]))));

test('what would grow through a wall lies flat before it, and none of it is lost', () => {
  expect(rearOf(pieces)).toBeLessThan(WALL - 60);
  const flat = backed(pieces, 0, WALL);
  expect(rearOf(flat)).toBeGreaterThan(WALL);
  expect(rearOf(flat)).toBeLessThan(WALL + 20);
  expect(flat).toHaveLength(pieces.length);
});

test('its front, its height and its width stay as they were', () => {
  const flat = backed(pieces, 0, WALL);
  pieces.forEach((p, i) => {
    expect(flat[i]?.at.slice(0, 2)).toEqual(p.at.slice(0, 2));
    if (p.at[2] >= 0) expect(flat[i]?.at[2]).toBe(p.at[2]);
  });
});

test('stems still end where they are borne on: each is as long as the way to its end', () => {
  const stem: Piece = {
    ...(pieces.find((p) => p.kind === 'stem') as Piece),
    at: [0, 0, 0],
    along: [0, 3, -4],
    length: 100,
  };
  const [flat] = backed([stem], 0, -40);
  expect(flat?.at).toEqual([0, 0, 0]);
  expect(flat?.length).toBeCloseTo(Math.hypot(60, 28));
});

test('a wall far enough behind changes nothing, nor one the plant stands in', () => {
  expect(backed(pieces, 0, -2000)).toEqual(pieces);
  expect(backed(pieces, -80, -75)).toEqual(pieces);
});

test('in a planting: flat where it is seen against a wall, round in the open', () => {
  const rear = (seen: 'wall' | 'all-round') => {
    const p = pot({ placements: [placed('a', 'petunia-violet', 'filler', 0, -130, 'p9')] });
    const planting = { ...p, spot: { ...p.spot, seen } };
    const season = grow(planting);
    let z = 0;
    for (const { kind, matrices, count } of sprout(planting, season, 12).batches)
      for (let i = 0; i < count; i += 1) {
        const along = isOpen(kind) ? 0 : (matrices[i * 16 + 6] ?? 0);
        z = Math.min(z, (matrices[i * 16 + 14] ?? 0) + Math.min(0, along));
      }
    return { z, wall: wallAt(planting.container, { steps: false }) };
  };
  expect(rear('all-round').z).toBeLessThan(rear('wall').z - 10);
  expect(rear('wall').z).toBeGreaterThan(rear('wall').wall);
});
