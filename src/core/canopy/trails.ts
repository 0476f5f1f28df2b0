import { genusOf } from '../plants/facts';
import { clamp } from '../units/number';
import { flowerAt } from './flowers';
import { leafAt, leafLook } from './leaves';
import { between, type Sprig } from './sprig';
import { stemBetween } from './stems';
import { add, blended, toward, unit, type Vec } from './vector';

const DOWN: Vec = [0, -1, 0];
const STEP = 22;
/** Stems hang this far off the wall, mm. */
const HANGS_CLEAR = 8;
/** And lie so far over the ground. */
const LIES_MM = 12;

/**
 * Stems that run outward over the soil, cross the rim, bend under their weight and hang clear of the wall, stopping at
 * the ground. `share` thins them.
 */
export function trails(s: Sprig, share: number): void {
  const { trailMm, spreadMm } = s.grown;
  if (trailMm < 15) return;
  const { rim } = s.pot;
  const home = s.pot.clear(0, s.base[0], s.base[2]);
  const exit = { x: s.base[0] + home.nx * home.mm, y: s.base[2] + home.ny * home.mm };
  const atEdge = home.mm < s.pot.innerMm * 0.75;
  const nearest = rim.reduce(
    (best, r, i) =>
      Math.hypot(r.x - exit.x, r.y - exit.y) < Math.hypot((rim[best]?.x ?? 0) - exit.x, (rim[best]?.y ?? 0) - exit.y)
        ? i
        : best,
    0,
  );
  const step =
    rim.length > 1 ? Math.hypot((rim[1]?.x ?? 0) - (rim[0]?.x ?? 0), (rim[1]?.y ?? 0) - (rim[0]?.y ?? 0)) : 1;
  const curtain = CURTAINS.has(genusOf(s.plant.botanical));
  const most = curtain ? MOST_STEMS.curtain : MOST_STEMS.loose;
  const stems = Math.max(3, Math.round(clamp(spreadMm / (8 + s.plant.leaf.lengthMm * LEAF_PARTS), 7, most) * share));
  const shortest = curtain ? SHORTEST.curtain : SHORTEST.loose;
  const half = atEdge ? clamp((spreadMm * 0.36) / step, 2, rim.length / 3) : rim.length / 2;
  for (let i = 0; i < stems; i += 1) {
    const t = stems === 1 ? 0 : i / (stems - 1) - 0.5;
    // Each stem makes for a place of its own on the rim, no two as far apart.
    const k = Math.round(nearest + (t * 2 + between(s, -STRAYS, STRAYS)) * half + between(s, -1, 1));
    const mark = rim[((k % rim.length) + rim.length) % rim.length];
    if (!mark) continue;
    const heading = Math.atan2(mark.y + mark.ny * 30 - s.base[2], mark.x + mark.nx * 30 - s.base[0]);
    const own = (shortest + (1 - shortest) * s.random() ** UNEVEN) * (1 - (curtain ? 0.3 : 0.6) * Math.abs(t));
    // One of them is as long as the plant is said to hang, and those beside it nearly.
    const apart = Math.abs(i - Math.floor(stems / 2));
    runStem(
      s,
      heading,
      trailMm * Math.max(apart === 0 ? 1 : apart <= BESIDE ? NEARLY * between(s, 0.86, 1) : 0, own),
      i,
    );
  }
}

/**
 * Large leaves part the stems: each takes so much of its length. Stems stray by this share of the way along
 * the rim; the shortest is so much of the longest, and most are shorter than that. By eye.
 */
const LEAF_PARTS = 0.28;
const STRAYS = 0.16;
const SHORTEST = { loose: 0.3, curtain: 0.62 };
const MOST_STEMS = { loose: 26, curtain: 38 };
/** What hangs as a curtain: many thin stems, all long. */
const CURTAINS: ReadonlySet<string> = new Set(['Dichondra', 'Curio', 'Lysimachia', 'Lotus']);
const UNEVEN = 1.1;
/** So many to either side of the longest are nearly as long. By eye: no trail hangs alone. */
const BESIDE = 2;
const NEARLY = 0.9;
/** Toward the tip leaves are so much smaller, and stand so much further apart. By eye. */
const TIP_SMALLER = 0.5;
const TIP_APART = 0.9;
/** Of the leaves near the top of a leggy trail so many are gone. By eye. */
const BARE_ABOVE = 0.75;
/** What reaches the ground runs on over it for this share of what is left of it. By eye. */
const RUNS_ON = 0.25;

/**
 * Leaves stand no closer along a trailing stem than this, and are drawn a little larger instead: a pot of
 * small leaves must still be drawn at once. By eye.
 */
