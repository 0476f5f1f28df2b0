import { z } from 'zod';

export const RoleSchema = z.enum(['thriller', 'filler', 'spiller']);
export type Role = z.infer<typeof RoleSchema>;
export const ROLES = RoleSchema.options;

export const LeafSizeSchema = z.enum(['fine', 'medium', 'bold']);
export const LeafFormSchema = z.enum([
  'strap',
  'grass',
  'needle',
  'feather',
  'ovate',
  'heart',
  'lobed',
  'round',
  'rosette',
  'palmate',
]);
export type LeafForm = z.infer<typeof LeafFormSchema>;
export const LeafSurfaceSchema = z.enum(['matte', 'glossy', 'felted', 'waxy']);
export const FlowerFormSchema = z.enum(['spike', 'trumpet', 'round', 'daisy', 'ball', 'airy', 'bell', 'plume', 'none']);

/** A leaf: how big it looks, how long it is, its outline and its skin. */
export const LeafSchema = z.object({
  size: LeafSizeSchema,
  lengthMm: z.number().min(1).max(1200),
  form: LeafFormSchema,
  surface: LeafSurfaceSchema,
});
export type LeafFacts = z.infer<typeof LeafSchema>;
