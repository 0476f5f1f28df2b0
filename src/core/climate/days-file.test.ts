import { readDays } from './days-file';

const two = [
  { date: '2026-07-01', highC: 24, lowC: 13, rainMm: 2.5 },
  { date: '2026-07-02', highC: 26, lowC: 15, rainMm: 0 },
];
const days = (text: string) => {
  const read = readDays(text);
  return read.ok ? read.days : read.problems;
};

test.each([
  ['our own headings', 'date,high_c,low_c,rain_mm\n2026-07-01,24,13,2.5\n2026-07-02,26,15,0'],
  ['a station’s', 'Date,Max Temp (°C),Min Temp (°C),Rainfall (mm),Wind\n2026-07-01,24,13,2.5,4\n2026-07-02,26,15,0,3'],
  [
    'times after dates, and a note above',
    '# garden station\ntimestamp,tmax,tmin,prcp\n2026-07-01T09:00,24,13,2.5\n2026-07-02 09:00,26,15,0',
  ],
  ['semicolons and decimal commas', 'Day;TX;TN;RR\n20260701;24;13;2,5\n20260702;26;15;0'],
  [
    'a list of days as JSON',
    JSON.stringify([
      { date: '2026-07-01', tmax: 24, tmin: 13, rain: 2.5 },
      { date: '2026-07-02', tmax: 26, tmin: 15, rain: 0 },
    ]),
  ],
  [
    'lists side by side as JSON',
    JSON.stringify({
      latitude: 51,
      daily: {
        time: ['2026-07-01', '2026-07-02'],
        temperature_2m_max: [24, 26],
        temperature_2m_min: [13, 15],
        precipitation_sum: [2.5, 0],
      },
    }),
  ],
  [
    'days under a name as JSON',
    JSON.stringify({
      station: 'x',
      data: [
        { day: '2026-07-01', high: 24, low: 13, rainfall: 2.5 },
        { day: '2026-07-02', high: 26, low: 15, rainfall: 0 },
      ],
    }),
  ],
])('%s are understood', (_, text) => {
  expect(days(text)).toEqual(two);
});

test.each([
  ['the day first', '01/07/2026,24,13,2.5\n02/07/2026,26,15,0\n31/07/2026,20,10,0'],
  ['the month first', '7/1/2026,24,13,2.5\n7/2/2026,26,15,0\n7/31/2026,20,10,0'],
])('dates with slashes are read %s where one of them tells', (_, rows) =>
  expect(days(`date,high,low,rain\n${rows}`).slice(0, 2)).toEqual(two),
);

test('°F and inches are read as the heading says', () => {
  expect(days('date,high (°F),low (°F),rain (in)\n2026-07-01,77,59,0.1')).toEqual([
    { date: '2026-07-01', highC: 25, lowC: 15, rainMm: 2.5 },
  ]);
});

test.each([
  ['dates of which nobody knows the order', 'date,high,low,rain\n01/07/2026,24,13,0', /“01\/07\/2026” is not a date/],
  ['no heading for rain', 'date,high,low\n2026-07-01,24,13', /no column “rain_mm”/],
  ['JSON that breaks off', '[{"date":', /neither a table nor JSON/],
  ['JSON without days', '{"a":1}', /neither a table nor JSON/],
  ['a heading and nothing under it', 'date,high,low,rain\n', /no column|no days/],
  [
    'a value of five thousand letters',
    `date,high,low,rain\n2026-07-01,${'9'.repeat(5000)},1,0`,
    /^Row 2: high “9{30}…”/,
  ],
])('%s: said, and nothing is guessed', (_, text, why) => {
  const read = readDays(text);
  expect(read.ok ? '' : read.problems.join(' ')).toMatch(why);
});

test.each([
  ['gust_ms', '20', 20],
  ['Wind gust (km/h)', '72', 20],
  ['max gust mph', '45', 20.1],
  ['gusts [kn]', '40', 20.6],
])('a gust under the heading %s is read as m/s', (heading, value, ms) => {
  expect(readDays(`date,high_c,low_c,rain_mm,${heading}\n2026-07-01,24,13,0,${value}`)).toEqual({
    ok: true,
    days: [{ date: '2026-07-01', highC: 24, lowC: 13, rainMm: 0, gustMs: ms }],
  });
});

test('a gust in no unit, or in an empty cell, is left out; one that is no speed is told', () => {
  const plain = [{ date: '2026-07-01', highC: 24, lowC: 13, rainMm: 0 }];
  const read = (heading: string, value: string) =>
    readDays(`date,high_c,low_c,rain_mm,${heading}\n2026-07-01,24,13,0,${value}`);
  expect(read('gust', '20')).toEqual({ ok: true, days: plain });
  expect(read('gust_ms', '')).toEqual({ ok: true, days: plain });
  expect(read('gust_ms', 'strong')).toMatchObject({
    ok: false,
    problems: [expect.stringMatching(/Row 2: gust “strong”/)],
  });
});
