import { assess } from '../balance/assess';
import { calendarOf } from '../growth/calendar';
import { grow } from '../growth/season';
import { placed, pot } from '../testing/pots';
import { ClimateSchema } from './schema';
import { climateFromDailyCsv } from './daily-csv';
import { PROFILES } from './profiles';
import { hRatingOf, zoneOf } from './zones';

test('twelve places, one in the south, each whole and in order', () => {
  expect(PROFILES.length).toBeGreaterThanOrEqual(12);
  expect(PROFILES.filter((p) => p.latitude < 0).length).toBeGreaterThanOrEqual(1);
  for (const p of PROFILES) {
    expect(ClimateSchema.safeParse({ name: p.name, highC: p.highC, lowC: p.lowC, rainMm: p.rainMm }).success).toBe(
      true,
    );
    p.highC.forEach((h, m) => expect(h - (p.lowC[m] ?? 99)).toBeGreaterThan(2));
    expect(Math.min(...p.lowC)).toBeGreaterThan(p.coldestWinterC);
    const warmest = p.highC.indexOf(Math.max(...p.highC));
    expect(p.latitude > 0 ? [5, 6, 7] : [11, 0, 1]).toContain(warmest);
  }
});

test.each([
  [-20, '6b', 'H6'],
  [-17, '7a', 'H6'],
  [-7, '8b', 'H4'],
  [-3, '9b', 'H3'],
  [2, '10b', 'H2'],
  [-31, '4b', 'H7'],
])('%p °C is zone %s and %s', (c, zone, h) => expect([zoneOf(c), hRatingOf(c)]).toEqual([zone, h]));

describe('daily weather as CSV', () => {
  const day = (i: number) => new Date(Date.UTC(2025, 0, 1 + i)).toISOString().slice(0, 10);
  const rows = Array.from(
    { length: 365 },
    (_, i) =>
      `${day(i)},${(15 + 10 * Math.sin((i - 105) / 58)).toFixed(1)},${(6 + 8 * Math.sin((i - 105) / 58)).toFixed(1)},2`,
  );
  const head = 'date,high_c,low_c,rain_mm\n';

  test('makes twelve months of means, and rain by the month', () => {
    const r = climateFromDailyCsv(head + rows.join('\n'));
    if (!r.ok) throw new Error(r.problems.join());
    expect(r.days).toBe(365);
    expect(r.climate.rainMm[0]).toBe(62);
    expect(r.climate.rainMm[1]).toBe(56);
    expect(r.climate.highC[6]).toBeGreaterThan(24);
    expect(r.coldestC).toBeCloseTo(-2, 0);
  });

  test.each([
    ['day,high\n1,2', /no column “low_c”/],
    [`${head}next July,20,10,0`, /Row 2: “next July” is not a date/],
    [`${head}2025-07-31,10,20,0`, /Row 2: the low, 20, is above the high, 10/],
    [`${head}2025-07-31,warm,20,0`, /must be °C/],
    [`${head}2025-07-31,30,20,-4`, /rain “-4” must be mm/],
    [head + rows.slice(0, 40).join('\n'), /Month .* fewer than ten days/],
  ])('tells what is wrong and where: %j', (text, why) => {
    const r = climateFromDailyCsv(text);
    expect(r.ok ? '' : r.problems.join(' ')).toMatch(why);
  });
});

test('a place’s own months drive the season: hotter, faster', () => {
  const p = pot({ placements: [placed('a', 'lantana-sunset', 'filler', 0, 0)] });
  const at = (id: string) => {
    const q = PROFILES.find((x) => x.id === id);
    if (!q) throw new Error(id);
    return (
      grow({ ...p, spot: { ...p.spot, climate: { name: q.name, highC: q.highC, lowC: q.lowC, rainMm: q.rainMm } } })
        .weeks[6]?.plants[0]?.spreadMm ?? 0
    );
  };
  expect(at('river-bend')).toBeGreaterThan(at('harbour-wick') * 1.15);
});

test('in the south a planting of October grows into summer, and blooms in the months that are summer there', () => {
  const south = {
    kind: 'clock' as const,
    latitude: -37,
    facing: 0,
    wall: false,
    skyline: Array<number>(36).fill(0),
    roofDeg: null,
    trees: [],
    dappled: false,
  };
  const p = pot({ placements: [placed('a', 'petunia-white', 'filler', 0, 0)], startDate: '2026-10-20' });
  const grown = grow({ ...p, spot: { ...p.spot, light: south, lastFrost: '08-20', firstFrost: '06-08' } });
  const january = grown.weeks.find((w) => w.date.startsWith('2027-01-1'));
  expect(january?.plants[0]?.bloom).toBeGreaterThan(0.6);
  expect(
    calendarOf({ summer: 'warm', lastFrost: '08-20', firstFrost: '06-08', light: south }, '2026-10-20').weeks[12]
      ?.highC,
  ).toBeGreaterThan(22);
});

test('in the south October is past the frosts and July is among them', () => {
  const p = pot({ placements: [placed('a', 'petunia-white', 'filler', 0, 0)] });
  const spot = {
    ...p.spot,
    lastFrost: '08-20',
    firstFrost: '06-08',
    light: {
      kind: 'clock' as const,
      latitude: -37,
      facing: 0,
      wall: false,
      skyline: Array<number>(36).fill(0),
      roofDeg: null,
      trees: [],
      dappled: false,
    },
  };
  const nights = (startDate: string) =>
    assess({ ...p, spot, startDate }).findings.find((f) => f.check === 'nights')?.severity;
  expect(nights('2026-11-20')).not.toBe('wrong');
  expect(nights('2026-07-10')).toBe('wrong');
});
