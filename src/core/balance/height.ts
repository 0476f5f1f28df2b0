import { headspaceMm } from '../containers';
import { formOf } from '../containers/form';
import { depthOf } from '../containers/outline';
import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import { maxBy } from '../units/number';
import { check } from './check';
import { heightBand } from './height-band';
import { bandQuality, bySeverity } from './severity';

/** So far under or over the band it is no longer a matter of taste. Working figures. */
const FAR_UNDER = 0.62;
const FAR_OVER = 1.3;

/** Height of the tallest plant above the rim over the height of the container. */
export const height = check({
  name: 'Height',
  weight: 10,
  at: 'plants',
  ends: ['too low', 'too tall'],
  of: ({ planting, plants }) => {
    const overRim = -headspaceMm(planting.container);
    const stands = plants.map((p) => ({ p, h: p.grown.heightMm + overRim }));
    const tallest = maxBy(stands, (s) => s.h);
    if (!tallest) return [];
    const form = formOf(planting.container);
    const band = heightBand(planting);
    const pot = depthOf(planting.container.shape);
    const ratio = tallest.h / pot;
    const said = band.map((b) => Math.round(b * 100) / 100).join('–');
    return [
      {
        severity: bySeverity(ratio, band, [band[0] * FAR_UNDER, band[1] * FAR_OVER]),
        measured: ratio,
        band,
        unit: '× container',
        scale: [0, band[1] * 1.6],
        culprits: ratio > band[1] ? stands.filter((s) => s.h > band[1] * pot).map((s) => s.p.id) : [tallest.p.id],
        says: ratio < band[0] ? 'low' : ratio > band[1] ? 'high' : 'good',
        facts: { plant: plantName(tallest.p.plant), tallMm: tallest.h, potMm: pot, form },
        rule: `${schoolOf(planting.brief).label}, ${form}: tallest above the rim ${said} × the container’s height`,
        source: 'practice, height of the tallest above the rim',
        quality: bandQuality(ratio, band),
      },
    ];
  },
  words: {
    good: (f) => `${f.text('plant')} stands ${f.len('tallMm')} over a ${f.text('form')} ${f.len('potMm')} deep.`,
    low: (f) =>
      `Too low: ${f.text('plant')} reaches only ${f.len('tallMm')} over a ${f.text('form')} ${f.len('potMm')} deep.`,
    high: (f) =>
      `Too tall: ${f.text('plant')} reaches ${f.len('tallMm')} over a ${f.text('form')} ${f.len('potMm')} deep.`,
  },
  figure: ({ measured }) => `${measured.toFixed(1)} × its height`,
  ideas: ['swap', 'take one of many out'],
});
