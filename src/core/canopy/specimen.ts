import type { Container } from '../containers/schema';
import type { Season } from '../growth/grown';
import { referTo } from '../plants';
import type { Plant } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import { freshPlanting, newPlacement } from '../plantings/fresh';
import type { Planting } from '../plantings/schema';
import { lerp, maxBy } from '../units/number';

/** A pot stands this much wider and deeper than the root ball in it, mm. Working figure: its wall and its lip. */
const WALL_MM = 8;

/** What hangs further under its pot than this is held up. */
const CLEAR_MM = 20;

/** The pot a start is sold in. */
const startPot = (start: StartSize, like: Container): Container => {
  const { ballMm, ballDepthMm } = STARTS[start];
  return {
    ...like,
    material: 'plastic',
    colour: '#3c413e',
    shape: {
      kind: 'round',
      topMm: ballMm + WALL_MM,
      baseMm: Math.round(ballMm * 0.74),
      depthMm: ballDepthMm + WALL_MM,
    },
  };
};

/** The largest start a plant is ordinarily sold in, which is what it is shown in. */
const shownIn = (p: Plant): StartSize => maxBy(p.starts, (s) => STARTS[s.size].litres)?.size ?? 'p9';

/** A plant by itself at its best: grown to the middle of its range, in full bloom, in the pot it was bought in. */
export interface Specimen {
  planting: Planting;
  season: Season;
}

/**
 * One plant by itself, at peak and at true scale, whatever the spot: what the library shows. `sprout` grows
 * its leaves for week 0. What hangs is held clear of the ground on brackets.
 */
export function specimenOf(plant: Plant): Specimen {
  const fresh = freshPlanting(`specimen-${plant.id}`, plant.common, '2026-05-01');
  const start = shownIn(plant);
  const middle = ([a, b]: readonly [number, number]) => lerp(a, b, 0.6);
  const hangs = middle(plant.trailMm) > STARTS[start].ballDepthMm + CLEAR_MM;
  const placement = newPlacement('p1', {
    plant: referTo(plant),
    start,
    xMm: 0,
    yMm: 0,
    role: plant.roles[0] ?? 'filler',
  });
  const planting: Planting = {
    ...fresh,
    container: { ...startPot(start, fresh.container), mount: hangs ? 'wall' : 'ground' },
    placements: [placement],
  };
  const grown = {
    heightMm: middle(plant.heightMm),
    spreadMm: middle(plant.spreadMm),
    trailMm: middle(plant.trailMm),
    bloom: Math.max(...plant.bloom),
    light: 1,
    alive: true,
    gone: null,
    goneWeeks: 0,
    after: 0,
  };
  const season: Season = {
    placed: [{ ...placement, plant, nx: 0, ny: 1, wallMm: STARTS[start].ballMm / 2 }],
    lives: [{ from: 0, until: null }],
    weeks: [{ week: 0, date: planting.startDate, meanC: 18, plants: [grown] }],
    peak: 0,
    frostWeek: null,
  };
  return { planting, season };
}
