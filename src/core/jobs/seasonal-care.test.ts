import type { KnownDay } from '../climate/days';
import { SKYLINE_POINTS } from '../spots/schema';
import { placed, pot, roundPot } from '../testing/pots';
import type { Planting } from '../plantings/schema';
import { type JobId, jobsOf } from './index';

const of = (plants: readonly string[], change: Partial<Planting> = {}): Planting =>
  pot({
    placements: plants.map((id, i) => placed(`p${i}`, id, 'filler', i * 60 - 90, 0)),
    ...change,
  });

/** What is asked over a season, in its order: “2026-07-10 cut petunia back by half”. */
const told = (planting: Planting, kind: JobId, today = planting.startDate): string[] =>
  jobsOf(planting, { today, days: 210, all: true })
    .filter((j) => j.kind === kind)
    .map((j) => `${j.due} ${j.text}`);

/** The day after planting, so that it stands. */
const stands = (planting: Planting): string => `${planting.startDate.slice(0, 8)}28`;

const SOUTHERN: Planting['spot'] = {
  ...pot().spot,
  lastFrost: '09-10',
  firstFrost: '05-20',
  light: {
    kind: 'clock',
    latitude: -37,
    facing: 0,
    wall: false,
    roofDeg: null,
    trees: [],
    skyline: Array<number>(SKYLINE_POINTS).fill(0),
    dappled: false,
  },
};

describe('cut as far as each bears, in its month', () => {
  const at = (...plants: string[]) => told(of(plants), 'shear', stands(of(plants)));
  test('petunias by half in July, catmint to its base, lavender lightly in August', () => {
    expect(at('petunia-violet')).toEqual(['2026-07-10 cut petunia back by half']);
    expect(at('catmint')).toEqual(['2026-07-10 cut catmint to the leaves at its base']);
    expect(at('lavender')).toEqual(['2026-08-10 clip lavender lightly, in leaf only']);
  });
  test('thyme, kitchen sage and pinks are never cut by half', () => {
    const all = at('thyme-common', 'sage-green', 'dianthus-pink', 'rosemary-upright').join('; ');
    expect(all).not.toMatch(/by half|base/);
    expect(all).toMatch(/clip thyme lightly, in leaf only/);
  });
  test('begonias, cannas and a palm are left alone, and so is leaf that crowds nobody', () =>
    expect(at('begonia-red', 'canna-dwarf-red', 'windmill-palm', 'coleus-lime')).toEqual([]));
  test('south of the equator half a year later', () => {
    const south = of(['petunia-violet'], { startDate: '2026-11-16', spot: SOUTHERN });
    expect(told(south, 'shear', '2026-11-28')).toEqual(['2027-01-10 cut petunia back by half']);
  });
});

describe('pests are looked for by name', () => {
  test('in their months, on those they come to, with what gives them away', () => {
    const p = of(['fuchsia-upright', 'hosta-gold', 'cosmos-white']);
    const said = told(p, 'look', stands(p));
    expect(said[0]).toMatch(/^2026-06-10 look for greenfly on fuchsia; .*vine weevil on fuchsia/);
    expect(said.find((t) => t.startsWith('2026-09-10'))).toMatch(/slugs on hosta/);
    expect(said.join()).not.toMatch(/cosmos: webs|box caterpillar/);
  });
  test('none is looked for where none comes', () => {
    const p = of(['angelonia-white', 'lantana-white']);
    expect(told(p, 'look', stands(p)).join()).not.toMatch(/angelonia/);
  });
});

describe('after rain', () => {
  const wet = (rainMm: number, known: KnownDay['known']): KnownDay[] => [
    { date: '2026-07-20', highC: 20, lowC: 12, rainMm, known },
  ];
  const asked = (
    plants: string[],
    rainMm: number,
    change: Partial<Planting> = {},
    known: KnownDay['known'] = 'forecast',
  ) =>
    jobsOf(of(plants, change), { today: '2026-07-18' }, { weather: wet(rainMm, known) })
      .filter((j) => j.kind === 'afterRain')
      .map((j) => `${j.due} ${j.text}`);
  test('spoilt flowers come off what rain bruises, not off the rest', () =>
    expect(asked(['petunia-violet', 'salvia-blue'], 20)).toEqual(['2026-07-20 pick rain-damaged flowers off petunia']));
  test('rain of another year spoils nothing this year', () =>
    expect(asked(['petunia-violet'], 20, {}, 'like another year')).toEqual([]));
  test('a shower spoils nothing, nor rain that does not reach it', () => {
    expect(asked(['petunia-violet'], 4)).toEqual([]);
    expect(asked(['petunia-violet'], 20, { spot: { ...pot().spot, rain: 'none' } })).toEqual([]);
  });
});

test('what goes out at warm nights is hardened off, and what is hardy is not', () => {
  const p = of(['coleus-lime', 'hosta-gold', 'heuchera-plum']);
  expect(told(p, 'hardenOff', '2026-05-01')).toEqual([expect.stringMatching(/harden off coleus$/)]);
});

describe('salad that runs to seed', () => {
  const sown = (startDate: string, ...plants: string[]) => told(of(plants, { startDate }), 'sowAgain', '2026-05-20');
  test('is lifted when its stalk rises, each kind in its week', () =>
    expect(sown('2026-05-16', 'rocket', 'lettuce-red', 'petunia-violet')).toEqual([
      '2026-06-20 lift rocket and sow again',
      '2026-07-18 lift red lettuce and sow again',
    ]));
  test('kale stands the winter and is lifted in March', () => {
    const planting = of(['kale-black'], { startDate: '2026-08-15', brief: { ...pot().brief, lasting: true } });
    expect(told(planting, 'sowAgain', '2027-02-20')).toEqual([
      expect.stringMatching(/^2027-03-\d\d lift black kale before it seeds$/),
    ]);
  });
  test('parsley stands its summer', () => expect(sown('2026-05-16', 'parsley')).toEqual([]));
});

describe('a pot full of roots', () => {
  const lasting = (change: Partial<Planting> = {}) =>
    of(['abelia', 'ivy-green'], {
      brief: { ...pot().brief, lasting: true },
      startDate: '2026-05-16',
      container: roundPot(260, 220, 240),
      ...change,
    });
  const asked = (planting: Planting, today: string) => told(planting, 'repot', today);
  test('is potted on in its third March, and not before', () => {
    expect(asked(lasting(), '2028-03-01')).toEqual([]);
    expect(asked(lasting(), '2029-03-01')).toEqual(['2029-03-15 pot on abelia and ivy, or cut a fifth off the roots']);
  });
  test('done once, it asks again three years later', () => {
    const deeds = [{ id: 'r', what: 'repot' as const, to: null, on: '2029-03-15', done: '2029-03-20' }];
    expect(asked(lasting({ deeds }), '2029-04-01')).toEqual([]);
    expect(asked(lasting({ deeds }), '2032-03-01')).toHaveLength(1);
  });
  test('in the south in September', () =>
    expect(asked(lasting({ spot: SOUTHERN }), '2029-09-01')).toMatchObject([expect.stringMatching(/^2029-09-15/)]));
  test('room enough asks nothing', () =>
    expect(asked(lasting({ container: roundPot(900, 800, 800) }), '2029-03-01')).toEqual([]));
});
