import { checkOf } from '../../balance';
import type { Finding, Remedy, Report } from '../../balance/finding';
import { LIBRARY } from '../../plants';
import type { Plant } from '../../plants/schema';
import type { Planting } from '../../plantings/schema';
import { triesFor } from './ideas';
import { effectsOf, gainOf, spoils, trial } from './trial';

/** Remedies shown for one finding. */
const SHOWN = 3;
/** A remedy that betters its check by less is none. Working figure. */
const LEAST_GAIN = 0.05;
/**
 * What may be lost of the whole for it, points: hardly anything for looks, some for what it costs or how it
 * lives. Working figures.
 */
const DEAREST = 1;
const DEAREST_GATE = 10;

/**
 * The report with remedies on everything that is not good: each one tried and judged, with what it does to
 * the rest.
 */
export const withRemedies = (planting: Planting, report: Report, library: readonly Plant[] = LIBRARY): Report => ({
  ...report,
  findings: report.findings.map((f) =>
    f.severity === 'good' ? f : { ...f, remedies: remediesFor(planting, report, f, library) },
  ),
});

/** The kind of deed, and to whom: two remedies of one kind to one plant are shown once. */
const sameAs = ({ commands: [first] }: Remedy): string =>
  `${first?.do ?? ''}|${first && 'id' in first ? first.id : ''}`;

/** Remedies that better one finding and make nothing else wrong, best for the whole first. */
export function remediesFor(
  planting: Planting,
  report: Report,
  finding: Finding,
  library: readonly Plant[] = LIBRARY,
): Remedy[] {
  const { facet, ideas } = checkOf(finding.check);
  const tried = triesFor(planting, finding, ideas, library).flatMap(({ label, commands }) => {
    const after = trial(planting, report, commands);
    const gain = gainOf(finding, after.report);
    // What is put right may cost looks.
    const dear = finding.severity !== 'wrong' && after.change < -(facet === 'gate' ? DEAREST_GATE : DEAREST);
    if (gain < LEAST_GAIN || dear || spoils(report, after.report)) return [];
    const remedy: Remedy = { label, commands, effects: effectsOf(report, after.report), scoreChange: after.change };
    return [{ remedy, worth: after.change + gain }];
  });
  const best = tried.sort((a, b) => b.worth - a.worth).map((t) => t.remedy);
  return best.filter((r, i) => best.findIndex((o) => sameAs(o) === sameAs(r)) === i).slice(0, SHOWN);
}
