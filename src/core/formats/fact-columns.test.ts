import { LIBRARY } from '../plants';
import { FACT_CHOICES, type FactChoice } from '../plants/traits';
import { some } from '../testing/some';
import { CellError } from './cells';
import { FACT_COLUMNS } from './fact-columns';

const column = (key: string) => {
  const found = FACT_COLUMNS.find((c) => c.key === key);
  if (!found) throw new Error(`no ${key}`);
  return found;
};
const read = (key: string, text: string) => column(key).read(text, 'metric').factsAre;

test('every fact that is one word of a few has a column that reads each of its words', () => {
  for (const key of some(Object.keys(FACT_CHOICES) as FactChoice[])) {
    const c = FACT_COLUMNS.find((x) => x.label === FACT_CHOICES[key].label);
    for (const word of FACT_CHOICES[key].options)
      expect(c?.read(word, 'metric')).toEqual({ factsAre: { [key]: word } });
  }
});

test('what a record says goes out and comes back', () => {
  for (const p of some(LIBRARY.filter((x) => x.facts)))
    for (const c of FACT_COLUMNS) {
      const text = c.write?.(p) ?? '';
      if (text) expect(p.facts).toMatchObject(c.read(text, 'metric').factsAre ?? {});
    }
});

test.each([
  ['worlds', 'bedding and tropical', { worlds: ['bedding', 'tropical'] }],
  ['runs_wild', 'nowhere', { runsWild: [] }],
  ['runs_wild', 'tropical; subtropical', { runsWild: ['tropical', 'subtropical'] }],
  ['top', '10–5', { top: [10, 5] }],
  ['pests', 'slugs, rust', { pests: ['slugs', 'rust'] }],
  ['pests', 'none', { pests: [] }],
  ['chill', '9 weeks under 7 °C', { chill: { weeks: 9, belowC: 7 } }],
  ['chill', 'none', { chill: null }],
  ['warmest_night_c', 'any', { warmestNightC: null }],
  ['warmest_night_c', '21', { warmestNightC: 21 }],
  ['roots_to_c', 'usual', { rootsToC: null }],
  ['root_l', '12', { rootL: 12 }],
  ['kept_at_c', '-2', { keptAtC: -2 }],
  ['cut_back', 'comes again', { cutBack: 'by half' }],
  ['bees', 'yes', { bees: 'good' }],
  [
    'display',
    'berries #c8202a 9 0.2 1 1 0 0 0 0 0 0 0.5 1 1 1',
    {
      display: {
        what: 'berries',
        hex: '#c8202a',
        sizeMm: 9,
        show: 0.2,
        months: [1, 1, 0, 0, 0, 0, 0, 0, 0.5, 1, 1, 1],
      },
    },
  ],
])('%s: %s', (key, text, facts) => expect(read(key, text)).toEqual(facts));

test.each([
  ['worlds', 'bedding, moon'],
  ['top', 'April'],
  ['chill', 'a cold winter'],
  ['top', '4–13'],
  ['display', 'berries red'],
  ['display', 'berries #c8202a 9 0.2 1 1'],
  ['rhythm', 'sometimes'],
  ['pests', 'dragons'],
])('%s: %s is refused, and what to write instead is said', (key, text) => {
  expect(() => read(key, text)).toThrow(CellError);
  expect(() => read(key, text)).toThrow(/Use |must be one of/);
});
