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
export const LeafSchema = z
  .object({
    size: LeafSizeSchema,
    lengthMm: z.number().min(1).max(1200),
    form: LeafFormSchema,
    surface: LeafSurfaceSchema,
  })
  .strict();
export type LeafFacts = z.infer<typeof LeafSchema>;

/** How wet its soil may be from one watering to the next; `water` says how much it drinks. */
export const RhythmSchema = z.enum(['stands wet', 'evenly moist', 'dries slightly', 'dries out']);
export type Rhythm = z.infer<typeof RhythmSchema>;

/** The mix it roots in. Ordinary mixes are about pH 6 and drain; *acid* is ericaceous, *limy* takes lime, *gritty* is a third grit. */
export const MixSchema = z.enum(['acid', 'ordinary', 'limy', 'gritty']);
export type Mix = z.infer<typeof MixSchema>;

/** The plantings it belongs in. */
export const WorldSchema = z.enum([
  'bedding',
  'tropical',
  'woodland',
  'alpine',
  'succulent',
  'winter',
  'kitchen',
  'meadow',
  'shrub',
]);
export type World = z.infer<typeof WorldSchema>;

/** How surely a gardener finds it for sale as a plant. */
export const EaseSchema = z.enum(['staple', 'common', 'occasional', 'specialist', 'from seed']);
export type Ease = z.infer<typeof EaseSchema>;

/** What decides a planting and is seldom on a tag. */
export interface Facts {
  rhythm: Rhythm;
  mix: Mix;
  worlds: readonly World[];
  ease: Ease;
}

/** Those of a record that are said. */
export const FactsSchema = z
  .object({
    rhythm: RhythmSchema,
    mix: MixSchema,
    worlds: z.array(WorldSchema).min(1, 'needs one at least'),
    ease: EaseSchema,
  })
  .partial()
  .strict();
export type FactsSaid = z.infer<typeof FactsSchema>;
