import { clearOf } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import type { Shape } from '../containers/schema';
import type { Season, Week } from '../growth/grown';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';

/** Cells and columns in which leaf is looked for, mm. Working figure: a hundredth of a pot. */
const CELL_MM = 20;
const MM2_PER_M2 = 1e6;

/**
 * How much a plant of each class drinks, leaf for leaf, against turf. Working figures: lush bedding, ordinary
 * bedding, grey and dry leaf.
 */
const CLASS: Record<Plant['water'], number> = { thirsty: 1.1, moderate: 1, dry: 0.55 };
/** What is woody and keeps its leaf drinks less than bedding of its class. Working figure. */
const WOODY = 0.65;
/**
 * What stores water in leaf and stem opens its pores at night. Working figure, the middle of the class called
 * low, 0.1 to 0.3.
 */
const STORES = 0.23;

/** How thirsty a plant’s leaf is, against turf. */
export function thirstOf(plant: Plant): number {
  if (plant.group === 'succulent' && plant.water === 'dry') return STORES;
  const woody = factsOf(plant).life === 'shrub' && factsOf(plant).winterLook === 'evergreen';
  return Math.min(CLASS[plant.water], woody ? WOODY : Infinity);
}

/** Light that each layer of leaf takes of what reaches it. Monsi and Saeki’s law; 0.6 is a middle for broad leaves. */
const TAKEN = 0.6;
/**
 * Layers of leaf on planting day, how many a week adds, and the most over the top and at the side. Working
 * figures: a young plant lets a third of the light through, a full one a twentieth.
 */
const LAYERS = { young: 2.5, aWeek: 0.5, top: 5, side: 3.2 } as const;

/** Share of the light on a crown of some weeks that its leaf takes, seen from above or from the side. */
const takenBy = (weeks: number, from: 'top' | 'side'): number =>
  1 - Math.exp(-TAKEN * Math.min(LAYERS[from], LAYERS.young + LAYERS.aWeek * Math.max(0, weeks)));

/**
 * From sunrise to sunset an upright face catches so much of what the same face lying flat does. Working
 * figure, from the sun’s path in summer at middle latitudes.
 */
const UPRIGHT = 0.832;
/** Against a wall only the front and the ends are seen, and the wall gives back heat. Working figure. */
const BACKED = 0.8;
/** A domed crown fills so much of the upright it stands in: half an ellipse. Geometry. */
const CROWN = Math.PI / 4;
/**
 * So much of a curtain’s upright is leaf: its ends are ragged, and not all of it hangs to the longest tip.
 * Working figure.
 */
const CURTAIN = 0.37;

/**
 * What hangs spreads so far beyond the rim before it falls, mm: further out there is nothing of it seen from
 * above. Working figure.
 */
const OVER_MM = 70;

/** Leaf of a container as it drinks. */
export interface Drinking {
  /** Ground that its crowns cover together, seen from above, m². */
  planM2: number;
  /** What is seen of it from the side, mean of front and side, m². */
  sideM2: number;
  /** Leaf that drinks, lying flat, m²: crowns and sides by the light they take, what overlaps counted once. */
  areaM2: number;
  /** How thirsty it is in the mean, against turf. */
  factor: number;
}

const kept = new WeakMap<Week, Drinking>();

/** The leaf of a container in a week. Kept by the week: a season is of one container. */
export function drinkingIn(season: Season, week: Week | undefined, shape: Shape): Drinking {
  const known = week && kept.get(week);
  if (known) return known;
  const made = week ? leafIn(season, week, shape) : NONE;
  if (week) kept.set(week, made);
  return made;
}

const NONE: Drinking = { planM2: 0, sideM2: 0, areaM2: 0, factor: 0 };

/** What lies outermost in a cell or column: its reach and what the leaf there drinks. */
interface Outermost {
  mm: number;
  drinks: number;
  takes: number;
}

const outermost = <K>(in_: Map<K, Outermost>, at: K, found: Outermost): void => {
  if (found.mm > 0 && (in_.get(at)?.mm ?? 0) < found.mm) in_.set(at, found);
};

