import { grow } from '../growth/season';
import { placed, pot, warmPot } from '../testing/pots';
import { addDays } from '../units/date';
import { type JobId, JOBS, jobsOf, stonesOf } from './index';
import type { JobKind } from './job';
import { stateOf } from './state';

const start = warmPot().startDate;
/** Those that come once; what comes again and again is looked at below. */
const once = (j: { kind: JobId }) => !JOBS[j.kind].again && j.kind !== 'topUp';
const kinds = (today: string, p = warmPot()) =>
  jobsOf(p, { today })
    .filter(once)
    .map((j) => j.kind);

test('an empty container asks to be composed, on any day', () =>
  expect(kinds('2026-01-03', pot())).toEqual(['compose']));
test('a plan for later asks for nothing yet', () => expect(kinds(addDays(start, -30))).toEqual([]));
test('in the fortnight before it asks to be planted, on its day', () =>
  expect(jobsOf(warmPot(), { today: addDays(start, -9) })).toMatchObject([
    { kind: 'hardenOff', due: addDays(start, -8) },
    { kind: 'plant', due: start },
  ]));
test('three weeks in it asks for a pinch', () =>
  expect(jobsOf(warmPot(), { today: addDays(start, 19) }).filter(once)).toMatchObject([
    { kind: 'pinch', due: addDays(start, 21) },
  ]));
test('nobody pinches in September what is bought in flower for autumn', () => {
  const autumn = { ...warmPot(), startDate: '2026-09-19' };
  expect(jobsOf(autumn, { today: '2026-10-08' }).map((j) => j.kind)).not.toContain('pinch');
});
test('what is set out later is pinched three weeks after its own day', () => {
  const p = warmPot();
  const later = {
    ...p,
    placements: p.placements.map((x) => (x.id === 'c' ? { ...x, from: addDays(start, 14) } : x)),
  };
  const pinches = jobsOf(later, { today: addDays(start, 30) }).filter((j) => j.kind === 'pinch');
  expect(pinches).toMatchObject([
    { due: addDays(start, 21), text: 'pinch pelargonium and lantana' },
    { due: addDays(start, 35), text: 'pinch calibrachoa' },
  ]);
});
test('in midsummer there is no pinch left to do', () => expect(kinds(addDays(start, 60))).not.toContain('pinch'));
test('before the first frost it is told, and long after the season is over', () => {
  const frost =
    Array.from({ length: 26 }, (_, w) => addDays(start, w * 7)).find((d) => kinds(d).includes('frost')) ?? '';
  expect(frost > '2026-09-25' && frost <= '2026-10-24').toBe(true);
  expect(kinds('2026-12-20')).toEqual(['over']);
});
test('what lasts the year is never over', () =>
  expect(kinds('2027-02-20', { ...warmPot(), brief: { ...warmPot().brief, lasting: true } })).toEqual([]));

describe('what is worth keeping over winter', () => {
  const of = (plant: string) => {
    const p = pot({ placements: [placed('a', plant, 'filler', 0, 0)] });
    const days = Array.from({ length: 200 }, (_, d) => addDays(p.startDate, d + 1));
    return [
      ...new Set(
        days.flatMap((d) =>
          jobsOf(p, { today: d, days: 0 })
            .filter((j) => j.kind === 'keep')
            .map((j) => `${j.due} ${j.text}`),
        ),
      ),
    ];
  };
  test('pelargoniums are rooted eight weeks before the frost and lifted before it, dahlias lifted after it, house plants brought in before', () => {
    expect(of('pelargonium-scarlet')).toEqual([
      '2026-08-22 take cuttings of pelargonium',
      '2026-10-03 lift and bring in pelargonium',
    ]);
    expect(of('dahlia-pink')).toEqual(['2026-10-20 lift and dry dahlia']);
    expect(of('pothos-gold')).toEqual(['2026-09-26 bring in pothos']);
  });
  test('by nights, not by the frost: croton comes in while it is still September, at 15 °C', () => {
    expect(of('croton')).toEqual(['2026-09-12 bring in croton']);
    const p = pot({ placements: [placed('a', 'croton', 'filler', 0, 0)] });
    const [job] = jobsOf(p, { today: '2026-09-10' }).filter((j) => j.kind === 'keep');
    expect(job).toMatchObject({ keptAtC: 15 });
  });
  test('annuals and hardy plants ask for nothing, nor does what stays out all year', () => {
    expect(of('cosmos-white')).toEqual([]);
    expect(of('hosta-blue')).toEqual([]);
    const lasting = pot({
      placements: [placed('a', 'dahlia-pink', 'filler', 0, 0)],
      brief: { ...pot().brief, lasting: true },
    });
    expect(jobsOf(lasting, { today: '2026-10-20' }).filter((j) => j.kind === 'keep')).toEqual([]);
  });
});

