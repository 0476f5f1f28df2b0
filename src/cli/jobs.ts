import { writeFileSync } from 'node:fs';
import { jobsBetween, jobsIcs } from '../core/formats/jobs-ics';
import { BadInputError } from '../core/formats/parse';
import { JOBS } from '../core/jobs';
import { daysOf } from './days';
import { plantingsIn, valueAfter } from './read';

/** `rillbank jobs`: what is due between two days; written as a calendar where one is named. Throws BadInputError. */
export function run(args: readonly string[]): unknown {
  const plantings = plantingsIn('jobs', args);
  const { from, to } = daysOf(args);
  const jobs = jobsBetween(plantings, from, to);
  if (args.includes('--ics')) {
    const out = valueAfter(args, '--ics');
    if (!out) throw new BadInputError('--ics: name the file to write.');
    const calendar = jobsIcs(jobs);
    if (calendar === null)
      throw new BadInputError(
        `--ics: nothing is due from ${from} to ${to}, so no calendar was written. Choose other days.`,
      );
    try {
      writeFileSync(out, calendar);
    } catch {
      throw new BadInputError(`--ics: could not write ${out}. Check that the folder exists and is writable.`);
    }
  }
  return jobs.map(({ due, since, kind, of, text }) => ({
    due,
    since,
    kind,
    planting: of.id,
    name: of.name,
    text,
    why: JOBS[kind].why,
  }));
}
