import { some } from '../../testing/some';
import { assess } from '../../balance/assess';
import { LIBRARY } from '../../plants';
import type { Plant } from '../../plants/schema';
import { apply } from '../../plantings/commands';
import { plantIdOf } from '../../plantings/resolve';
import { placed, pot, warmPot } from '../../testing/pots';
import { whyNot } from '../filter';
import { standIns } from './stand-ins';

const planting = warmPot();
const found = standIns(planting, 'pelargonium-salmon', LIBRARY);

test('a choice of the same role, none of it in use or refused here, judged as it would be', () => {
  expect(found.length).toBe(8);
  for (const s of some(found)) {
    expect(s.plant.roles).toContain('filler');
    expect(planting.placements.map(plantIdOf)).not.toContain(s.plant.id);
    expect(whyNot(s.plant, planting)).toEqual([]);
    const then = s.commands.reduce(apply, planting);
    expect(then.placements.map(plantIdOf)).toContain(s.plant.id);
    expect(then.placements.map(plantIdOf)).not.toContain('pelargonium-salmon');
    expect(s.change).toBeCloseTo(assess(then).score - assess(planting).score, 1);
    expect(s.moves.every((m) => m.from !== m.to)).toBe(true);
  }
});

test('its own sister in another colour is told to be another colour, its twin the same', () => {
  const base = LIBRARY.find((p) => p.id === 'pelargonium-salmon') as Plant;
  const twin = { ...base, id: 'own-twin', variety: 'salmon, from next door' };
  const [first] = standIns(planting, 'pelargonium-salmon', [...LIBRARY, twin]);
  expect(first?.plant.id).toBe('own-twin');
  expect(first?.likeness).toBeGreaterThan(0.95);
  expect(first?.differs).toEqual(['the same colour']);
  const taller = { ...twin, id: 'own-tall', heightMm: [500, 700] as [number, number], water: 'thirsty' as const };
  const other = standIns(planting, 'pelargonium-salmon', [taller])[0];
  expect(other?.differs).toEqual(['the same colour', '25 cm taller', 'thirstier']);
  // Somebody's own plant goes in with its whole record.
  expect(other?.commands[0]).toMatchObject({ do: 'swap', plant: { id: 'own-tall' } });
});

test('it takes all the places of what is out, in the size it was if it is sold so', () => {
  const two = {
    ...planting,
    placements: planting.placements.map((p) => (p.id === 'b' ? { ...p, plant: 'pelargonium-salmon' } : p)),
  };
  for (const s of some(standIns(two, 'pelargonium-salmon', LIBRARY))) {
    expect(s.commands).toHaveLength(2);
    if (s.plant.starts.some((x) => x.size === 'p9'))
      expect(s.commands.every((c) => c.do === 'swap' && c.start === 'p9')).toBe(true);
  }
});

test('only from what there is; nothing when it is not planted or nothing fits', () => {
  const few = LIBRARY.filter((p) => p.id === 'marigold-orange' || p.id === 'petunia-white');
  expect(
    standIns(planting, 'pelargonium-salmon', few)
      .map((s) => s.plant.id)
      .sort(),
  ).toEqual(['marigold-orange', 'petunia-white']);
  expect(standIns(planting, 'petunia-white', LIBRARY)).toEqual([]);
  expect(standIns(planting, 'pelargonium-salmon', [])).toEqual([]);
});

test('a trailer’s stand-in hangs', () => {
  const hung = pot({
    placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'dichondra-silver', 'spiller', 0, 130)],
  });
  const list = standIns(hung, 'dichondra-silver', LIBRARY);
  expect(list.length).toBeGreaterThan(3);
  for (const s of some(list)) expect(s.plant.roles).toContain('spiller');
});