test('a smothered plant asks for its neighbour to be cut back where that grows again', () => {
  const p = pot({
    placements: [
      placed('v', 'sweet-potato-vine-lime', 'spiller', -85, 95),
      placed('l', 'lobelia-blue', 'spiller', 0, 130),
      placed('w', 'sweet-potato-vine-lime', 'spiller', 85, 95),
    ],
  });
  const says = Array.from({ length: 120 }, (_, d) => addDays(p.startDate, d + 1)).flatMap((d) =>
    jobsOf(p, { today: d, days: 0 })
      .filter((j) => j.kind === 'rescue')
      .map((j) => j.says),
  );
  expect(says[0]).toMatch(/cut back sweet-potato vine$/);
});

describe('the stones in the rill', () => {
  test('are pinching and the first frost of a good pot, by week, neither of them bad', () => {
    const p = warmPot();
    const why = expect.stringMatching(/\.$/) as string;
    expect(stonesOf(p, grow(p))).toEqual([
      { kind: 'pinch', week: 3, text: 'pinch pelargonium, lantana and calibrachoa', why, bad: false },
      { kind: 'frost', week: 22, text: 'first frost', why, bad: false },
    ]);
  });
  test('tell of a plant that is smothered, as something to act on', () => {
    const p = pot({
      placements: [
        placed('v', 'sweet-potato-vine-lime', 'spiller', -85, 95),
        placed('l', 'lobelia-blue', 'spiller', 0, 130),
        placed('w', 'sweet-potato-vine-lime', 'spiller', 85, 95),
      ],
    });
    const rescue = stonesOf(p, grow(p)).find((e) => e.kind === 'rescue');
    expect(rescue).toMatchObject({ bad: true, text: expect.stringMatching(/lobelia.* smothered/i) });
  });
  test('an empty pot has none', () => expect(stonesOf(pot(), grow(pot()))).toEqual([]));
});

test('what each job says on the bench names its day', () => {
  const says = (today: string) =>
    jobsOf(warmPot(), { today })
      .filter(once)
      .map((j) => j.says);
  expect(says(addDays(start, -9))).toEqual([
    'Harden off canna, pelargonium, lantana and calibrachoa, 8 May',
    'Plant on 16 May',
  ]);
  expect(says(addDays(start, 19))).toEqual(['Pinch pelargonium, lantana and calibrachoa, 6 June']);
  expect(says('2026-10-18')).toEqual([
    'First frost around 17 October: bring in or fleece tender plants',
    'Season over on 17 October: clear and replant',
    'Wash the container and look it over, 17 October',
    'Lift and dry canna, 20 October',
  ]);
  expect(says('2026-12-20')).toEqual(['Season over on 17 October: clear and replant']);
});

test('a job that is missed is told for ten days', () => {
  expect(kinds(addDays(start, 21 + 10))).toContain('pinch');
  expect(kinds(addDays(start, 21 + 11))).not.toContain('pinch');
});

test('a new kind of job is one object', () => {
  const fleece: JobKind = {
    matters: 'dies',
    withinDays: 2,
    of: ({ planting }) => [{ on: addDays(planting.startDate, 1), text: 'fleece it' }],
    why: 'It will freeze.',
    says: ({ text }) => `Tonight: ${text}`,
  };
  const more = [...Object.entries(JOBS), ['fleece', fleece] as const];
  expect(jobsOf(warmPot(), { today: start }, {}, more)).toContainEqual(
    expect.objectContaining({
      kind: 'fleece',
      planting: 'test',
      due: addDays(start, 1),
      text: 'fleece it',
      until: addDays(start, 3),
      matters: 'dies',
      says: 'Tonight: fleece it',
    }),
  );
});

describe('the state of a pot', () => {
  test('says first what is wrong, then when it is planted and how much there is to watch', () => {
    expect(stateOf(pot(), start)).toEqual({ severity: 'watch', text: 'Not planted yet. Compose a planting.' });
    const dry = { ...warmPot(), container: { ...warmPot().container, drains: false } };
    expect(stateOf(dry, start)).toMatchObject({ severity: 'wrong', text: expect.stringMatching(/^No drainage holes/) });
    expect(stateOf(warmPot(), addDays(start, -1)).text).toMatch(
      /^Plant on 16 May\. (No concerns|1 concern|\d+ concerns)\.$/,
    );
    expect(stateOf(warmPot(), '2026-12-20')).toMatchObject({
      severity: 'watch',
      text: 'Finished on 17 October. Time to replant.',
    });
    expect(stateOf(warmPot(), start).text).toMatch(/^Planted 16 May\. (No concerns|1 concern|\d+ concerns)\.$/);
  });
});
