import { clamp } from '../../units/number';
import { flowerAt, heads, heldMm } from '../flowers';
import { lumpIn } from '../inside';
import { leafAreaMm2, leafAt, leafLook } from '../leaves';
import { between, GOLDEN, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, blended, toward, UP, unit, type Vec } from '../vector';
import { cone } from './cone';

/** So much more light comes in through leaf that is cut fine. By eye. */
const LET_THROUGH = 1.8;
/** Leaf area over a bush’s silhouette that hides its stems. Working figure, by eye. */
const LEAFY = 3.3;
/**
 * Shoots in the middle of a bush bear no leaf below this share of their way; from there up, side shoots of so
 * many leaves’ length close what lies between. By eye.
 */
const SHADED = 0.4;
const CLOSES = { from: 0.4, to: 0.9, long: 0.45 };
/** Narrow leaves, so wide beside their length, are close on a shoot: two pairs in the place of one. By eye. */
const NARROW = 0.3;
const OPPOSITE = [0, Math.PI] as const;
const CROSSED = [0, Math.PI / 2, Math.PI, -Math.PI / 2] as const;
/** A leggy plant has lost the leaves of so much of its shoots. By eye. */
const BARE_FOOT = 0.5;
/** What bears hanging flowers arches: its outer shoots end so much lower; and has so much more leaf. By eye. */
const ARCHES = 0.3;
const CLOSER = 1.7;

/**
 * How a bush is built: how tall it is in leaf and how wide, mm, of how many shoots with how many nodes, how
 * much larger than life its leaves are drawn, and how they stand.
 */
interface Frame {
  h: number;
  w: number;
  stems: number;
  nodesOn: (tallMm: number) => number;
  larger: number;
  sides: readonly number[];
  /** Its flowers hang. */
  hangs: boolean;
}

function frameOf(s: Sprig): Frame {
  const { heightMm, spreadMm: w } = s.grown;
  const hangs = s.look?.as === 'hung';
  // Its leaves end where the flowers that stand over them begin.
  const h = heightMm - Math.min(heldMm(s), heightMm * 0.3) * 0.8;
  const { lengthMm: leaf, aspect } = leafLook(s.plant);
  const stems = clamp(Math.round((w * w) / (leaf * leaf)), 9, 26);
  // No more nodes than it takes leaves, twice over, to hide its stems.
  const leafy = LEAFY * (hangs ? CLOSER : 1) * w * h * 0.79;
  const enough = leafy / leafAreaMm2(s.plant) / stems;
  const nodesOn = (tall: number) => clamp(Math.round(Math.min(tall / (leaf * 0.4), enough)), 3, 7);
  // Where leaves are too small to draw one by one, fewer and larger stand for them.
  const drawn = stems * (3 * nodesOn(h * 0.8) + 1) * leafAreaMm2(s.plant);
  const larger = clamp(Math.sqrt(leafy / drawn), 0.95, 2.1);
  return { h, w, stems, nodesOn, larger, sides: aspect < NARROW ? CROSSED : OPPOSITE, hangs };
}

/** The end of a side shoot, and the way it points: where a flower may hang. */
interface Axil {
  at: Vec;
  out: Vec;
}

/**
 * Branching shoots from one foot, clothed from where light reaches them to their tips; flowers over the
 * outside, or hanging by the leaves.
 */
export function bush(s: Sprig): void {
  if (s.plant.leaf.form === 'needle') return cone(s);
  const frame = frameOf(s);
  const { h, w, stems } = frame;
  lumpIn(s, add(s.base, UP, h * 0.14), w * 0.32, h * 0.44, s.plant.leaf.form === 'feather' ? LET_THROUGH : 1);
  const axils: Axil[] = [];
  for (let i = 0; i < stems; i += 1) axils.push(...shoot(s, frame, i));
  const { many, size } = heads(s, Math.PI * w * h * 0.7, 90);
  if (frame.hangs) hungIn(s, axils, many, size);
  else strewnOver(s, frame, many, size);
}

