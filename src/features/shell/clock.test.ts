import { onNewDay } from './clock';

const page = new EventTarget();
beforeAll(() => {
  Object.assign(globalThis, { document: page, window: page });
  jest.useFakeTimers();
});
afterAll(() => jest.useRealTimers());

/** Sets the clock, and hears the days that are told from then on. */
function heardFrom(now: Date) {
  jest.setSystemTime(now);
  const days: string[] = [];
  const stop = onNewDay((day) => days.push(day));
  days.length = 0;
  return { days, stop };
}

const HOUR_MS = 3_600_000;

test('a page left open over midnight is told once, and the next midnight again', () => {
  const { days, stop } = heardFrom(new Date(2026, 6, 10, 23, 59, 50));
  jest.advanceTimersByTime(9_000);
  expect(days).toEqual([]);
  jest.advanceTimersByTime(3_000);
  expect(days).toEqual(['2026-07-11']);
  jest.advanceTimersByTime(24 * HOUR_MS);
  expect(days).toEqual(['2026-07-11', '2026-07-12']);
  stop();
});

test.each(['visibilitychange', 'focus', 'pageshow'])('one that slept through it is told at the next %s', (event) => {
  const { days, stop } = heardFrom(new Date(2026, 6, 20, 22));
  jest.setSystemTime(new Date(2026, 6, 21, 7));
  page.dispatchEvent(new Event(event));
  page.dispatchEvent(new Event(event));
  expect(days).toEqual(['2026-07-21']);
  stop();
});

test.each([
  ['the night that is an hour short', new Date(2027, 2, 27, 23, 30), '2027-03-28', '2027-03-29'],
  ['the night that is an hour long', new Date(2026, 9, 24, 23, 30), '2026-10-25', '2026-10-26'],
])('over %s it turns at midnight', (_, from, first, second) => {
  const { days, stop } = heardFrom(from);
  jest.advanceTimersByTime(HOUR_MS);
  expect(days).toEqual([first]);
  jest.advanceTimersByTime(25 * HOUR_MS);
  expect(days).toEqual([first, second]);
  stop();
});

test('nobody is told any more who no longer listens', () => {
  const { days, stop } = heardFrom(new Date(2026, 7, 1, 23));
  stop();
  jest.advanceTimersByTime(3 * HOUR_MS);
  page.dispatchEvent(new Event('focus'));
  expect(days).toEqual([]);
});
