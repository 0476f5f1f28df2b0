import { z } from 'zod';
import { GROUND_BUILDS, WALL_BUILDS } from '../containers/surfaces';
import { HexSchema } from '../plants/schema';

const id = z.string().min(1).max(60);
const mm = (low: number, high: number) => z.number().min(low).max(high);

/** How far a scene reaches, mm. */
export const MOST_MM = 20_000;

/** A door or a window in the wall behind, drawn as a plain opening. x is its middle. */
const OpeningSchema = z
  .object({
    kind: z.enum(['door', 'window']),
    xMm: mm(-MOST_MM, MOST_MM),
    widthMm: mm(300, 6000),
    heightMm: mm(300, 4000),
    /** Its lower edge over the ground; 0 for a door. */
    sillMm: mm(0, 3000),
  })
  .strict();
export type Opening = z.infer<typeof OpeningSchema>;

/** Something containers stand on: a step, a sill, a shelf. x is its middle, y its edge toward the wall. */
const LedgeSchema = z
  .object({
    id,
    xMm: mm(-MOST_MM, MOST_MM),
    yMm: mm(-2000, MOST_MM),
    widthMm: mm(100, MOST_MM),
    deepMm: mm(50, MOST_MM),
    heightMm: mm(20, 5000),
  })
  .strict();
export type Ledge = z.infer<typeof LedgeSchema>;

/** The most that stand in one scene. */
export const MOST_STANDS = 60;

/**
 * Where one container stands, or one of several that are the same: x to the right, y from the wall toward the
 * viewer, its foot so high over the ground, turned about itself.
 */
const StandSchema = z
  .object({
    id,
    /** The container it is of. */
    of: id,
    xMm: mm(-MOST_MM, MOST_MM),
    yMm: mm(-2000, MOST_MM),
    upMm: mm(0, 6000),
    turnDeg: mm(-360, 360),
  })
  .strict();
export type Stand = z.infer<typeof StandSchema>;

/** Where somebody looks from: x to the right, y from the wall, the eye so high over the ground. */
const LookoutSchema = z.object({ xMm: mm(-MOST_MM, MOST_MM), yMm: mm(200, MOST_MM), eyeMm: mm(600, 2200) }).strict();
export type Lookout = z.infer<typeof LookoutSchema>;

/** Containers of a place, seen together. Refers to them by id. */
export const GroupSchema = z
  .object({
    id,
    place: z.string().min(1).max(80),
    wall: HexSchema,
    build: z.enum(WALL_BUILDS).default('render'),
    ground: z.enum(GROUND_BUILDS).default('paving'),
    /**
     * Which way one looks with the back to the wall, degrees from north, and where on earth: for spots whose
     * hours were noted and not reckoned.
     */
    sun: z
      .object({ facing: z.number().min(0).max(360), latitude: z.number().min(-66).max(66) })
      .strict()
      .nullable()
      .default(null),
    /** Where one comes in, and where one sits; null for the usual distance. */
    gate: LookoutSchema.nullable().default(null),
    chair: LookoutSchema.nullable().default(null),
    openings: z.array(OpeningSchema).max(20),
    ledges: z.array(LedgeSchema).max(40),
    /** A way to be kept clear, from the viewer to the wall; null for none. x is its middle. */
    path: z
      .object({ xMm: mm(-MOST_MM, MOST_MM), widthMm: mm(300, 6000) })
      .strict()
      .nullable(),
    stands: z
      .array(StandSchema)
      .max(MOST_STANDS)
      .refine((all) => new Set(all.map((s) => s.id)).size === all.length, 'has an id twice'),
  })
  .strict();
export type Group = z.infer<typeof GroupSchema>;