/** One face of a planting: how high its crowns rise and how far its curtain hangs, column by column. */
interface Face {
  crown: Map<number, Outermost>;
  curtain: Map<number, Outermost>;
}

const newFace = (): Face => ({ crown: new Map(), curtain: new Map() });

/** Area of a face and what it drinks, m² lying flat. */
function faceOf({ crown, curtain }: Face): { m2: number; leafM2: number; drunkM2: number } {
  const all = [
    ...[...crown.values()].map((c) => ({ ...c, m2: (c.mm * CELL_MM * CROWN) / MM2_PER_M2 })),
    ...[...curtain.values()].map((c) => ({ ...c, m2: (c.mm * CELL_MM * CURTAIN) / MM2_PER_M2 })),
  ];
  return all.reduce(
    (t, c) => ({
      m2: t.m2 + c.m2,
      leafM2: t.leafM2 + c.m2 * c.takes,
      drunkM2: t.drunkM2 + c.m2 * c.takes * c.drinks,
    }),
    { m2: 0, leafM2: 0, drunkM2: 0 },
  );
}

function leafIn({ placed, lives }: Season, week: Week, shape: Shape): Drinking {
  const cells = new Map<string, Outermost>();
  const [front, side] = [newFace(), newFace()];
  placed.forEach((p, i) => {
    const g = week.plants[i];
    if (!g?.alive) return;
    const drinks = thirstOf(p.plant);
    const age = week.week - (lives[i]?.from ?? 0);
    const top = { mm: Math.max(1, g.heightMm), drinks, takes: takenBy(age, 'top') };
    const upright = { mm: g.heightMm, drinks, takes: takenBy(age, 'side') };
    const hanging = { ...upright, mm: g.trailMm };
    const r = g.spreadMm / 2;
    const falls = g.trailMm > 0;
    const lies = (xMm: number, yMm: number): boolean => !falls || clearOf(shape, 0, xMm, yMm).mm > -OVER_MM;
    for (let d = -r; d <= r; d += CELL_MM) {
      const [x, y] = [Math.round((p.xMm + d) / CELL_MM), Math.round((p.yMm + d) / CELL_MM)];
      if (lies(p.xMm + d, p.yMm)) {
        outermost(front.crown, x, upright);
        outermost(front.curtain, x, hanging);
      }
      if (lies(p.xMm, p.yMm + d)) {
        outermost(side.crown, y, upright);
        outermost(side.curtain, y, hanging);
      }
      const half = Math.sqrt(Math.max(0, r * r - d * d));
      for (let e = -half; e <= half; e += CELL_MM)
        if (lies(p.xMm + d, p.yMm + e)) outermost(cells, `${x},${Math.round((p.yMm + e) / CELL_MM)}`, top);
    }
  });
  const each = (CELL_MM * CELL_MM) / MM2_PER_M2;
  const flat = [...cells.values()].reduce(
    (t, c) => ({ leafM2: t.leafM2 + c.takes * each, drunkM2: t.drunkM2 + c.takes * c.drinks * each }),
    { leafM2: 0, drunkM2: 0 },
  );
  const faces = [faceOf(front), faceOf(side)];
  const backed = shapeOf(shape).family === 'box' || shapeOf(shape).backless;
  // A long or backed container shows its front; one seen from all round the mean of both.
  const upright = backed ? faces[0] : undefined;
  const of = (what: 'm2' | 'leafM2' | 'drunkM2'): number =>
    upright ? upright[what] : ((faces[0]?.[what] ?? 0) + (faces[1]?.[what] ?? 0)) / 2;
  const catches = UPRIGHT * (backed ? BACKED : 1);
  const areaM2 = flat.leafM2 + catches * of('leafM2');
  const drunk = flat.drunkM2 + catches * of('drunkM2');
  return { planM2: cells.size * each, sideM2: of('m2'), areaM2, factor: areaM2 > 0 ? drunk / areaM2 : 0 };
}
