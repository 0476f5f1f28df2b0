import { headspaceMm } from '../containers';
import { formOf } from '../containers/form';
import { depthOf } from '../containers/outline';
import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import { maxBy } from '../units/number';
import { check } from './check';
import { heightBand } from './height-band';
import { bandQuality } from './severity';

/** Just outside the band is not spoken of; an open star may stand a little higher. Working figures. */
const NEARLY = 0.95;
const OVER = 1.06;

/** Height of the tallest plant above the rim over the height of the container. */
export const height = check({
  name: 'Height',
  facet: 'form',
  weight: 10,
  at: 'plants',
  ends: ['too low', 'too tall'],
  of: ({ planting, moments }) => {
    const plants = moments[2].plants.filter((p) => p.grown.alive);
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
        severity: ratio < band[0] * NEARLY || ratio > band[1] * OVER ? 'watch' : 'good',
        measured: ratio,
        band,
        unit: '× container',
        scale: [0, band[1] * 1.6],
        culprits: ratio > band[1] ? stands.filter((s) => s.h > band[1] * pot).map((s) => s.p.id) : [tallest.p.id],
        says: ratio < band[0] ? 'low' : ratio > band[1] ? 'high' : 'good',
        facts: { plant: plantName(tallest.p.plant), tallMm: tallest.h, potMm: pot, form },
        rule: `${schoolOf(planting.brief).label}, ${form}: the tallest plant stands ${said} times the container’s height above the rim`,
        source: 'common practice, height of the tallest above the rim',
        quality: Math.max(0.15, bandQuality(ratio, band) ** 1.5),
      },
    ];
  },
  words: {
    good: (f) => `${f.text('plant')} stands ${f.len('tallMm')} above a ${f.text('form')} ${f.len('potMm')} deep.`,
    low: (f) =>
      `Too low: ${f.text('plant')} reaches only ${f.len('tallMm')} above a ${f.text('form')} ${f.len('potMm')} deep.`,
    high: (f) =>
      `Too tall: ${f.text('plant')} reaches ${f.len('tallMm')} above a ${f.text('form')} ${f.len('potMm')} deep.`,
  },
  figure: ({ measured }) => `${measured.toFixed(1)} × its height`,
  ideas: ['swap', 'bigger starts', 'pinch', 'take one of many out'],
});
