import { pot } from '../testing/pots';
import { SMALL_LIBRARY } from '../testing/small';
import { some } from '../testing/some';
import { castsFor } from './beam';
import { leadOf } from './candidate';
import { patternsFor } from './patterns';

const castsWith = (must: string[] = []) => {
  const base = pot({ brief: { ...pot().brief, must } });
  return castsFor(base, SMALL_LIBRARY, patternsFor(base), new Map());
};

test('every part of a pattern is cast, and no species twice', () => {
  for (const c of some(castsWith())) {
    expect(Object.keys(c.cast).sort()).toEqual(c.pattern.parts.map((p) => p.id).sort());
    const species = Object.values(c.cast).map((p) => p.botanical);
    expect(new Set(species).size).toBe(species.length);
  }
});

test('each plant stands in a role it can play', () => {
  for (const c of some(castsWith().slice(0, 60)))
    for (const part of c.pattern.parts) expect(c.cast[part.id]?.roles).toContain(part.role);
});

test('all must-haves are in every cast', () => {
  const must = ['pelargonium-scarlet', 'carex-bronze'];
  for (const c of some(castsWith(must)))
    expect(Object.values(c.cast).map((p) => p.id)).toEqual(expect.arrayContaining(must));
});

test('where no cast holds all must-haves there is none: two that can only lead have one place between them', () => {
  const leads = SMALL_LIBRARY.filter((p) => p.roles.length === 1 && p.roles[0] === 'thriller').slice(0, 2);
  expect(leads).toHaveLength(2);
  expect(castsWith(leads.map((p) => p.id))).toEqual([]);
  expect(castsWith(leads.slice(0, 1).map((p) => p.id)).length).toBeGreaterThan(0);
});

test('most promising first, and no lead fills the beam alone', () => {
  const casts = castsWith();
  expect(casts.map((c) => c.guess)).toEqual([...casts.map((c) => c.guess)].sort((a, b) => b - a));
  expect(new Set(casts.map(leadOf)).size).toBeGreaterThanOrEqual(4);
});
