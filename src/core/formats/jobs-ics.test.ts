import ICAL from 'ical.js';
import { pot, warmPot } from '../testing/pots';
import { some } from '../testing/some';
import { addDays } from '../units/date';
import { type DatedJob, jobsBetween, jobsIcs } from './jobs-ics';

const FROM = '2026-05-01';
const TO = '2026-11-30';
const warm = { ...warmPot(), id: 'warm', name: 'Entrance, left; by the bins', startDate: '2026-05-16' };

const written = (jobs: readonly DatedJob[]): string => {
  const text = jobsIcs(jobs);
  if (text === null) throw new Error('there are no jobs');
  return text;
};

/** The events of a calendar, read by another library than the one that wrote it. */
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
const calendar = (p = warm) => written(jobsBetween([p], FROM, TO));

test('every job is an event on its day, with its container, why, and place', () => {
  const jobs = some(jobsBetween([warm], FROM, TO));
  const events = read(calendar());
  expect(events.map((e) => e.startDate.toString())).toEqual(jobs.map((j) => j.due));
  expect(events[0]?.summary).toBe(`${warm.name}: ${jobs[0]?.text}`);
  for (const e of events) expect(e.description.length).toBeGreaterThan(20);
});

test('a second file moves what has moved and doubles nothing', () => {
  const held = new Map<string, string>();
  const take = (text: string) => read(text).forEach((e) => held.set(e.uid, e.startDate.toString()));
  take(calendar());
  const before = new Map(held);
  take(calendar());
  expect(held).toEqual(before);
  take(calendar({ ...warm, startDate: addDays(warm.startDate, 7) }));
  expect([...held.keys()].sort()).toEqual([...before.keys()].sort());
  const pinch = [...held.keys()].find((k) => k.includes('.pinch.')) ?? '';
  expect(held.get(pinch)).toBe(addDays(before.get(pinch) ?? FROM, 7));
});

test('two containers that ask the same have an event each', () => {
  const jobs = jobsBetween([warm, { ...warm, id: 'other' }], FROM, TO);
  const uids = read(written(jobs)).map((e) => e.uid);
  expect(new Set(uids).size).toBe(jobs.length);
  expect([...jobs].sort((a, b) => a.due.localeCompare(b.due))).toEqual(jobs);
});

test('where nothing is due there is no calendar', () => {
  const none = jobsBetween([warm], '2027-06-01', '2027-06-02').filter((j) => j.kind !== 'over');
  expect(jobsIcs(none)).toBeNull();
  expect(jobsBetween([pot()], FROM, TO).map((j) => j.kind)).toEqual(['compose']);
});

test('what is overdue is on the first day, and says since when', () => {
  const jobs = jobsBetween([warm], FROM, TO);
  const pinch = some(jobs.filter((j) => j.kind === 'pinch'))[0];
  const from = addDays(pinch?.due ?? FROM, 3);
  const late = jobsBetween([warm], from, TO).find((j) => j.kind === 'pinch' && j.key === pinch?.key);
  expect(late).toMatchObject({ due: from, since: pinch?.due });
  expect(read(written(late ? [late] : []))[0]?.summary).toMatch(/\(due since \d+ \w+\)$/);
});
