import type { KnownDay } from '../climate/days';
import { SKYLINE_POINTS } from '../spots/schema';
import { placed, pot } from '../testing/pots';
import type { Planting } from '../plantings/schema';
import { type JobId, jobsOf } from './index';

const of = (plants: readonly string[], change: Partial<Planting> = {}): Planting =>
  pot({
    placements: plants.map((id, i) => placed(`p${i}`, id, 'filler', i * 60 - 90, 0)),
    ...change,
  });

/** What is asked over a season, in its order: “2026-07-15 cut petunia back by half”. */
const told = (planting: Planting, kind: JobId, today = planting.startDate): string[] =>
  jobsOf(planting, { today, days: 210, all: true })
    .filter((j) => j.kind === kind)
    .map((j) => `${j.due} ${j.text}`);

/** The day after planting, so that it stands. */
const stands = (planting: Planting): string => `${planting.startDate.slice(0, 8)}28`;

describe('cut as far as each bears, in its month', () => {
  const at = (...plants: string[]) => told(of(plants), 'shear', stands(of(plants)));
  test('petunias by half in July, catmint to its base, lavender lightly in August', () => {
    expect(at('petunia-violet')).toEqual(['2026-07-15 cut petunia back by half']);
    expect(at('catmint')).toEqual(['2026-07-15 cut catmint to the leaves at its base']);
    expect(at('lavender')).toEqual(['2026-08-15 clip lavender lightly, in leaf only']);
  });
  test('thyme, kitchen sage and pinks are never cut by half', () => {
    const all = at('thyme-common', 'sage-green', 'dianthus-pink', 'rosemary-upright').join('; ');
    expect(all).not.toMatch(/by half|base/);
    expect(all).toMatch(/clip thyme lightly, in leaf only/);
  });
  test('begonias, cannas and a palm are left alone, and so is leaf that crowds nobody', () =>
    expect(at('begonia-red', 'canna-dwarf-red', 'windmill-palm', 'coleus-lime')).toEqual([]));
  test('south of the equator half a year later', () => {
    const south = of(['petunia-violet'], {
      startDate: '2026-11-16',
      spot: {
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
      },
    });
    expect(told(south, 'shear', '2026-11-28')).toEqual(['2027-01-15 cut petunia back by half']);
  });
});

describe('pests are looked for by name', () => {
  test('in their months, on those they come to, with what gives them away', () => {
    const p = of(['fuchsia-upright', 'hosta-gold', 'cosmos-white']);
    const said = told(p, 'look', stands(p));
    expect(said[0]).toMatch(/^2026-06-10 look for greenfly on fuchsia: soft shoot tips.*vine weevil on fuchsia/);
    expect(said.find((t) => t.startsWith('2026-09-10'))).toMatch(/slugs on hosta/);
    expect(said.join()).not.toMatch(/cosmos: webs|box caterpillar/);
  });
  test('none is looked for where none comes', () => {
    const p = of(['angelonia-white', 'lantana-white']);
    expect(told(p, 'look', stands(p)).join()).not.toMatch(/angelonia/);
  });
});

describe('after rain', () => {
  const wet = (rainMm: number): KnownDay[] => [
    { date: '2026-07-20', highC: 20, lowC: 12, rainMm, known: 'forecast' } as KnownDay,
  ];
  const asked = (plants: string[], rainMm: number, change: Partial<Planting> = {}) =>
    jobsOf(of(plants, change), { today: '2026-07-18' }, { weather: wet(rainMm) })
      .filter((j) => j.kind === 'afterRain')
      .map((j) => `${j.due} ${j.text}`);
  test('spoilt flowers come off what rain bruises, not off the rest', () =>
    expect(asked(['petunia-violet', 'salvia-blue'], 20)).toEqual([
      '2026-07-20 after the rain, pick spoilt flowers off petunia',
    ]));
  test('a shower spoils nothing, nor rain that does not reach it', () => {
    expect(asked(['petunia-violet'], 4)).toEqual([]);
    expect(asked(['petunia-violet'], 20, { spot: { ...pot().spot, rain: 'none' } })).toEqual([]);
  });
});

test('what goes out at warm nights is hardened off, and what is hardy is not', () => {
  const p = of(['coleus-lime', 'hosta-gold', 'heuchera-plum']);
  expect(told(p, 'hardenOff', '2026-05-01')).toEqual([expect.stringMatching(/harden off coleus$/)]);
});
