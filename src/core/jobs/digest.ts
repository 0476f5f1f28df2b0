import { listed } from '../units/listed';
import { byUrgency, type Job } from './index';
import { capital } from './plants-of';

/** Jobs told of a day, and containers told of a job; the rest is counted. */
const JOBS_TOLD = 3;
const NAMES_TOLD = 2;

/** A job with the name of its container. */
export interface NamedJob {
  job: Job;
  name: string;
}

/** “Water it: Left-hand pot, Oval tub and 3 more” */
function line(text: string, names: readonly string[]): string {
  const more = names.length - NAMES_TOLD;
  const told = more > 0 ? `${names.slice(0, NAMES_TOLD).join(', ')} and ${more} more` : listed([...names]);
  return `${capital(text)}: ${told}`;
}

/**
 * What each day asks for, in a few lines, the most urgent first; by the day, ISO. What is overdue stands on
 * `today`.
 */
export function digestOf(jobs: readonly NamedJob[], today: string): Record<string, string> {
  const days = new Map<string, NamedJob[]>();
  for (const j of [...jobs].sort((a, b) => byUrgency(a.job, b.job))) {
    const on = j.job.due < today ? today : j.job.due;
    days.set(on, [...(days.get(on) ?? []), j]);
  }
  return Object.fromEntries(
    [...days].map(([on, list]) => {
      const texts = [...new Set(list.map((j) => j.job.text))];
      const lines = texts
        .slice(0, JOBS_TOLD)
        .map((t) => line(t, [...new Set(list.filter((j) => j.job.text === t).map((j) => j.name))]));
      const more = texts.length - lines.length;
      return [on, [...lines, ...(more > 0 ? [`and ${more} more`] : [])].join('\n')];
    }),
  );
}
