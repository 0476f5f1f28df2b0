import { jobsBetween } from '../formats/jobs-ics';
import { newPlacement } from '../plantings/fresh';
import type { Planting } from '../plantings/schema';
import { pot, roundPot } from '../testing/pots';
import { addDays } from '../units/date';
import { byUrgency, type Job, jobsOf } from './index';

const of = (plants: readonly string[], change: Partial<Planting> = {}): Planting =>
  pot({
    placements: plants.map((plant, i) =>
      newPlacement(`p${i}`, {
        plant,
        role: i === 0 ? 'thriller' : 'filler',
        start: 'p9',
        xMm: i === 0 ? 0 : 110 * Math.cos(i),
        yMm: i === 0 ? 0 : 110 * Math.sin(i),
      }),
    ),
    ...change,
  });
const yearRound = { brief: { ...pot().brief, lasting: true } };
const basket = {
  ...roundPot(350, 300, 200),
  shape: { kind: 'basket' as const, topMm: 350, depthMm: 190 },
  mount: 'hook' as const,
};

const SIX = {
  summer: of(['canna-dwarf-red', 'petunia-violet', 'dahlia-pink', 'pelargonium-scarlet', 'calibrachoa-violet']),
  basket: of(['fuchsia-upright', 'lobelia-blue', 'bidens-yellow', 'begonia-red'], { container: basket }),
  winter: of(['skimmia', 'viola-blue', 'ivy-green'], { startDate: '2026-09-28' }),
  yearRound: of(['dogwood-winter', 'heuchera-plum', 'ivy-green', 'lavender', 'catmint', 'box-ball'], yearRound),
  succulents: of(['aeonium-black', 'echeveria-grey-pink', 'houseleek-red']),
  kitchen: of(['tomato-bush', 'basil-green', 'lettuce-red', 'thyme-common', 'rosemary-upright']),
};
type Scenario = keyof typeof SIX;

const YEAR_DAYS = 540;
/** All that a planting asks in its first year and a half, as “MM-DD text”. */
const yearOf = (name: Scenario): string[] => {
  const p = SIX[name];
  return jobsBetween([p], addDays(p.startDate, -20), addDays(p.startDate, YEAR_DAYS)).map(
    (j) => `${j.due.slice(5)} ${j.text}`,
  );
};
const years = Object.fromEntries((Object.keys(SIX) as Scenario[]).map((name) => [name, yearOf(name)])) as Record<
  Scenario,
  string[]
>;

