import { contrast } from '../balance/texture';
import { heightBand } from '../balance/bands';
import { scorchLimitH } from '../balance/place';
import { isNeutral } from '../colour/family';
import { deltaE, hueGap, lch } from '../colour/oklch';
import { SCHEMES } from '../colour/schemes';
import { depthOf } from '../containers/outline';
import { lightFit } from '../growth/model';
import type { Plant, Role } from '../plants/schema';
import { schemeFit } from '../plants/scheme-fit';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { clamp01 } from '../units/number';

/** What can be said of one plant in one role before anything is grown: 0–1. Guides the search, never the verdict. */
export function promise(plant: Plant, role: Role, planting: Planting, hue: number | null): number {
  const { spot, container, brief } = planting;
  const sun = sunReading(spot, planting.startDate);
  const pot = depthOf(container.shape);
  const limit = scorchLimitH(plant, spot);
  const scorch = limit === null || sun.afternoon <= limit ? 1 : 0.3;
  const light = 0.4 + 0.6 * lightFit(plant.sunHours, sun.hours);
  const height = (plant.heightMm[0] + plant.heightMm[1]) / 2;
  const band = heightBand(planting);
  const top = ((band[0] + band[1]) / 2) * pot;
  const goal =
    role === 'thriller'
      ? top
      : role === 'filler'
        ? brief.school === 'level-dome' || brief.school === 'tall-only'
          ? top
          : top * 0.45
        : top * 0.22;
  const size = Math.exp(-((Math.log(Math.max(30, height) / goal) / 0.7) ** 2));
  const hang =
    role !== 'spiller'
      ? 1
      : 0.4 + 0.6 * Math.exp(-(((plant.trailMm[0] + plant.trailMm[1]) / 2 / pot - 0.6) ** 2) / 0.15);
  return light * scorch * (0.35 + 0.65 * size) * hang * (0.25 + 0.75 * schemeFit(plant, SCHEMES[brief.scheme], hue));
}

const remembered = new WeakMap<Plant, string>();

/** The colour a plant is remembered by. */
export function signature(plant: Plant): string {
  const known = remembered.get(plant);
  if (known !== undefined) return known;
  const hex = strongest(plant);
  remembered.set(plant, hex);
  return hex;
}

function strongest(plant: Plant): string {
  const strong = plant.colours.map((c) => {
    const col = lch(c.hex);
    const isFlower = c.part === 'flower' || c.part === 'throat';
    return {
      hex: c.hex,
      weight: c.share * (isFlower ? plant.flower.show * 1.6 : 1 - plant.flower.show) * (isNeutral(col) ? 0.25 : 1),
    };
  });
  return strong.reduce((a, b) => (b.weight > a.weight ? b : a)).hex;
}

const kept = new WeakMap<Plant, WeakMap<Plant, number>>();

/** What can be said of two kinds side by side: −1…1. Asked over and over by the search, so it is kept by the two records. */
export function company(a: Plant, b: Plant): number {
  let of = kept.get(a);
  if (!of) kept.set(a, (of = new WeakMap()));
  const known = of.get(b);
  if (known !== undefined) return known;
  const value = sideBySide(a, b);
  of.set(b, value);
  return value;
}

function sideBySide(a: Plant, b: Plant): number {
  if (a.id === b.id) return -1;
  const twin = a.botanical === b.botanical ? -0.5 : 0;
  const water = (a.water === 'dry' && b.water === 'thirsty') || (a.water === 'thirsty' && b.water === 'dry') ? -0.6 : 0;
  const season =
    (a.season === 'cool' && b.season === 'warm') || (a.season === 'warm' && b.season === 'cool') ? -0.4 : 0;
  const [ca, cb] = [lch(signature(a)), lch(signature(b))];
  const apart =
    clamp01(deltaE(ca, cb) / 0.25) * 0.25 -
    (ca.c > 0.08 && cb.c > 0.08 && hueGap(ca.h, cb.h) > 70 && hueGap(ca.h, cb.h) < 130 ? 0.12 : 0);
  const bully = Math.abs(a.vigour - b.vigour) >= 3 ? -0.3 : 0;
  return contrast(a, b) * 0.6 + apart + twin + water + season + bully;
}
