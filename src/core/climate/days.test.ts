import { pot } from '../testing/pots';
import { addDays, daysBetween } from '../units/date';
import { FORECAST_DAYS, type KnownDay, knownDays, ordinaryDay, stretchOf, type WeatherService } from './days';
import { readDays } from './days-file';
import { likeOn, ownSince } from './estimate';
import { dayLike, yearsKept } from './year-like';

const place = pot().spot;

/** A service that tells every day alike. */
const service: WeatherService = {
  name: 'test',
  days: async (_, from, to) =>
    Array.from({ length: daysBetween(from, to) + 1 }, (__, i) => ({
      date: addDays(from, i),
      highC: 20,
      lowC: 10,
      rainMm: 1,
    })),
};

test('a stretch that goes past what is known ends in average days', () => {
  const known: KnownDay[] = [{ date: '2026-08-01', highC: 33, lowC: 18, rainMm: 0, known: 'forecast' }];
  const days = stretchOf(known, place, '2026-08-01', 3);
  expect(days.map((d) => d.known)).toEqual(['forecast', 'ordinary', 'ordinary']);
  expect(days[2]).toMatchObject(ordinaryDay(place, '2026-08-03'));
  expect(stretchOf(known, place, '2026-08-01', 0)).toEqual([]);
});

test('days are as written down, then as forecast for ten days, then ordinary', async () => {
  const today = '2026-07-10';
  const written = [{ date: '2026-07-11', highC: 40, lowC: 20, rainMm: 0 }];
  const days = await knownDays(place, { from: '2026-07-08', to: '2026-07-25', today }, service, {
    days: written,
    like: null,
  });
  expect(days).toHaveLength(18);
  const known = (date: string) => days.find((d) => d.date === date)?.known;
  expect([known(today), known('2026-07-11'), known('2026-07-12')]).toEqual(['forecast', 'written down', 'forecast']);
  const last = addDays(today, FORECAST_DAYS - 1);
  expect([known(last), known(addDays(last, 1))]).toEqual(['forecast', 'ordinary']);
});

test('one’s own records count from the first without a gap, and a day without one is an estimate', () => {
  const day = (date: string, known: KnownDay['known']): KnownDay => ({ date, highC: 20, lowC: 10, rainMm: 0, known });
  const days = [
    day('2026-07-06', 'written down'),
    day('2026-07-07', 'forecast'),
    day('2026-07-08', 'written down'),
    day('2026-07-09', 'written down'),
    day('2026-07-10', 'forecast'),
  ];
  expect(ownSince(days, '2026-07-09')).toBe('2026-07-08');
  expect(ownSince(days, '2026-07-06')).toBe('2026-07-06');
  expect(ownSince(days, '2026-07-10')).toBeNull();
  expect(ownSince([], '2026-07-10')).toBeNull();
});

describe('a year like an earlier one', () => {
  const day = (date: string, highC = 20) => ({ date, highC, lowC: 10, rainMm: 0 });
  const days = (from: string, many: number) => Array.from({ length: many }, (_, i) => day(addDays(from, i)));

  test('can be one of which a month was written down, before this one; the newest first', () => {
    const written = [...days('2023-06-01', 30), ...days('2024-06-01', 29), ...days('2025-05-01', 100)];
    const years = yearsKept([...written, ...days('2026-05-01', 60)], '2026-07-10');
    expect(years).toEqual([
      { year: 2025, days: 100 },
      { year: 2023, days: 30 },
    ]);
  });

  test('its days stand where nothing was written down, before the forecast and past it', async () => {
    const written = [day('2025-07-11', 33), day('2025-07-24', 34), day('2026-07-11', 40)];
    const asked = { from: '2026-07-10', to: '2026-07-25', today: '2026-07-10' };
    const known = await knownDays(place, asked, service, { days: [...written, day('2025-07-12', 31)], like: 2025 });
    const on = (date: string) => known.find((d) => d.date === date);
    expect(on('2026-07-10')).toMatchObject({ known: 'forecast', highC: 20 });
    expect(on('2026-07-11')).toMatchObject({ known: 'written down', highC: 40 });
    expect(on('2026-07-12')).toMatchObject({ known: 'like another year', asIn: 2025, highC: 31 });
    expect(on('2026-07-24')).toMatchObject({ known: 'like another year', date: '2026-07-24', highC: 34 });
    expect(on('2026-07-25')).toMatchObject({ known: 'ordinary' });
    expect([likeOn(known, '2026-07-12'), likeOn(known, '2026-07-11')]).toEqual([2025, null]);
  });

  test('a 29 February is as the 28th of a year that had none', () => {
    const written = new Map([day('2027-02-28', 7), day('2024-02-29', 9)].map((d) => [d.date, d]));
    expect(dayLike(2027, written, '2028-02-29')).toEqual(day('2028-02-29', 7));
    expect(dayLike(2024, written, '2028-02-29')).toEqual(day('2028-02-29', 9));
    expect(dayLike(2026, written, '2028-02-29')).toBeUndefined();
  });
});

describe('days from a file', () => {
  const head = 'date,high_c,low_c,rain_mm\n';
  test('are read in order, the later of two for one day', () => {
    const read = readDays(`${head}2026-07-02,25,14,0\n2026-07-01,24,13,2.5\n2026-07-02,26,15,0\n`);
    expect(read).toEqual({
      ok: true,
      days: [
        { date: '2026-07-01', highC: 24, lowC: 13, rainMm: 2.5 },
        { date: '2026-07-02', highC: 26, lowC: 15, rainMm: 0 },
      ],
    });
  });
  test.each([
    ['date,high\n2026-07-01,24', /no column “low_c” or “rain_mm”/],
    [`${head}yesterday,24,13,0`, /Row 2: “yesterday” is not a date/],
    [`${head}2026-02-30,24,13,0`, /Row 2/],
    [`${head}2026-07-01,13,24,0`, /low, 24, is above the high, 13/],
    [`${head}2026-07-01,24,13,-4`, /rain “-4”/],
    [`${head}2026-07-01,hot,13,0`, /high “hot”/],
  ])('bad ones are told by row: %s', (text, why) => {
    const read = readDays(text);
    expect(read.ok ? '' : read.problems.join(' ')).toMatch(why);
  });
});