describe('what a head gardener would ask for, and when', () => {
  test.each<[Scenario, RegExp, string, string]>([
    ['summer', /harden off .*canna.*petunia/, '05-01', '05-10'],
    ['summer', /^..-.. plant it/, '05-16', '05-16'],
    ['summer', /check the mix every day until 30 May/, '05-17', '05-17'],
    ['summer', /pinch petunia, dahlia, pelargonium and calibrachoa/, '06-01', '06-10'],
    ['summer', /top up the mix/, '06-08', '06-18'],
    ['summer', /give liquid feed$/, '06-20', '09-15'],
    ['summer', /give calibrachoa iron/, '07-01', '07-31'],
    ['summer', /cut petunia back by half/, '07-10', '07-25'],
    ['summer', /cut calibrachoa back by half/, '07-10', '07-25'],
    ['summer', /tie in dahlia at 40 cm/, '06-10', '07-31'],
    ['summer', /deadhead .*petunia/, '06-10', '10-12'],
    ['summer', /yellow leaves off pelargonium$/, '06-20', '10-12'],
    ['summer', /look for .*blackfly on dahlia/, '06-01', '07-31'],
    ['summer', /take cuttings of pelargonium/, '08-15', '09-10'],
    ['summer', /lift and bring in pelargonium/, '10-01', '10-10'],
    ['summer', /lift and dry (canna|dahlia)/, '10-15', '10-30'],
    ['summer', /clear it/, '10-10', '10-25'],
    ['summer', /wash the container/, '10-10', '10-25'],
    ['basket', /give liquid feed, twice this week/, '07-08', '09-15'],
    ['basket', /cut trailing lobelia back/, '06-15', '07-25'],
    ['basket', /cut bidens back/, '07-10', '07-25'],
    ['basket', /take cuttings of fuchsia/, '08-15', '09-10'],
    ['winter', /check the mix every day/, '09-29', '09-29'],
    ['winter', /clear fallen leaves.*raise it on feet/, '10-10', '10-31'],
    ['winter', /liquid feed once/, '03-01', '03-31'],
    ['winter', /clear it: time for the summer planting/, '05-15', '05-25'],
    ['yearRound', /old leaves off heuchera.*dogwood and catmint down low.*top-dress/, '03-01', '03-31'],
    ['yearRound', /feed it once/, '04-01', '05-31'],
    ['yearRound', /cut catmint to the leaves at its base/, '06-25', '07-25'],
    ['yearRound', /clip lavender lightly/, '08-01', '08-31'],
    ['yearRound', /clip box/, '06-05', '08-31'],
    ['yearRound', /look for .*box caterpillar on box/, '04-01', '08-31'],
    ['yearRound', /keep the rain off lavender/, '10-10', '10-31'],
    ['succulents', /first water/, '05-23', '05-23'],
    ['succulents', /bring in (tree aeonium|echeveria)/, '09-20', '10-10'],
    ['kitchen', /patio tomato a high-potash feed/, '06-20', '09-15'],
    ['kitchen', /tie in patio tomato/, '06-01', '07-31'],
    ['kitchen', /lift red lettuce and sow again/, '06-20', '08-10'],
    ['kitchen', /look for .*tomato blight/, '07-01', '08-31'],
  ])('%s: %s', (name, asked, from, to) => {
    const days = years[name].filter((t) => asked.test(t)).map((t) => t.slice(0, 5));
    expect(days.length).toBeGreaterThan(0);
    for (const day of days) expect(day >= from && day <= to ? 'in time' : day).toBe('in time');
  });
});

describe('nothing silly', () => {
  test.each<[Scenario, RegExp]>([
    ['summer', /yellow leaves off .*(canna|petunia|dahlia)/],
    ['summer', /cuttings of (canna|dahlia|petunia)/],
    ['summer', /cut (canna|dahlia|pelargonium)/],
    ['basket', /pinch .*(begonia|lobelia)/],
    ['basket', /cut bedding begonia/],
    ['basket', /deadhead .*(lobelia|bidens)/],
    ['basket', /raise it on feet|saucer/],
    ['winter', /weekly|first frost|pinch/],
    ['winter', /give liquid feed$/],
    ['yearRound', /clear it|wash the container|pinch|first frost/],
    ['yearRound', /yellow leaves/],
    ['succulents', /feed|pinch|yellow|check the mix every day|cuttings/],
    ['kitchen', /cut (tomato|rosemary|basil)/],
    ['kitchen', /pinch .*(thyme|rosemary|tomato)/],
  ])('%s: never %s', (name, silly) => expect(years[name].filter((t) => silly.test(t))).toEqual([]));
  test('a winter box is fed once, in March, and a year-round pot without hungry kinds once a year', () => {
    const fed = (name: Scenario) => years[name].filter((t) => /(?<!slow-release )feed/.test(t) && !/top-dress/.test(t));
    expect(fed('winter')).toHaveLength(1);
    expect(fed('yearRound').map((t) => t.slice(0, 5))).toEqual(['04-20']);
  });
});

