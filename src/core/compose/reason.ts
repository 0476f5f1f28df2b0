import type { Report } from '../balance/finding';
import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { plantName } from '../plants/schema';
import { resolve } from '../plantings/resolve';
import { schoolOf } from '../schools';
import type { Planting } from '../plantings/schema';
import { signature } from '../plants/signature';

/** Why this one, in one or two sentences, from what was measured. */
export function reasonOf(planting: Planting, report: Report): string {
  const placed = resolve(planting);
  const lead = placed.find((p) => p.role === 'thriller') ?? placed[0];
  if (!lead) return '';
  const colours = [...new Set(placed.filter((p) => p !== lead).map((p) => family(lch(signature(p.plant)))))]
    .filter((f) => f !== 'green')
    .slice(0, 3);
  const told =
    colours.length > 1
      ? `${colours.slice(0, -1).join(', ')} and ${colours[colours.length - 1]}`
      : (colours[0] ?? 'green');
  const watch = report.findings.filter((f) => f.severity !== 'good');
  const strengths = report.findings
    .filter((f) => f.severity === 'good' && (f.check === 'season' || f.check === 'texture' || f.check === 'vigour'))
    .sort((a, b) => b.quality - a.quality);
  const price = watch.length === 0 ? 'Nothing to watch.' : `To watch: ${watch[0]?.message ?? ''}`;
  return `${plantName(lead.plant)} ${schoolOf(planting.brief).leads}, with ${told} round it. ${strengths[0]?.message ?? ''} ${price}`.replaceAll(
    '  ',
    ' ',
  );
}
