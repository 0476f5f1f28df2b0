import { z } from 'zod';
import { HABIT_NAMES } from './habits';
import { StartSizeSchema } from './starts';
import { FactsSchema, FlowerFormSchema, LeafSchema, RoleSchema } from './traits';

/** How a plant holds itself; growth, sight and the canopy read it. */
export const HabitSchema = z.enum(HABIT_NAMES);

const WaterSchema = z.enum(['dry', 'moderate', 'thirsty']);

/**
 * *warm*: grown for its months without frost; *cool*: for spring and autumn; *hardy*: dies down or drops its
 * leaf, and comes again; *year-round*: its leaf stands all winter.
 */
const PlantSeasonSchema = z.enum(['warm', 'cool', 'hardy', 'year-round']);
/**
 * What befalls who eats of it, or touches it. *irritant*: stings or inflames mouth or skin, and no more is known;
 * *mild*: an upset stomach that passes; *toxic*: on poison lists for more than that; *deadly*: a little can kill;
 * *unknown*: nobody has told, which counts as unsafe; *none*: ordinary references call it safe.
 */
const PoisonSchema = z.enum(['none', 'irritant', 'mild', 'toxic', 'deadly', 'unknown']);
export type Poison = z.infer<typeof PoisonSchema>;

export const HexSchema = z.string().regex(/^#[0-9a-f]{6}$/i, 'must be a colour as #rrggbb');

const mm = z.number().min(0).max(6000);
const range = z.tuple([mm, mm]).refine(([a, b]) => a <= b, 'the first figure must not be greater than the second');
/** A plant that is there is at least so big, mm: what cannot be seen cannot be planted. */
const LEAST_MM = 10;
const grown = range.refine(([, b]) => b >= LEAST_MM, `must reach ${LEAST_MM} mm or more`);

const PartSchema = z.enum(['leaf', 'edge', 'vein', 'stem', 'flower', 'throat']);
export type Part = z.infer<typeof PartSchema>;

export const PlantSchema = z
  .object({
    id: z
      .string()
      .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'must be small letters, figures and hyphens')
      .max(60),
    common: z.string().min(1).max(60),
    botanical: z.string().min(1).max(80),
    /** What this variety looks like, in general words; empty for the plain species. */
    variety: z.string().max(60),
    group: z.enum([
      'warm bedding',
      'cool bedding',
      'foliage',
      'grass',
      'tropical',
      'succulent',
      'shade',
      'perennial',
      'shrub',
      'herb',
      'bulb',
      'climber',
    ]),
    roles: z.array(RoleSchema).min(1),
    habit: HabitSchema,
    /**
     * Ranges for a plant grown in a container, mm. Height is above the soil; trail is how far it hangs below
     * the rim.
     */
    heightMm: grown,
    spreadMm: grown,
    trailMm: range,
    /** 1 keeps to itself, 5 covers what it can reach. */
    vigour: z.number().int().min(1).max(5),
    /** Hours of direct sun a day in its growing months: least, ideal from, ideal to, most. */
    sunHours: z
      .tuple([z.number(), z.number(), z.number(), z.number()])
      .refine(([a, b, c, d]) => 0 <= a && a <= b && b <= c && c <= d && d <= 16, 'must rise from least to most, 0–16'),
    /** Most hours of sun after 13:00 it takes in a warm summer before leaves scorch; null when it does not scorch. */
    scorchAfternoonH: z.number().min(0).max(8).nullable(),
    water: WaterSchema,
    feed: z.enum(['light', 'medium', 'hungry']),
    /** Coldest winter it lives through in the ground, °C. */
    coldestWinterC: z.number().min(-50).max(20),
    /** Coldest night it takes while growing, °C. */
    coldestNightC: z.number().min(-50).max(20),
    season: PlantSeasonSchema,
    /** Share of full flower in each month, January first. */
    bloom: z.array(z.number().min(0).max(1)).length(12),
    leaf: LeafSchema,
    flower: z
      .object({
        form: FlowerFormSchema,
        /** Across one flower; of a plume or a bulb's spike, the length of the whole (see flower-words.ts). */
        sizeMm: z.number().min(0).max(300),
        /** Share of the plant's outside that is flower at full bloom. */
        show: z.number().min(0).max(0.85),
      })
      .strict(),
    /** Shares add to 1 within the leaf parts (leaf, edge, vein, stem) and within the flower parts (flower, throat). */
    colours: z.array(z.object({ part: PartSchema, hex: HexSchema, share: z.number().min(0).max(1) }).strict()).min(1),
    /** Start sizes it is ordinarily sold in, with an ordinary price in pounds for one pack. */
    starts: z
      .array(
        z.object({ size: StartSizeSchema, price: z.number().positive('must be more than zero').max(500) }).strict(),
      )
      .min(1),
    deadhead: z.enum(['needed', 'helps', 'no']),
    pinch: z.enum(['helps', 'no']),
    edible: z.enum(['no', 'leaf', 'flower', 'fruit']),
    poison: z.object({ people: PoisonSchema, cats: PoisonSchema, dogs: PoisonSchema }).strict(),
    /** Which part harms, or harms most; empty when it is the whole plant, or nothing. */
    poisonPart: z.string().max(60).default(''),
    irritantSap: z.enum(['no', 'yes', 'unknown']),
    spreadRisk: z.enum(['none known', 'check local list']),
    /**
     * What decides a planting and is seldom on a tag; where it is not said it is as the genus or the group
     * has it (facts.ts).
     */
    facts: FactsSchema.optional(),
    /** One plain sentence of character or care. */
    note: z.string().max(160),
  })
  .strict();

export type Plant = z.infer<typeof PlantSchema>;

/** “Petunia, deep violet”: the name a plant goes by everywhere. */
export const plantName = (p: Plant): string => (p.variety ? `${p.common}, ${p.variety}` : p.common);