describe('what is over, and what was looked at', () => {
  test('is cleared, not fed and looked over: only water goes on until then', () =>
    expect(jobsOf(SIX.summer, { today: '2026-11-20', days: 60 }).map((j) => j.kind)).toEqual(['over']));
  test('leaves that were looked over are not asked about again that month', () => {
    const looks = (deeds: Planting['deeds']) =>
      jobsOf({ ...SIX.summer, deeds }, { today: '2026-07-09' }).filter((j) => j.kind === 'look').length;
    expect(looks([])).toBe(1);
    const on = (what: 'check' | 'look-over', day: string) => looks([{ id: 'c', what, to: null, on: day, done: day }]);
    expect(on('look-over', '2026-07-09')).toBe(0);
    // The mix that was felt is no leaf that was turned over.
    expect(on('check', '2026-07-09')).toBe(1);
  });
});

describe('what stays for years', () => {
  test('is asked for the same in its second summer as in its first', () =>
    expect(years.yearRound.filter((t) => /clip lavender/.test(t))).toEqual([
      '08-10 clip lavender lightly, in leaf only',
      '08-10 clip lavender lightly, in leaf only',
    ]));
  test('is fed as its plants bear it: without lime, without phosphate', () => {
    const fed = (...plants: string[]) =>
      jobsOf(of(plants, yearRound), { today: '2027-04-10' })
        .filter((j) => j.kind === 'feed')
        .map((j) => j.text);
    expect(fed('camellia', 'pieris')).toEqual(['feed it once: ericaceous slow-release, worked into the surface']);
    expect(fed('kangaroo-paw-red', 'fescue-blue')).toEqual([
      'feed it once: slow-release without phosphate, worked into the surface',
    ]);
  });
  test('is wrapped where its roots would freeze, and under a roof is watered in winter until that is done', () => {
    const roofed: Planting = { ...SIX.yearRound, spot: { ...pot().spot, rain: 'none' as const, coldestWinterC: -15 } };
    const on = (today: string, p = roofed) => jobsOf(p, { today, days: 20 }).map((j) => j.text);
    expect(on('2026-11-10').join()).toMatch(/wrap the container for .*ivy/);
    expect(on('2026-12-01').join()).toMatch(/water it on a mild day/);
    const deeds = [{ id: 'c', what: 'check' as const, to: null, on: '2026-12-02', done: '2026-12-02' }];
    expect(on('2026-12-03', { ...roofed, deeds }).join()).not.toMatch(/mild day/);
    expect(on('2026-12-01', SIX.yearRound).join()).not.toMatch(/mild day/);
  });
});

test('what is kept has one name whatever its day, so that a later calendar moves it', () => {
  const keys = (firstFrost: string) =>
    jobsBetween([{ ...SIX.summer, spot: { ...SIX.summer.spot, firstFrost } }], '2026-06-01', '2026-12-31')
      .filter((j) => j.kind === 'keep')
      .map((j) => j.key)
      .sort();
  expect(keys('10-20').length).toBeGreaterThan(2);
  expect(keys('10-27')).toEqual(keys('10-20'));
});

describe('a window and an urgency', () => {
  const job = (change: Partial<Job>): Job => ({
    ...(jobsOf(SIX.summer, { today: '2026-05-17' })[0] as Job),
    ...change,
  });
  test('a job still stands on the last day on which it does what it is for', () => {
    const shear = (today: string) => jobsOf(SIX.summer, { today, days: 0 }).filter((j) => j.kind === 'shear');
    expect(shear('2026-07-25').map((j) => j.until)).toEqual(['2026-07-25', '2026-07-25']);
    expect(shear('2026-07-26')).toEqual([]);
  });
  test('a round takes first what plants die of, then what costs flower, then looks; of those the soonest over', () => {
    const round = [
      job({ matters: 'looks', until: '2026-07-01', text: 'turn' }),
      job({ matters: 'suffers', until: '2026-07-09', text: 'feed' }),
      job({ matters: 'suffers', until: '2026-07-03', text: 'deadhead' }),
      job({ matters: 'dies', until: '2026-07-20', text: 'bring in' }),
    ];
    expect([...round].sort(byUrgency).map((j) => j.text)).toEqual(['bring in', 'deadhead', 'feed', 'turn']);
  });
});
