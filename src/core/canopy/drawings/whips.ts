import { clamp } from '../../units/number';
import { flowerAt, heads } from '../flowers';
import { leafAt, leafLook } from '../leaves';
import { between, GOLDEN, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { blend, flowerColours, stemColour } from '../tints';
import { add, blended, toward, UP, unit, type Vec } from '../vector';

/** So much of a whip bears leaf, from its foot; from there on it is bare but for flowers. By eye. */
const LEAFY = 0.42;
/** Where along its bare part flowers are open; beyond that they are in bud. By eye. */
const OPEN = { from: 0.28, to: 0.86 };
const LEAVES_EACH = 14;

const BUDS = [0.9, 0.95, 1];

function budAt(s: Sprig, at: Vec, along: Vec): void {
  const { a } = flowerColours(s);
  const mm = s.plant.flower.sizeMm * 0.36;
  const stem = stemColour(s.plant);
  s.put({
    kind: 'bud',
    at,
    along,
    face: UP,
    length: mm,
    width: mm * 0.45,
    droop: mm * 0.45,
    a: blend(a, stem, 0.3),
    b: stem,
    owner: s.owner,
    glow: 0.4,
  });
}

/** Long thin shoots that spring from a leafy foot and lean out, with flowers strung along them: gauras. */
export function whips(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const shoots = clamp(Math.round(w / 12), 14, 36);
  const { many, size } = heads(s, Math.PI * w * h * 0.6, 260);
  for (let i = 0; i < shoots; i += 1) {
    const t = (i + 0.5) / shoots;
    const a = i * GOLDEN + between(s, -0.3, 0.3);
    const reach = Math.sqrt(t) * (w / 2);
    const tall = h * (1 - 0.36 * t * t) * between(s, 0.82, 1);
    const at = (out: number, up: number): Vec =>
      add(s.base, [Math.cos(a) * reach * out, tall * up, Math.sin(a) * reach * out]);
    const [foot, knee, bend, tip] = [at(0.15, 0), at(0.34, 0.42), at(0.66, 0.8), at(1, 1)];
    const on = (k: number): Vec =>
      k < LEAFY
        ? blended(foot, knee, k / LEAFY)
        : k < 0.75
          ? blended(knee, bend, (k - LEAFY) / 0.33)
          : blended(bend, tip, (k - 0.75) / 0.25);
    stemBetween(s, foot, knee, 2.6);
    stemBetween(s, knee, bend, 1.8);
    stemBetween(s, bend, tip, 1.3);
    const size0 = clamp((w * 0.2) / leafLook(s.plant).lengthMm, 0.8, 1.5);
    for (let n = 0; n < LEAVES_EACH; n += 1) {
      const up = (n + 0.5) / LEAVES_EACH;
      const dir = toward(a + n * 2.4 + between(s, -0.3, 0.3), between(s, 0.1, 0.7));
      leafAt(s, on(up * (LEAFY + 0.1)), dir, unit(add(UP, dir, 0.2)), size0 * (1.1 - 0.5 * up));
    }
    const each = Math.floor(((i + 1) * many) / shoots) - Math.floor((i * many) / shoots);
    for (let k = 0; k < each; k += 1) {
      const along = OPEN.from + ((k + 0.5) / each) * (OPEN.to - OPEN.from);
      const out = toward(a + k * GOLDEN, between(s, -0.1, 0.4));
      const from = on(LEAFY + (1 - LEAFY) * along);
      const held = s.plant.flower.sizeMm * 0.4;
      stemBetween(s, from, add(from, out, held), 1);
      flowerAt(s, add(from, out, held), unit(add(out, UP, 0.25)), size);
    }
    // Buds to its very tip.
    if (s.grown.bloom > 0.05) for (const k of BUDS) budAt(s, on(k), toward(a, 0.9));
  }
}
