import 'fake-indexeddb/auto';
import type { BenchFile } from '@/core/formats/backup';
import { freshGroup } from '@/core/groups/arrange';
import type { Group } from '@/core/groups/schema';
import { warmPot } from '@/core/testing/pots';
import { meet, takeIn } from './bench';
import { openFile, writeBundle } from './bundle';
import { db } from './db';
import { readGroupOf, readGroups, saveGroup } from './groups';
import { savePlanting } from './plantings';

const DAY = '2026-07-10';
const at = (place: string) => ({ ...warmPot(), spot: { ...warmPot().spot, name: place } });
const groupAt = (place: string): Group => freshGroup(place, [at(place)], DAY);
const benchWith = (groups: Group[]): BenchFile => ({
  pots: [{ planting: at('Steps'), changedAt: null, away: false }],
  plants: [],
  stock: null,
  settings: {},
  groups,
});
const open = async (bench: BenchFile) => takeIn(bench, await meet(bench, () => 'new-1'));

beforeEach(async () => {
  for (const table of [db.plantings, db.groups, db.settings]) await table.clear();
});

test('a group is kept by its place, and kept again in the same row', async () => {
  const group = groupAt('Steps');
  await saveGroup(group);
  await saveGroup({ ...group, wall: '#ffffff' });
  expect(await readGroups()).toEqual([{ ...group, wall: '#ffffff' }]);
  expect(await readGroupOf('Steps')).toEqual({ ...group, wall: '#ffffff' });
  expect(await readGroupOf('Gate')).toBeNull();
});

test('two places whose names come to one id do not write over each other', async () => {
  const [yard, gate] = [groupAt('庭'), groupAt('門')];
  expect(yard.id).toBe(gate.id);
  for (const group of [yard, gate, { ...yard, wall: '#ffffff' }]) await saveGroup(group);
  expect((await readGroupOf('庭'))?.wall).toBe('#ffffff');
  expect((await readGroupOf('門'))?.wall).toBe(gate.wall);
  expect(await readGroups()).toHaveLength(2);
});

test('a group that cannot be read is not written over, and goes into a backup as it is stored', async () => {
  await savePlanting(at('Steps'));
  const group = groupAt('Steps');
  const row = { id: group.id, place: 'Steps', group: { ...group, mood: 'calm' } };
  await db.groups.put(row);
  expect(await readGroupOf('Steps')).toBeNull();
  for (const wall of ['#eeeeee', '#ffffff']) await saveGroup({ ...group, wall });
  expect(await db.groups.get(group.id)).toEqual(row);
  expect((await readGroupOf('Steps'))?.wall).toBe('#ffffff');
  expect(await db.groups.count()).toBe(2);
  const { bench, problems } = await openFile(await writeBundle({}, '2026-07-10T08:00:00.000Z'));
  expect(problems).toEqual([expect.stringMatching(/^One item could not be read .* folder unreadable/)]);
  expect(bench.groups?.map((g) => g.wall)).toEqual(['#ffffff']);
});

test('a backup sets out the places that nobody has set out here, with its containers under the ids they got', async () => {
  await open(benchWith([groupAt('Steps')]));
  expect((await readGroupOf('Steps'))?.stands.map((s) => s.of)).toEqual(['test']);
  await saveGroup({ ...groupAt('Steps'), wall: '#ffffff' });
  await open(benchWith([groupAt('Steps'), groupAt('Gate')]));
  expect((await readGroupOf('Steps'))?.wall).toBe('#ffffff');
  expect(await readGroupOf('Gate')).not.toBeNull();
});