const CLOSEST_MM = 14;

/** One stem: points along its way, dressed with leaves and flowers. */
function runStem(s: Sprig, heading: number, hangMm: number, index: number): void {
  let at: Vec = add(s.base, toward(heading, 0.5), between(s, 6, 18));
  let dir: Vec = unit(toward(heading, between(s, 0.25, 0.6)));
  let hung = 0;
  let lies = false;
  // Its own way: to one side, and nearer the wall or further off it.
  const drift = between(s, -0.2, 0.2);
  const clear = HANGS_CLEAR + between(s, 0, 26);
  const { lengthMm: leaf } = leafLook(s.plant);
  const spacing = clamp(leaf * 0.42, CLOSEST_MM, 30);
  let sinceLeaf = spacing * s.random();
  let side = index % 2 ? 1 : -1;
  for (let n = 0; n < 90 && hung < hangMm; n += 1) {
    const here = s.pot.clear(Math.max(0, -at[1]), at[0], at[2]);
    const over = s.pot.clear(0, at[0], at[2]).mm < 8;
    const away = over ? Math.atan2(here.ny, here.nx) : heading;
    const sideways = toward(away + Math.PI / 2, 0);
    dir = lies
      ? unit(add(toward(away, 0), sideways, drift * 2 + between(s, -0.5, 0.5)))
      : over
        ? unit(
            blended(
              unit(add(add(dir, [between(s, -0.12, 0.12), 0, between(s, -0.12, 0.12)]), sideways, drift)),
              DOWN,
              0.34,
            ),
          )
        : unit(blended(dir, toward(heading, here.mm < s.pot.innerMm * 0.2 ? -0.05 : 0.16), 0.4));
    const floor = over ? -Infinity : 8;
    const step = at[1] <= 0 && !lies ? Math.min(STEP, hangMm - hung) : STEP;
    let next = add(at, dir, step);
    if (!over && next[1] < floor) next = [next[0], floor, next[2]];
    if (next[1] < 0) {
      const wall = s.pot.clear(-next[1], next[0], next[2]);
      const into = wall.mm + clear;
      if (into > 0) next = [next[0] + wall.nx * into, next[1], next[2] + wall.ny * into];
    }
    if (next[1] < -s.pot.floorMm + LIES_MM) {
      next = [next[0], -s.pot.floorMm + LIES_MM, next[2]];
      // On the ground it stays there, and soon ends.
      if (!lies) hung += (hangMm - hung) * (1 - RUNS_ON);
      lies = true;
    }
    if (next[1] < 0) hung += lies ? STEP : Math.max(1, Math.min(at[1], 0) - next[1]);
    const tip = Math.min(1, hung / Math.max(1, hangMm));
    stemBetween(s, at, next, clamp(s.plant.leaf.lengthMm * 0.05, 1.4, 3));
    sinceLeaf += STEP;
    const apart = spacing * (1 + TIP_APART * tip ** 2);
    while (sinceLeaf >= apart) {
      sinceLeaf -= apart;
      const node = blended(at, next, s.random());
      // A leggy trail has leaf and flower toward its end.
      if (over && s.season.leggy > 0 && s.random() < s.season.leggy * BARE_ABOVE * (1 - tip)) continue;
      const across = toward(away + (Math.PI / 2) * side, 0);
      const outward = toward(away, 0.25);
      const along = unit(
        add(add(add(across, outward, between(s, 0.2, 0.9)), DOWN, over ? between(s, 0.35, 0.9) : 0.1), dir, 0.3),
      );
      leafAt(
        s,
        node,
        along,
        unit(add(outward, [0, 1, 0], over ? 0.55 : 1.1)),
        (1 - TIP_SMALLER * tip ** 1.5) * Math.max(1, CLOSEST_MM / (0.55 * leaf)),
      );
      side = -side;
      bloomOn(s, node, outward, spacing);
    }
    at = next;
  }
}

/** A flower at a node, now and then: as often as the plant shows flower now. */
function bloomOn(s: Sprig, at: Vec, outward: Vec, spacing: number): void {
  const { show, sizeMm } = s.plant.flower;
  if (!s.look || sizeMm === 0) return;
  const chance = show * s.grown.bloom * s.dose * clamp((spacing / sizeMm) * 3.2, 0.2, 1.6);
  for (let left = chance; left > 0; left -= 1) {
    if (s.random() > left) return;
    const facing = unit(add(outward, [between(s, -0.35, 0.35), between(s, 0.1, 0.5), between(s, -0.35, 0.35)]));
    flowerAt(s, add(at, facing, sizeMm * between(s, 0.2, 0.6) + 6), facing);
  }
}
