import { z } from 'zod';
import { ContainerSchema } from '../containers/schema';
import { HexSchema, PlantSchema } from '../plants/schema';
import { StartSizeSchema } from '../plants/starts';
import { SpotSchema } from '../spots/schema';

export const SchoolSchema = z.enum(['tall-centre', 'tall-back', 'off-centre', 'level-dome', 'tall-only']);
export type School = z.infer<typeof SchoolSchema>;

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
]);
export type SchemeId = z.infer<typeof SchemeIdSchema>;

/** What the gardener asks for. */
export const BriefSchema = z
  .object({
    scheme: SchemeIdSchema,
    /** The colour to start from; used by “from this colour”, and by one hue, neighbours and opposites when given. */
    from: HexSchema.nullable(),
    school: SchoolSchema,
    density: z.enum(['room to grow', 'full now']),
    /** For one container, plants, mix and feed, pounds; null for no limit. */
    budget: z.number().positive('must be more than nothing').max(10000).nullable(),
    must: z.array(z.string()).max(5),
    never: z.array(z.string()).max(200),
    /** To live outdoors all year, winter included. */
    lasting: z.boolean().default(false),
  })
  .strict();

const isoDate = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, 'must be a date as YYYY-MM-DD')
  .refine((d) => !Number.isNaN(Date.parse(d)), 'is no date in the calendar');

/** One plant in its place. x is to the right and y toward the viewer, from the middle of the soil, mm. */
export const PlacementSchema = z
  .object({
    id: z.string().min(1).max(40),
    plant: z.union([z.string().min(1).max(60), PlantSchema]),
    start: StartSizeSchema,
    xMm: z.number().min(-2000).max(2000),
    yMm: z.number().min(-2000).max(2000),
    role: z.enum(['thriller', 'filler', 'spiller']),
    locked: z.boolean().optional(),
  })
  .strict();
export type Placement = z.infer<typeof PlacementSchema>;

export const PLANTING_FORMAT = 'rillbank.planting';

/** A container in its spot with what stands in it. Complete in itself: a file of one can be judged on its own. */
export const PlantingSchema = z
  .object({
    format: z.literal(PLANTING_FORMAT),
    version: z.literal(1),
    id: z.string().min(1).max(60),
    name: z.string().min(1, 'needs a name').max(80),
    spot: SpotSchema,
    container: ContainerSchema,
    brief: BriefSchema,
    startDate: isoDate,
    placements: z.array(PlacementSchema).max(120),
  })
  .strict()
  .superRefine((p, ctx) => {
    const seen = new Set<string>();
    p.placements.forEach((pl, i) => {
      if (seen.has(pl.id))
        ctx.addIssue({ code: 'custom', path: ['placements', i, 'id'], message: `"${pl.id}" is used twice` });
      seen.add(pl.id);
    });
  });
export type Planting = z.infer<typeof PlantingSchema>;
