import { z } from 'zod';
import { HexSchema } from '../plants/schema';
import { MaterialSchema } from './materials';

const sizeMm = z.number().min(60, 'must be 60 mm or more').max(2000, 'must be 2000 mm or less');

/** Inside measurements of a round pot with straight, perhaps sloping, sides. */
export const RoundSchema = z
  .object({ kind: z.literal('round'), topMm: sizeMm, baseMm: sizeMm, depthMm: sizeMm })
  .strict()
  .refine((s) => s.baseMm <= s.topMm * 1.5, { message: 'must not be more than half as wide again as the top', path: ['baseMm'] });

/** A union from the first, so that a second shape is a second member. */
export const ShapeSchema = z.discriminatedUnion('kind', [RoundSchema]);
export type Shape = z.infer<typeof ShapeSchema>;

export const ContainerSchema = z
  .object({
    shape: ShapeSchema,
    material: MaterialSchema,
    colour: HexSchema,
    drains: z.boolean(),
    /** How many the same. */
    count: z.number().int().min(1).max(500),
  })
  .strict();
export type Container = z.infer<typeof ContainerSchema>;
