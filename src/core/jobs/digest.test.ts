import { warmPot } from '../testing/pots';
import { addDays } from '../units/date';
import { digestOf } from './digest';
import { type Job, jobsOf } from './index';

const today = addDays(warmPot().startDate, 30);
const [some] = jobsOf(warmPot(), { today, days: 60 });
const job = (text: string, due: string, matters: Job['matters'] = 'suffers'): Job => {
  if (!some) throw new Error('A job is wanted.');
  return { ...some, text, due, until: due, matters };
};

test('what is overdue stands on today; the most urgent is told first; names of one job share a line', () => {
  const told = digestOf(
    [
      { job: job('turn it', today, 'looks'), name: 'Tub' },
      { job: job('water it', addDays(today, -1), 'dies'), name: 'Left' },
      { job: job('water it', today, 'dies'), name: 'Right' },
      { job: job('feed it', addDays(today, 2)), name: 'Left' },
    ],
    today,
  );
  expect(told).toEqual({
    [today]: 'Water it: Left and Right\nTurn it: Tub',
    [addDays(today, 2)]: 'Feed it: Left',
  });
});

test('many are counted', () => {
  const names = ['A', 'B', 'C', 'D'];
  const told = digestOf(
    ['one', 'two', 'three', 'four', 'five'].flatMap((t) => names.map((name) => ({ job: job(t, today), name }))),
    today,
  );
  expect(told[today]?.split('\n')).toHaveLength(4);
  expect(told[today]).toMatch(/^One: A, B and 2 more\n[^]*and 2 more$/);
});

test('of nothing nothing is told', () => expect(digestOf([], today)).toEqual({}));
