import { depthOf } from '../containers/outline';
import { plantName } from '../plants/schema';
import { maxBy, median } from '../units/number';
import { BANDS, formOf, heightBand } from './bands';
import type { Context } from './context';
import { bandQuality, bySeverity, type Reading } from './finding';

/** Height of the tallest plant above the rim over the height of the container. */
export function height({ planting, placed, grown }: Context): Reading[] {
  const alive = placed.map((p, i) => ({ p, h: grown[i]?.heightMm ?? 0 }));
  const tallest = maxBy(alive, (a) => a.h);
  if (!tallest) return [];
  const school = BANDS[planting.brief.school];
  const form = formOf(planting.container);
  const band = heightBand(planting);
  const pot = depthOf(planting.container.shape);
  const ratio = tallest.h / pot;
  return [
    {
      check: 'height',
      severity: bySeverity(ratio, band, [band[0] * 0.62, band[1] * 1.3]),
      measured: ratio,
      band,
      unit: '× container',
      scale: [0, band[1] * 1.6],
      culprits: ratio > band[1] ? alive.filter((a) => a.h > band[1] * pot).map((a) => a.p.id) : [tallest.p.id],
      says: ratio < band[0] ? 'height.low' : ratio > band[1] ? 'height.high' : 'height.good',
      facts: { plant: plantName(tallest.p.plant), tallMm: tallest.h, potMm: pot, low: band[0], high: band[1], form },
      rule: `${school.label}, ${form}: tallest ${band.map((b) => Math.round(b * 100) / 100).join('–')} × the container’s height`,
      source: 'practice, height of the tallest above the rim',
      quality: bandQuality(ratio, band),
    },
  ];
}

/** Steps: the thriller stands clear of the fillers and they of the spillers; a dome is level. */
export function steps(ctx: Context): Reading[] {
  const { placed, grown } = ctx;
  const school = BANDS[ctx.planting.brief.school];
  const { kind, band, outer } = school.steps;
  const of = (role: string) => placed.flatMap((p, i) => (p.role === role ? [{ p, h: grown[i]?.heightMm ?? 0 }] : []));
  if (kind === 'none') return [];
  const source = 'practice, steps between layers';
  if (kind === 'level') {
    const top = [...of('filler'), ...of('thriller')];
    const tallest = maxBy(top, (a) => a.h);
    const lowest = maxBy(top, (a) => -a.h);
    if (!tallest || !lowest || top.length < 2) return [];
    const uneven = (tallest.h - lowest.h) / tallest.h;
    return [
      {
        check: 'steps',
        severity: bySeverity(uneven, band, outer),
        measured: uneven,
        band,
        unit: 'of the tallest',
        scale: [0, 0.8],
        culprits: [tallest.p.id, lowest.p.id],
        says: uneven > band[1] ? 'steps.uneven' : 'steps.level',
        facts: { plant: plantName(tallest.p.plant), other: plantName(lowest.p.plant), share: uneven },
        rule: 'Level dome: heights within 20 %',
        source,
        quality: uneven <= band[1] ? 1 : Math.max(0, 1 - (uneven - band[1]) * 2),
      },
    ];
  }
  const thriller = maxBy(of('thriller'), (a) => a.h);
  const fillers = of('filler');
  if (!thriller || fillers.length === 0) return [];
  const mid = median(fillers.map((f) => f.h));
  const ratio = thriller.h / Math.max(1, mid);
  return [
    {
      check: 'steps',
      severity: bySeverity(ratio, band, outer),
      measured: ratio,
      band,
      unit: '× fillers',
      scale: [0, 5],
      culprits:
        ratio < band[0]
          ? [thriller.p.id, ...fillers.filter((f) => f.h > thriller.h / band[0]).map((f) => f.p.id)]
          : [thriller.p.id],
      says: ratio < band[0] ? 'steps.low' : ratio > band[1] ? 'steps.high' : 'steps.good',
      facts: { plant: plantName(thriller.p.plant), tallMm: thriller.h, midMm: mid, ratio },
      rule: 'Thriller at least 1.4 × the middle of the fillers',
      source,
      quality: bandQuality(ratio, band),
    },
  ];
}
