import { placed, warmPot } from '../testing/pots';
import { apply, type Command } from '../plantings/commands';
import type { Planting } from '../plantings/schema';
import { addDays } from '../units/date';
import { grow } from './season';
import { changeOvers, ofWhole, turnOn } from './turn';

const summer = warmPot();
const OVER = '2026-10-10';
/** The sedge stays, the rest is lifted, two violas come. */
const over: Planting = [
  ...['t', 'a', 'b', 'c'].map((id): Command => ({ do: 'lift', id, on: OVER })),
  ...['v', 'w'].map((id, i): Command => ({
    do: 'add',
    placement: { ...placed(id, 'viola-white', 'filler', i * 120 - 60, -20), from: OVER },
  })),
].reduce(apply, summer);

test('a planting that is never changed over is its own turn', () => {
  const season = grow(summer);
  expect(turnOn(summer, season, '2026-07-10')).toEqual({ planting: summer, season });
  expect(changeOvers(summer)).toEqual([]);
});

test('what is set out a week later than the rest is no change-over', () => {
  const late = apply(summer, { do: 'begin', id: 'c', on: addDays(summer.startDate, 7) });
  expect(changeOvers(late)).toEqual([]);
});

describe('after a change-over', () => {
  const season = grow(over);
  const ids = (date: string) => turnOn(over, season, date).planting.placements.map((p) => p.id);
  test('each turn has its own plants, and what lasts is in both', () => {
    expect(changeOvers(over)).toEqual([OVER]);
    expect(ids('2026-07-10')).toEqual(['t', 'a', 'b', 'c', 'd']);
    expect(ids('2026-11-01')).toEqual(['d', 'v', 'w']);
  });
  test('the season runs through the new turn; what lasts goes on as grown as it is', () => {
    const turn = turnOn(over, season, '2026-11-01');
    expect(season.weeks.length).toBeGreaterThan(grow(summer).weeks.length + 8);
    const before = season.weeks.find((w) => w.date >= OVER)?.plants[4];
    expect(turn.season.weeks[0]?.plants[0]).toBe(before);
    expect(turn.season.weeks[0]?.plants[0]?.spreadMm).toBeGreaterThan(
      (grow(summer).weeks[0]?.plants[4]?.spreadMm ?? 0) * 1.5,
    );
    expect(turn.season.weeks.map((w) => w.week)).toEqual(turn.season.weeks.map((_, i) => i));
    expect(turn.season.placed.map((p) => p.id)).toEqual(['d', 'v', 'w']);
  });
  test('the first turn ends where the next begins', () => {
    const first = turnOn(over, season, '2026-07-10');
    expect(first.planting.brief.changeOver).toBe(OVER);
    expect((first.season.weeks.at(-1)?.date ?? '') < OVER).toBe(true);
  });
});

describe('an edit made of a turn', () => {
  const NOW = '2026-11-01';
  test('what is added is added in it, and what is composed leaves the summer alone', () => {
    const more = placed('x', 'viola-white', 'filler', 0, 90);
    expect(ofWhole(over, NOW, { do: 'add', placement: more })).toMatchObject({ placement: { from: OVER } });
    const turn = turnOn(over, grow(over), NOW).planting;
    const done = apply(over, ofWhole(over, NOW, { do: 'plant', placements: [...turn.placements.slice(0, 1), more] }));
    expect(done.placements.map((p) => [p.id, p.from, p.until])).toEqual([
      ['t', null, OVER],
      ['a', null, OVER],
      ['b', null, OVER],
      ['c', null, OVER],
      ['d', null, null],
      ['x', OVER, null],
    ]);
  });
  test('another planting day moves the change-over, and leaves the summer where it was', () => {
    const later = apply(over, ofWhole(over, NOW, { do: 'set', change: { startDate: '2026-10-17' } }));
    expect(later.startDate).toBe(summer.startDate);
    expect(changeOvers(later)).toEqual(['2026-10-17']);
    const first = apply(over, ofWhole(over, '2026-07-10', { do: 'set', change: { startDate: '2026-05-20' } }));
    expect(first.startDate).toBe('2026-05-20');
  });
  test('a brief that is changed is seen at once in the turn', () => {
    const season = grow(over);
    const asked = { ...over, brief: { ...over.brief, scheme: 'cool' as const } };
    expect(turnOn(over, season, NOW).planting.brief.scheme).toBe('warm');
    expect(turnOn(asked, grow(asked), NOW).planting.brief.scheme).toBe('cool');
  });
  test('of a planting that is never changed over it is as it was said', () => {
    const command: Command = { do: 'plant', placements: [] };
    expect(ofWhole(summer, NOW, command)).toBe(command);
  });
});
