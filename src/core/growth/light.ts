import type { Placed } from '../plantings/resolve';
import { clamp01 } from '../units/number';
import { EXTINCTION, LEAF_AREA_INDEX, SKY_HOURS } from './model';

interface Canopy {
  xMm: number;
  yMm: number;
  radiusMm: number;
  heightMm: number;
}

interface Size {
  heightMm: number;
  spreadMm: number;
  trailMm: number;
  alive: boolean;
}

/** Where a plant's canopy lies: trailers lean out over the rim as they lengthen, up to half their own radius. */
function canopyOf(p: Placed, g: Size): Canopy {
  const radiusMm = g.spreadMm / 2;
  const out = Math.hypot(p.xMm, p.yMm);
  const lean = out > 1 && p.role === 'spiller' ? Math.min(radiusMm * 0.5, g.trailMm * 0.5) / out : 0;
  return { xMm: p.xMm * (1 + lean), yMm: p.yMm * (1 + lean), radiusMm, heightMm: g.heightMm };
}

/** Area common to two discs, mm². Standard lens formula. */
function lensArea(r: number, s: number, d: number): number {
  if (d >= r + s) return 0;
  if (d <= Math.abs(r - s)) return Math.PI * Math.min(r, s) ** 2;
  const a = r * r * Math.acos((d * d + r * r - s * s) / (2 * d * r));
  const b = s * s * Math.acos((d * d + s * s - r * r) / (2 * d * s));
  const c = 0.5 * Math.sqrt((-d + r + s) * (d + r - s) * (d - r + s) * (d + r + s));
  return a + b - c;
}

/** Sun comes from the side as well: only this share of a neighbour's full overhead shade is felt. Working figure. */
const OVERHEAD = 0.72;

/** Share of its light that `over` takes from `under`, 0–1: Beer–Lambert through the part that stands above it. */
function shadeOn(under: Canopy, over: Canopy, leafAreaIndex: number): number {
  const covered = lensArea(under.radiusMm, over.radiusMm, Math.hypot(under.xMm - over.xMm, under.yMm - over.yMm)) / (Math.PI * under.radiusMm ** 2);
  const above = clamp01((over.heightMm - under.heightMm * 0.85) / (over.heightMm * 0.55 + 1));
  return OVERHEAD * covered * (1 - Math.exp(-EXTINCTION * leafAreaIndex * above * 1.6));
}

/**
 * Share of the light each plant needs that its neighbours leave it, 0–1, in the order of `placed`. A plant that
 * wants little sun is content with what is left. `hours` is the spot's direct sun.
 */
export function lightLeft(placed: readonly Placed[], sizes: readonly Size[], hours: number): number[] {
  const canopies = placed.map((p, i) => canopyOf(p, sizes[i] as Size));
  return placed.map((p, i) => {
    let through = 1;
    canopies.forEach((over, j) => {
      if (j !== i && sizes[j]?.alive) through *= 1 - shadeOn(canopies[i] as Canopy, over, LEAF_AREA_INDEX[(placed[j] as Placed).plant.habit]);
    });
    const need = Math.min(p.plant.sunHours[1], hours) + SKY_HOURS;
    return clamp01((through * (hours + SKY_HOURS)) / need);
  });
}

/** Index of the neighbour that takes most light from `index`, or -1 when none takes any. */
export function strongestShader(placed: readonly Placed[], sizes: readonly Size[], index: number): number {
  const canopies = placed.map((p, i) => canopyOf(p, sizes[i] as Size));
  let worst = -1;
  let most = 0.02;
  canopies.forEach((over, j) => {
    if (j === index || !sizes[j]?.alive) return;
    const s = shadeOn(canopies[index] as Canopy, over, LEAF_AREA_INDEX[(placed[j] as Placed).plant.habit]);
    if (s > most) [most, worst] = [s, j];
  });
  return worst;
}
