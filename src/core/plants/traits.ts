import { z } from 'zod';
import { ClimateKindSchema } from '../climate/kind';

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
export const WORLDS = WorldSchema.options;

/** How surely a gardener finds it for sale as a plant. */
export const EaseSchema = z.enum(['staple', 'common', 'occasional', 'specialist', 'from seed']);
export type Ease = z.infer<typeof EaseSchema>;

/** How long it lives and in what shape. */
export const LifeSchema = z.enum(['annual', 'tender perennial', 'hardy perennial', 'shrub', 'bulb']);

/** What is to be seen of it in winter. */
export const WinterLookSchema = z.enum(['evergreen', 'semi-evergreen', 'bare stems', 'gone']);

/** What hot weather does to it; `core/plants/heat.ts` has the temperatures. */
export const HeatSchema = z.enum(['thrives', 'stands', 'tires', 'stops']);
export type Heat = z.infer<typeof HeatSchema>;

/** How fast it fills out: a *slow* one is much the same size a season on. */
export const PaceSchema = z.enum(['slow', 'ordinary', 'fast']);

/** What holds it up: nothing, a stake it is tied to, a frame it is tied to, a frame or cane it twines round. */
export const SupportSchema = z.enum(['none', 'stake', 'frame', 'twines']);

/** Whether it grows again when it is cut back hard. */
export const CutBackSchema = z.enum(['comes again', 'no']);

export const ScentSchema = z.enum(['none', 'leaf', 'flower']);

/** Whether bees and butterflies come to it. */
export const BeesSchema = z.enum(['yes', 'no']);

/** How it is kept over winter where frost is hard. */
export const KeptSchema = z.enum(['outdoors', 'frost-free', 'lifted dry', 'indoors', 'not kept']);

/** Whether a gardener can root a piece of it. */
export const CuttingsSchema = z.enum(['root easily', 'no']);

/** What is a show when the flower is not: what, its colour, how much of the plant's outside, and in which months, 0–1, January first. */
export const DisplaySchema = z
  .object({
    what: z.enum(['berries', 'fruit', 'seed heads']),
    hex: z.string().regex(/^#[0-9a-f]{6}$/i, 'must be a colour as #rrggbb'),
    sizeMm: z.number().min(1).max(300),
    show: z.number().min(0).max(0.6),
    months: z.array(z.number().min(0).max(1)).length(12),
  })
  .strict();

/** Months, 1–12, from the first in which its top stands to the last; from 10 to 5 is over the winter. */
const TopSchema = z.tuple([z.number().int().min(1).max(12), z.number().int().min(1).max(12)]);

export const FactsSchema = z
  .object({
    rhythm: RhythmSchema,
    mix: MixSchema,
    worlds: z.array(WorldSchema).min(1, 'needs one at least'),
    ease: EaseSchema,
    life: LifeSchema,
    winterLook: WinterLookSchema,
    top: TopSchema,
    heat: HeatSchema,
    pace: PaceSchema,
    support: SupportSchema,
    cutBack: CutBackSchema,
    scent: ScentSchema,
    bees: BeesSchema,
    display: DisplaySchema,
    kept: KeptSchema,
    cuttings: CuttingsSchema,
    /** Kinds of climate in which it is known to run wild. */
    runsWild: z.array(ClimateKindSchema),
  })
  .partial()
  .strict();
/** Those of a record that are said. */
export type FactsSaid = z.infer<typeof FactsSchema>;

/** What decides a planting and is seldom on a tag: all of it, said or usual. */
export type Facts = Omit<Required<FactsSaid>, 'display'> & Pick<FactsSaid, 'display'>;

/** The facts that are one word of a few, with what each is called on a sheet, in a form and in a spreadsheet. */
export const FACT_CHOICES = {
  rhythm: { label: 'Watering rhythm', options: RhythmSchema.options },
  mix: { label: 'Mix', options: MixSchema.options },
  ease: { label: 'How easy to buy', options: EaseSchema.options },
  life: { label: 'Life', options: LifeSchema.options },
  winterLook: { label: 'In winter', options: WinterLookSchema.options },
  heat: { label: 'In heat', options: HeatSchema.options },
  pace: { label: 'Pace', options: PaceSchema.options },
  support: { label: 'Support', options: SupportSchema.options },
  cutBack: { label: 'Cut back', options: CutBackSchema.options },
  scent: { label: 'Scent', options: ScentSchema.options },
  bees: { label: 'For bees', options: BeesSchema.options },
  kept: { label: 'Kept over winter', options: KeptSchema.options },
  cuttings: { label: 'Cuttings', options: CuttingsSchema.options },
} as const;
export type FactChoice = keyof typeof FACT_CHOICES;
