// What the sheet's browser page does: draws plants by themselves, and plantings, with the product's own portrait.
import { specimenOf } from '../../src/core/canopy/specimen';
import { sprout } from '../../src/core/canopy/sprout';
import { grow } from '../../src/core/growth/season';
import { libraryPlant } from '../../src/core/plants';
import { plantName } from '../../src/core/plants/schema';
import { PlantingSchema } from '../../src/core/plantings/schema';
import { frameOf } from '../../src/features/pictures/frame';
import { lightOfSpot, sunOf } from '../../src/core/spots/sun-seen';
import { surroundingsOf } from '../../src/core/spots/surroundings';
import { FRONT } from '../../src/portrait/lens';
import { createStage, type Stage } from '../../src/portrait/stage';

interface Made {
  href: string;
  name: string;
  ms: number;
}

let stage: Stage | null = null;
let canvas: HTMLCanvasElement | null = null;

function room(): { stage: Stage; canvas: HTMLCanvasElement } {
  canvas ??= document.createElement('canvas');
  stage ??= createStage(canvas);
  return { stage, canvas };
}

/** One plant by itself at its best, large. Throws for an id that is not in the library. */
function plant(id: string, size: number): Made {
  const found = libraryPlant(id);
  if (!found) throw new Error(`No plant ${id} in the library.`);
  const { planting, season } = specimenOf(found);
  const from = performance.now();
  const r = room();
  r.stage.setContainer(planting.container);
  r.stage.setSurroundings(null);
  r.stage.setCanopy(sprout(planting, season, 0), 'near');
  r.stage.setFrame(frameOf(planting, season));
  r.stage.setView(FRONT);
  r.stage.setSize(size, size, 1);
  r.stage.timed();
  return { href: r.canvas.toDataURL('image/png'), name: plantName(found), ms: performance.now() - from };
}

/** A planting file as it stands in a week, or at its peak; from so far away, mm, at a little over the middle of its height. */
function planting(file: unknown, size: number, week?: number, hour?: number, awayMm?: number): Made {
  const p = PlantingSchema.parse(file);
  const season = grow(p);
  const from = performance.now();
  const r = room();
  r.stage.setContainer(p.container);
  r.stage.setSurroundings(surroundingsOf(p.spot, p.container));
  r.stage.setCanopy(sprout(p, season, week ?? season.peak), 'near');
  r.stage.setFrame(frameOf(p, season));
  const date = season.weeks[week ?? season.peak]?.date ?? p.startDate;
  r.stage.setSun(hour === undefined ? 'even' : sunOf(lightOfSpot(p.spot), date, hour));
  const upMm = frameOf(p, season).top * 0.36;
  r.stage.setView(awayMm === undefined ? FRONT : { ...FRONT, near: { awayMm, upMm } });
  r.stage.setSize(size, size, 1);
  r.stage.timed();
  return { href: r.canvas.toDataURL('image/png'), name: p.name, ms: performance.now() - from };
}

Object.assign(window, { plant, planting });
