import { z } from 'zod';
import { ContainerSchema } from '../containers/schema';
import { HexSchema, PlantSchema } from '../plants/schema';
import { ONLY } from '../plants/sorts';
import { StartSizeSchema } from '../plants/starts';
import { RoleSchema } from '../plants/traits';
import { SCHOOL_IDS } from '../schools';
import { SpotSchema } from '../spots/schema';
import { IsoDateSchema } from '../units/date';
import { DeedSchema } from './deeds';
import { nextAfter } from './ids';
import { LaterSchema } from './later';

export const SchoolSchema = z.enum(SCHOOL_IDS);

export const SchemeIdSchema = z.enum([
  'warm',
  'cool',
  'pastel',
  'one-hue-white',
  'neighbours',
  'opposites',
  'dark-bright',
  'all-white',
  'all-leaf',
  'from-colour',
  'everything-bright',
  'pink-purple',
  'red-white-blue',
  'palette',
]);
export type SchemeId = z.infer<typeof SchemeIdSchema>;

/** So many plants a brief may have on its avoid list. */
export const MOST_NEVER = 200;

/** What the gardener asks for. */
export const BriefSchema = z
  .object({
    scheme: SchemeIdSchema,
    /** The colour to start from; used by “from this colour”, and by one hue, neighbours and opposites when given. */
    from: HexSchema.nullable(),
    school: SchoolSchema,
    /** The gardener's own colours, for the scheme that is made of them. */
    palette: z.array(HexSchema).max(5, 'at most five colours').default([]),
    /** What every plant must be, or nothing in particular. */
    only: z.enum(ONLY).default('anything'),
    /** The day it is to be at its best; null for the whole season. */
    bestOn: IsoDateSchema.nullable().default(null),
    /** The day it is changed over for another season; null where the season itself decides. */
    changeOver: IsoDateSchema.nullable().default(null),
    density: z.enum(['room to grow', 'full now']),
    /** For one container, plants, mix and feed, pounds; null for no limit. */
    budget: z.number().positive('must be more than zero').max(10000).nullable(),
    must: z.array(z.string()).max(5),
    never: z.array(z.string()).max(MOST_NEVER),
    /** To live outdoors all year, winter included. */
    lasting: z.boolean().default(false),
  })
  .strict();

/** One plant in its place. x is to the right and y toward the viewer, from the middle of the soil, mm. */
export const PlacementSchema = z
  .object({
    id: z.string().min(1).max(40),
    plant: z.union([z.string().min(1).max(60), PlantSchema]),
    start: StartSizeSchema,
    xMm: z.number().min(-2000).max(2000),
    yMm: z.number().min(-2000).max(2000),
    role: RoleSchema,
    locked: z.boolean().optional(),
    /** The part of the pattern it fills (`T`, `F0`, `S1` …); null where it was put in by hand. */
    part: z.string().min(1).max(8).nullable().default(null),
    /** First day it stands there; null for the planting's own first day. */
    from: IsoDateSchema.nullable().default(null),
    /** The day it is lifted; null while it stays. */
    until: IsoDateSchema.nullable().default(null),
  })
  .strict();
export type Placement = z.infer<typeof PlacementSchema>;

export const PLANTING_FORMAT = 'rillbank.planting';
export const PLANTING_VERSION = 2;

/**
 * How a plant does here against what was forecast, from what was measured at its place: 1 as forecast, 1.2 a
 * fifth more.
 */
const LearnedSchema = z
  .object({
    plant: z.string().min(1).max(60),
    heightBy: z.number().min(0.4).max(2.5),
    spreadBy: z.number().min(0.4).max(2.5),
    paceBy: z.number().min(0.4).max(2.5).default(1),
  })
  .strict();
export type Learned = z.infer<typeof LearnedSchema>;

/** A container in its spot with what stands in it. Complete in itself: a file of one can be judged on its own. */
export const PlantingSchema = z
  .object({
    format: z.literal(PLANTING_FORMAT),
    version: z.literal(PLANTING_VERSION),
    /** Of what minor version it was written; left out for the first. */
    minor: z.number().int().min(0).optional(),
    /** Part of its address. */
    id: z
      .string()
      .max(60)
      .regex(/^[\w-]+$/, 'may contain only letters, digits, - and _'),
    name: z
      .string()
      .max(80)
      .refine((t) => t.trim() !== '', 'needs a name'),
    spot: SpotSchema,
    container: ContainerSchema,
    brief: BriefSchema,
    startDate: IsoDateSchema,
    /** The number the next id gets: no id is given out twice. */
    nextId: z.number().int().min(1),
    placements: z.array(PlacementSchema).max(120),
    /** What was done to it, or is planned. */
    deeds: z.array(DeedSchema).max(2000),
    /** What measures have taught of its plants at this place. */
    learned: z.array(LearnedSchema).max(200).default([]),
    /** What cans and probes have taught of how much it drinks, against the forecast. */
    drinksBy: z.number().min(0.4).max(2.5).default(1),
    /** What a later Rillbank wrote into it and this one does not know. */
    later: z.array(LaterSchema).max(4000).optional(),
  })
  .strict()
  .superRefine((p, ctx) => {
    const seen = new Set<string>();
    const once = (list: 'placements' | 'deeds') =>
      p[list].forEach(({ id }, i) => {
        if (seen.has(id)) ctx.addIssue({ code: 'custom', path: [list, i, 'id'], message: `"${id}" is used twice` });
        seen.add(id);
      });
    once('placements');
    once('deeds');
    if (p.nextId < nextAfter(seen)) {
      ctx.addIssue({
        code: 'custom',
        path: ['nextId'],
        message: `must be greater than every id in use: at least ${nextAfter(seen)}`,
      });
    }
    p.placements.forEach(({ from, until }, i) => {
      if (until !== null && until <= (from ?? p.startDate))
        ctx.addIssue({
          code: 'custom',
          path: ['placements', i, 'until'],
          message: 'must be after the day it was planted',
        });
    });
    p.deeds.forEach(({ to }, i) => {
      if (to !== null && !p.placements.some((pl) => pl.id === to))
        ctx.addIssue({ code: 'custom', path: ['deeds', i, 'to'], message: `there is no placement "${to}"` });
    });
  });
export type Planting = z.infer<typeof PlantingSchema>;