/** One shoot and its leaves; the ends of its side shoots. */
function shoot(s: Sprig, { h, w, stems, nodesOn, larger, sides, hangs }: Frame, i: number): Axil[] {
  const { lengthMm: leaf } = leafLook(s.plant);
  const t = (i + 0.5) / stems;
  const reach = Math.sqrt(t) * Math.max(0.2 * w, w / 2 - leaf * 1.15 * larger);
  const a = i * GOLDEN + between(s, -0.3, 0.3);
  const tipH = h * (1 - (0.45 + (hangs ? ARCHES : 0)) * t * t) * between(s, 0.84, 1) - leaf * 0.1;
  const tip: Vec = add(s.base, [Math.cos(a) * reach, tipH, Math.sin(a) * reach]);
  const elbow = add(s.base, [Math.cos(a) * reach * 0.6, tipH * 0.12, Math.sin(a) * reach * 0.6]);
  stemBetween(s, s.base, elbow, 4);
  stemBetween(s, elbow, tip, 3);
  const nodes = nodesOn(tipH);
  const foot = Math.max(hangs ? 0 : SHADED * (1 - t), BARE_FOOT * s.season.leggy);
  const face = (dir: Vec) => unit(add(UP, dir, 0.55));
  const axils: Axil[] = [];
  for (let n = 0; n < nodes; n += 1) {
    const up = foot + ((1 - foot) * n) / Math.max(1, nodes - 1);
    const at = blended(elbow, tip, up);
    // The oldest leaves, low on the stem, are the largest and hang.
    const size = larger * (n === nodes - 1 ? 0.62 : 1.04 - 0.34 * up);
    for (const side of sides) {
      const dir = toward(
        a + side + n * (Math.PI / 2) + between(s, -0.4, 0.4),
        -0.5 + 0.45 * up + between(s, -0.25, 0.3),
      );
      leafAt(s, at, dir, face(dir), size, up < 0.2 ? between(s, 0, 0.3) : 0);
    }
    if (up < CLOSES.from || up > CLOSES.to) continue;
    const out = toward(a + (n % 2 ? 1 : -1) * between(s, 0.5, 1.7), between(s, -0.1, 0.35));
    const end = add(at, out, leaf * larger * CLOSES.long);
    const dir = unit(add(out, [0, between(s, -0.4, 0.1), 0]));
    leafAt(s, end, dir, face(dir), larger * 0.8);
    axils.push({ at: end, out: dir });
  }
  leafAt(s, tip, toward(a + between(s, -1, 1), hangs ? -0.3 : 0.7), unit(add(UP, toward(a, 0.2), 0.6)), 0.6 * larger);
  return axils;
}

/** Flowers over the whole outside from knee height up, and not along its outline only. */
function strewnOver(s: Sprig, { h, w }: Frame, many: number, size: number): void {
  const held = heldMm(s);
  const out = Math.max(w * 0.3, w * 0.45 - held * 0.6);
  const mm = s.plant.flower.sizeMm;
  for (let i = 0; i < many; i += 1) {
    const t = (i + 0.5) / many;
    const dir = toward(i * GOLDEN, Math.asin(clamp(1 - 0.96 * t + between(s, -0.08, 0.08), 0.02, 1)));
    const at: Vec = add(s.base, [dir[0] * out, h * (0.36 + 0.6 * dir[1]), dir[2] * out]);
    const over = add(at, unit(add(dir, UP, 1)), held * between(s, 0.7, 1.15));
    stemBetween(s, add(at, [-dir[0] * 26, -mm * 0.7, -dir[2] * 26]), over, clamp(mm * 0.04, 1.6, 3.4));
    flowerAt(s, over, unit(add(dir, UP, s.look?.as === 'open' && s.look.up ? 0.9 : 0.3)), size);
  }
}

/** How far a hanging flower is borne out from its axil, mm. By eye. */
const OUT_MM = 12;

/** Flowers hang from the axils of the outer leaves, some of them in pairs. */
function hungIn(s: Sprig, axils: readonly Axil[], many: number, size: number): void {
  for (let i = 0; i < many; i += 1) {
    const axil = axils[Math.floor(((i * 0.618) % 1) * axils.length)];
    if (!axil) return;
    const neck = add(axil.at, axil.out, between(s, 0.2, 1) * OUT_MM);
    stemBetween(s, axil.at, neck, 1.2);
    flowerAt(s, add(neck, [between(s, -8, 8), -0.34 * s.plant.flower.sizeMm, between(s, -8, 8)]), axil.out, size);
  }
}
