import { headspaceMm } from '../containers';
import { clearOf, depthOf, feetMm, halfLeastMm, rimPoints } from '../containers/outline';
import type { Season } from '../growth/grown';
import type { Planting } from '../plantings/schema';
import { hashText, seeded } from '../units/number';
import type { Clear } from '../containers/shapes/shape';
import { wallAt } from '../containers/wall';
import { surroundingsOf } from '../spots/surroundings';
import { backed } from './backed';
import { createBuilder } from './builder';
import { isSouthern } from '../climate/hemisphere';
import { seasonLookOf } from './season-look';
import { doseOf } from './dose';
import { leggyOf } from './leggy';
import type { TrailedPot, Sprig } from './sprig';
import { drawingOf } from './drawings';
import { drawnAs } from './frosted';
import type { Canopy } from './kinds';
import type { Piece } from './piece';
import { supportOf } from './supports';
import type { Vec } from './vector';

/** Walls are about this thick where stems cross them, mm. */
const WALL = 14;
/** Room for trailers under a container that hangs, where nobody measured it, mm. */
const HANGING_ROOM = 1500;

const outside = (c: Clear): Clear => ({ ...c, mm: c.mm + WALL });

/** The most a plant comes to in the season, mm: its support is put in for that. */
const tallest = (season: Season, owner: number): number =>
  Math.max(0, ...season.weeks.map((w) => w.plants[owner]?.heightMm ?? 0));

/** Where the wall behind it stands, mm toward the viewer; null where there is none. */
function wallOf({ spot, container }: Planting): number | null {
  const surroundings = surroundingsOf(spot, container);
  return surroundings.wall ? wallAt(container, surroundings) : null;
}

/**
 * Grows the visible planting of one week: every leaf, flower and stem as an instance. Same planting and week, same
 * canopy; with a `share` under 1 a fair sample of it. Coordinates in mm: x right, y up from the rim, z toward
 * the viewer.
 */
export function sprout(planting: Planting, season: Season, week: number, share = 1): Canopy {
  const builder = createBuilder();
  const { shape } = planting.container;
  const soil = -headspaceMm(planting.container);
  const floorMm =
    planting.container.mount === 'ground'
      ? depthOf(shape) + feetMm(planting.container)
      : Math.max(depthOf(shape), planting.container.rimHeightMm ?? HANGING_ROOM);
  const pot: TrailedPot = {
    innerMm: halfLeastMm(shape),
    depthMm: depthOf(shape),
    floorMm,
    rim: rimPoints(shape),
    clear: (below, x, y) => outside(clearOf(shape, below, x, y)),
  };
  const shown = Math.max(0, Math.min(week, season.weeks.length - 1));
  const southern = isSouthern(planting.spot);
  const wall = wallOf(planting);
  const sizes = season.weeks[shown]?.plants ?? [];
  season.placed.forEach((p, owner) => {
    const size = sizes[owner];
    const base: Vec = [p.xMm, soil, p.yMm];
    const leggy = leggyOf(planting, season, owner, shown);
    const drawn = size && drawnAs(p.plant, size, seasonLookOf(p.plant, season, owner, shown, southern, leggy));
    if (!drawn) return;
    const pieces: Piece[] = [];
    const sprig: Sprig = {
      ...drawn,
      owner,
      put: (piece) => void pieces.push(piece),
      dose: doseOf(p.plant),
      random: seeded(hashText(`${p.plant.id}/${p.id}`)),
      base,
      pot,
      supportMm: p.role === 'spiller' ? 0 : tallest(season, owner),
    };
    if (size.alive) supportOf(sprig);
    drawingOf(p.plant)(sprig);
    for (const piece of wall === null ? pieces : backed(pieces, p.yMm, wall)) builder.put(piece);
  });
  return builder.finish(share);
}
