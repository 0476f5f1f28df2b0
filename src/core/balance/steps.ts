import { plantName } from '../plants/schema';
import type { Role } from '../plants/traits';
import { schoolOf } from '../schools';
import type { Steps } from '../schools/school';
import { maxBy, median } from '../units/number';
import { check, type Measured, times } from './check';
import { bandQuality, bySeverity } from './severity';
import type { Stand, Standing } from './standing';

const SOURCE = 'practice, steps between layers';

type Says = 'good' | 'low' | 'high' | 'level' | 'uneven';

const of = ({ plants }: Standing, ...roles: Role[]): Stand[] => plants.filter((p) => roles.includes(p.role));

/** A dome is level. */
function level(standing: Standing, { band, outer }: Steps): Measured<Says>[] {
  const top = of(standing, 'filler', 'thriller');
  const tallest = maxBy(top, (p) => p.grown.heightMm);
  const lowest = maxBy(top, (p) => -p.grown.heightMm);
  if (!tallest || !lowest || top.length < 2) return [];
  const uneven = (tallest.grown.heightMm - lowest.grown.heightMm) / tallest.grown.heightMm;
  return [
    {
      severity: bySeverity(uneven, band, outer),
      measured: uneven,
      band,
      unit: 'of the tallest',
      scale: [0, 0.8],
      culprits: [tallest.id, lowest.id],
      says: uneven > band[1] ? 'uneven' : 'level',
      facts: { plant: plantName(tallest.plant), other: plantName(lowest.plant), share: uneven },
      rule: 'Level dome: heights within 20 %',
      source: SOURCE,
      quality: uneven <= band[1] ? 1 : Math.max(0, 1 - (uneven - band[1]) * 2),
    },
  ];
}

/** A thriller stands clear of its fillers. */
function clear(standing: Standing, { band, outer }: Steps): Measured<Says>[] {
  const thriller = maxBy(of(standing, 'thriller'), (p) => p.grown.heightMm);
  const fillers = of(standing, 'filler');
  if (!thriller || fillers.length === 0) return [];
  const tall = thriller.grown.heightMm;
  const mid = median(fillers.map((f) => f.grown.heightMm));
  const ratio = tall / Math.max(1, mid);
  const rivals = fillers.filter((f) => f.grown.heightMm > tall / band[0]).map((f) => f.id);
  return [
    {
      severity: bySeverity(ratio, band, outer),
      measured: ratio,
      band,
      unit: '× fillers',
      scale: [0, 5],
      culprits: ratio < band[0] ? [thriller.id, ...rivals] : [thriller.id],
      says: ratio < band[0] ? 'low' : ratio > band[1] ? 'high' : 'good',
      facts: { plant: plantName(thriller.plant), tallMm: tall, midMm: mid, ratio },
      rule: 'Thriller at least 1.4 × the middle of the fillers',
      source: SOURCE,
      quality: bandQuality(ratio, band),
    },
  ];
}

/** The layers step down as the school has them. */
export const steps = check<Says>({
  name: 'Steps',
  weight: 6,
  at: 'plants',
  of: (standing) => {
    const asked = schoolOf(standing.planting.brief).steps;
    if (!asked) return [];
    return asked.kind === 'level' ? level(standing, asked) : clear(standing, asked);
  },
  words: {
    good: (f) => `${f.text('plant')} stands clear of the fillers, ${f.len('tallMm')} to ${f.len('midMm')}.`,
    low: (f) => `${f.text('plant')} hardly rises over the fillers, ${f.len('tallMm')} to ${f.len('midMm')}.`,
    high: (f) => `${f.text('plant')} towers over the fillers, ${f.len('tallMm')} to ${f.len('midMm')}.`,
    level: (f) => `The top is level to ${f.pct('share')}.`,
    uneven: (f) => `Not level: ${f.text('plant')} stands over ${f.text('other')} by ${f.pct('share')}.`,
  },
  figure: times,
  ideas: ['swap', 'take one of many out'],
});
