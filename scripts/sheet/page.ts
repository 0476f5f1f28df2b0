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

/** One plant by itself at its best, large, seen from so far round. Throws for an id that is not in the library. */
function plant(id: string, size: number, turn: number): Made {
  const found = libraryPlant(id);
  if (!found) throw new Error(`No plant ${id} in the library.`);
  const { planting, season } = specimenOf(found);
  const from = performance.now();
  const r = room();
  r.stage.setContainer(planting.container);
  r.stage.setSurroundings(null);
  r.stage.setCanopy(sprout(planting, season, 0), 'near');
  r.stage.setFrame(frameOf(planting, season));
  r.stage.setView({ ...FRONT, azimuth: turn });
  r.stage.setSize(size, size, 1);
  r.stage.timed();
  return { href: r.canvas.toDataURL('image/png'), name: plantName(found), ms: performance.now() - from };
}

/**
 * How a planting is looked at: in a week, or at its peak; at an hour, or in even light; from so far away, mm,
 * and so far round, radians.
 */
interface Look {
  week?: number;
  hour?: number;
  away?: number;
  turn: number;
}

/** A planting file as it is looked at; from near by at a little over the middle of its height. */
function planting(file: unknown, size: number, { week, hour, away, turn }: Look): Made {
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
  const round = { ...FRONT, azimuth: turn };
  r.stage.setView(away === undefined ? round : { ...round, near: { awayMm: away, upMm } });
  r.stage.setSize(size, size, 1);
  r.stage.timed();
  return { href: r.canvas.toDataURL('image/png'), name: p.name, ms: performance.now() - from };
}

Object.assign(window, { plant, planting });
