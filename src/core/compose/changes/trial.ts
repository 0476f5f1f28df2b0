import { assess } from '../../balance/assess';
import type { Remedy, Report } from '../../balance/finding';
import { RANK, type Severity } from '../../balance/severity';
import { apply, type Command } from '../../plantings/commands';
import type { Planting } from '../../plantings/schema';
import { tenth } from '../../units/number';

/** A quality that moves by less than this is left unsaid. Working figure. */
const MOVES = 0.05;

/** What some commands would do, tried and judged in full. */
export interface Trial {
  planting: Planting;
  report: Report;
  /** Score after, less the score before. */
  change: number;
}

/** Commands tried on a planting whose report is known. */
export function trial(planting: Planting, before: Report, commands: readonly Command[]): Trial {
  const changed = commands.reduce(apply, planting);
  const report = assess(changed);
  return { planting: changed, report, change: tenth(report.score - before.score) };
}

const was = (before: Report, check: string) => before.findings.find((f) => f.check === check);

/** Whether anything is wrong after that was not before. */
export const spoils = (before: Report, after: Report): boolean =>
  after.findings.some((f) => f.severity === 'wrong' && was(before, f.check)?.severity !== 'wrong');

/** Checks that move to speak of. */
export const effectsOf = (before: Report, after: Report): Remedy['effects'] =>
  after.findings.flatMap((f) => {
    const b = was(before, f.check);
    if (!b || (b.severity === f.severity && Math.abs(b.quality - f.quality) <= MOVES)) return [];
    return [{ check: f.check, from: b.severity, to: f.severity, before: b.measured, after: f.measured }];
  });

/** How much better a check is after, in steps of severity and of quality; 1 when it has nothing more to say. */
export function gainOf(before: { check: string; severity: Severity; quality: number }, after: Report): number {
  const now = was(after, before.check);
  return now ? RANK[before.severity] - RANK[now.severity] + (now.quality - before.quality) : 1;
}

/** Checks whose severity changes. */
export const movesOf = (before: Report, after: Report): Pick<Remedy['effects'][number], 'check' | 'from' | 'to'>[] =>
  effectsOf(before, after)
    .filter((e) => e.from !== e.to)
    .map(({ check, from, to }) => ({ check, from, to }));
