import { clamp } from '../units/number';
import { between, flowerAt, leafAt, stemBetween, type Sprig } from './sprig';
import { add, mix, toward, unit, type Vec } from './vector';

const DOWN: Vec = [0, -1, 0];
const STEP = 22;

/**
 * Stems that run outward over the soil, cross the rim, bend under their weight and hang clear of the wall, stopping at
 * the ground. `share` thins them.
 */
export function trails(s: Sprig, share: number): void {
  const { trailMm, spreadMm } = s.grown;
  if (trailMm < 15) return;
  const atEdge = s.out > s.pot.rimMm * 0.3;
  const stems = Math.max(3, Math.round(clamp(spreadMm / 13, 9, 28) * share));
  const half = atEdge ? clamp(Math.atan2(spreadMm * 0.36, s.pot.rimMm), 0.22, 1) : Math.PI;
  for (let i = 0; i < stems; i += 1) {
    const t = stems === 1 ? 0 : i / (stems - 1) - 0.5;
    // Each stem makes for its own place on the rim, so that they part like a curtain.
    const mark = s.outward + t * 2 * half + between(s, -0.1, 0.1);
    const heading = Math.atan2(Math.sin(mark) * s.pot.rimMm - s.base[2], Math.cos(mark) * s.pot.rimMm - s.base[0]);
    runStem(s, heading, trailMm * between(s, 0.4, 1) * (1 - 0.7 * Math.abs(t)), i);
  }
}

/** One stem: points along its way, dressed with leaves and flowers. */
function runStem(s: Sprig, heading: number, hangMm: number, index: number): void {
  const { rimMm, depthMm } = s.pot;
  let at: Vec = add(s.base, toward(heading, 0.5), between(s, 6, 18));
  let dir: Vec = unit(toward(heading, between(s, 0.25, 0.6)));
  let hung = 0;
  const spacing = clamp(s.plant.leaf.lengthMm * 0.42, 8, 30);
  let sinceLeaf = spacing * s.random();
  let side = index % 2 ? 1 : -1;
  for (let n = 0; n < 90 && hung < hangMm; n += 1) {
    const radial = Math.hypot(at[0], at[2]);
    const away = radial > 1 ? Math.atan2(at[2], at[0]) : heading;
    const over = radial > rimMm + 6;
    dir = over ? unit(mix(unit(add(dir, [between(s, -0.12, 0.12), 0, between(s, -0.12, 0.12)])), DOWN, 0.34)) : unit(mix(dir, toward(heading, radial > rimMm * 0.8 ? -0.05 : 0.16), 0.4));
    const floor = over ? -Infinity : 8;
    let next = add(at, dir, STEP);
    if (!over && next[1] < floor) next = [next[0], floor, next[2]];
    if (next[1] < 0) {
      const clearOf = s.pot.wallAt(-next[1]) + 12;
      const r = Math.hypot(next[0], next[2]);
      if (r < clearOf) next = [(next[0] * clearOf) / Math.max(1, r), next[1], (next[2] * clearOf) / Math.max(1, r)];
    }
    if (next[1] < -depthMm + 6) break;
    if (next[1] < 0) hung += STEP;
    stemBetween(s, at, next, clamp(s.plant.leaf.lengthMm * 0.05, 1.4, 3));
    sinceLeaf += STEP;
    while (sinceLeaf >= spacing) {
      sinceLeaf -= spacing;
      const here = mix(at, next, s.random());
      const across = toward(away + (Math.PI / 2) * side, 0);
      const outward = toward(away, 0.25);
      const along = unit(add(add(add(across, outward, between(s, 0.2, 0.9)), DOWN, over ? between(s, 0.35, 0.9) : 0.1), dir, 0.3));
      leafAt(s, here, along, unit(add(outward, [0, 1, 0], over ? 0.55 : 1.1)), (1 - 0.3 * (hung / Math.max(1, hangMm))) * Math.max(1, 12 / s.plant.leaf.lengthMm));
      side = -side;
      bloomOn(s, here, outward, spacing);
    }
    at = next;
  }
}

/** A flower at a node, now and then: as often as the plant shows flower now. */
function bloomOn(s: Sprig, at: Vec, outward: Vec, spacing: number): void {
  const { show, form, sizeMm } = s.plant.flower;
  if (form === 'none' || sizeMm === 0) return;
  const chance = show * s.grown.bloom * clamp((spacing / sizeMm) * 3.2, 0.2, 1);
  if (s.random() > chance) return;
  const facing = unit(add(outward, [between(s, -0.35, 0.35), 0.35, between(s, -0.35, 0.35)]));
  flowerAt(s, add(at, facing, sizeMm * 0.4 + 6), facing);
}
