import { writeFileSync } from 'node:fs';
import { jobsBetween, jobsIcs } from '../core/formats/jobs-ics';
import { BadInputError } from '../core/formats/parse';
import { JOBS } from '../core/jobs';
import type { Planting } from '../core/plantings/schema';
import { daysOf } from './days';

/** What `rillbank jobs` prints: what is due between two days; written as a calendar where one is named. Throws BadInputError. */
export function jobsIn(plantings: readonly Planting[], args: readonly string[]): unknown {
  if (plantings.length === 0) throw new BadInputError('file: give at least one planting after `jobs`.');
  const { from, to } = daysOf(args);
  const jobs = jobsBetween(plantings, from, to);
  const at = args.indexOf('--ics');
  if (at >= 0) {
    const out = args[at + 1];
    if (!out) throw new BadInputError('--ics: name the file to write.');
    try {
      writeFileSync(out, jobsIcs(jobs));
    } catch {
      throw new BadInputError(`--ics: could not write ${out}. Check that the folder exists and is writable.`);
    }
  }
  return jobs.map(({ due, kind, of, text }) => ({
    due,
    kind,
    planting: of.id,
    name: of.name,
    text,
    why: JOBS[kind].why,
  }));
}
