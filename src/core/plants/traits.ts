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

/**
 * The mix it roots in. Ordinary mixes are about pH 6 and drain; *acid* is ericaceous, *limy* takes lime,
 * *gritty* is a third grit.
 */
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

/** What is to be seen of it in winter. *Stands dry*: straw and seed heads until March, and worth keeping. */
export const WinterLookSchema = z.enum(['evergreen', 'semi-evergreen', 'stands dry', 'bare stems', 'gone']);

/** What hot weather does to it; `core/plants/heat.ts` has the temperatures. */
export const HeatSchema = z.enum(['thrives', 'stands', 'tires', 'stops']);
export type Heat = z.infer<typeof HeatSchema>;

/** How fast it fills out: a *slow* one is much the same size a season on. */
export const PaceSchema = z.enum(['slow', 'ordinary', 'fast']);

/** What holds it up: nothing, a stake it is tied to, a frame it is tied to, a frame or cane it twines round. */
export const SupportSchema = z.enum(['none', 'stake', 'frame', 'twines']);

/** How far it may be cut and still grow again. *In leaf only*: never past the last leaves, into bare wood. */
export const CutBackSchema = z.enum(['to the base', 'by half', 'in leaf only', 'never']);

export const ScentSchema = z.enum(['none', 'leaf', 'flower']);
/** How strong a scent is, when it is given off, and from how far it is noticed. */
export const ScentStrengthSchema = z.enum(['faint', 'clear', 'strong']);
export const ScentTimeSchema = z.enum(['when touched', 'by day', 'at dusk']);
export const ScentReachSchema = z.enum(['close to', 'in passing', 'across a terrace']);

/** How much it gives to those who come for nectar or pollen. */
export const ForageSchema = z.enum(['none', 'some', 'good', 'best']);
export type Forage = z.infer<typeof ForageSchema>;

/** How it is kept over winter where frost is hard. */
export const KeptSchema = z.enum(['outdoors', 'frost-free', 'lifted dry', 'indoors', 'not kept']);
/** How wet its roots are kept meanwhile. */
export const KeptWetSchema = z.enum(['dry', 'barely moist', 'watered']);

/** Whether a gardener can root a piece of it. */
export const CuttingsSchema = z.enum(['root easily', 'no']);

/** What strong wind does to leaf and stem. */
export const WindSchema = z.enum(['stands', 'tears', 'snaps']);

/** What one thorough wilt in the heat costs it. */
export const WiltSchema = z.enum(['recovers', 'drops its flowers', 'dies']);

/** What rain and dull days do to it. *Rots*: in a wet summer, or in a wet winter out of doors. */
export const RainSchema = z.enum(['stands', 'bruises', 'rots', 'shuts']);

/** What becomes of a spent flower that nobody takes off. */
export const SpentSchema = z.enum(['falls', 'stays']);

/** What it makes of tight roots. */
export const TightSchema = z.enum(['likes it', 'bears it', 'sulks']);

/** The kind of poison, as a poison line asks for it. */
export const PoisonClassSchema = z.enum([
  'none known',
  'oxalates',
  'cardiac glycosides',
  'cyanogenic glycosides',
  'alkaloids',
  'pyrrolizidine alkaloids',
  'lectins',
  'saponins',
  'grayanotoxins',
  'diterpene esters',
  'onion sulphides',
  'furanocoumarins',
  'essential oils',
  'sesquiterpene lactones',
  'tuliposides',
  'protoanemonin',
  'kidney poison',
  'other',
]);

/** What *unknown* means in a poison grade: nobody has looked it up, or it stands on no list that was looked at. */
export const UnknownMeansSchema = z.enum(['not looked up', 'looked up, not listed']);

/** Pests and diseases by the name a gardener looks them up under; `core/plants/pests.ts` has their months. */
export const PestSchema = z.enum([
  'greenfly',
  'blackfly',
  'whitefly',
  'vine weevil',
  'slugs',
  'red spider mite',
  'mealybug',
  'scale insect',
  'powdery mildew',
  'downy mildew',
  'grey mould',
  'rust',
  'black spot',
  'tomato blight',
  'budworm',
  'cabbage white',
  'box caterpillar',
  'lily beetle',
  'earwigs',
]);
export type Pest = z.infer<typeof PestSchema>;

/**
 * What is a show when the flower is not: what, its colour, how much of the plant's outside, and in which
 * months, 0–1, January first.
 */
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

const MonthSchema = z.number().int().min(1).max(12);
const celsius = z.number().min(-50).max(40);

/** Cold that it needs each winter to come again: so many weeks whose mean is under so many °C. */
const ChillSchema = z.object({ weeks: z.number().int().min(1).max(26), belowC: celsius }).strict();

/** Words of a fact as they were said before, and as they are said today. */
const SAID_BEFORE: Record<string, Record<string, string>> = {
  cutBack: { 'comes again': 'by half', no: 'never' },
  bees: { yes: 'good', no: 'none' },
};

/** A word of a fact in today's words. */
export const inTodaysWord = (fact: string, word: string): string => SAID_BEFORE[fact]?.[word] ?? word;

/** Facts of a record that an older version wrote, in today's words. Anything else is handed on as it is. */
function inTodaysWords(facts: unknown): unknown {
  if (typeof facts !== 'object' || facts === null || Array.isArray(facts)) return facts;
  return Object.fromEntries(
    Object.entries(facts).map(([key, said]: [string, unknown]) => [
      key,
      typeof said === 'string' ? inTodaysWord(key, said) : said,
    ]),
  );
}

const SaidSchema = z
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
    /** Seasons from an ordinary start to the middle of the record's range. */
    seasons: z.number().int().min(1).max(12),
    support: SupportSchema,
    cutBack: CutBackSchema,
    /** The month in which that is done, in the north. */
    cutMonth: MonthSchema,
    scent: ScentSchema,
    scentStrength: ScentStrengthSchema,
    scentTime: ScentTimeSchema,
    scentReach: ScentReachSchema,
    bees: ForageSchema,
    butterflies: ForageSchema,
    moths: ForageSchema,
    display: DisplaySchema,
    kept: KeptSchema,
    /** The lowest night it is kept at over winter, °C. */
    keptAtC: celsius,
    keptWet: KeptWetSchema,
    /**
     * Nights at which it goes out for the summer and grows on without a check, °C; `coldestNightC` is what it
     * survives.
     */
    outFromC: celsius,
    /** The warmest mean night it bears for months, °C; null where none is too warm for it. */
    warmestNightC: celsius.nullable(),
    chill: ChillSchema.nullable(),
    /** The cold its roots die at in a pot, °C, where it is known to differ from the usual margin. */
    rootsToC: celsius.nullable(),
    cuttings: CuttingsSchema,
    wind: WindSchema,
    wilt: WiltSchema,
    rain: RainSchema,
    spent: SpentSchema,
    /** The least mix it does well in by itself, litres. */
    rootL: z.number().min(0.1).max(100),
    tight: TightSchema,
    pests: z.array(PestSchema),
    poisonClass: PoisonClassSchema,
    unknownMeans: UnknownMeansSchema,
    /** Kinds of climate in which it is known to run wild. */
    runsWild: z.array(ClimateKindSchema),
  })
  .partial()
  .strict();
export const FactsSchema = z.preprocess(inTodaysWords, SaidSchema);
/** Those of a record that are said. */
export type FactsSaid = z.infer<typeof SaidSchema>;

/** What decides a planting and is seldom on a tag: all of it, said or usual. */
export type Facts = Omit<Required<FactsSaid>, 'display'> & Pick<FactsSaid, 'display'>;

/**
 * The facts that are one word of a few, with what each is called on a sheet, in a form and in a spreadsheet,
 * and the other headings people give it.
 */
export const FACT_CHOICES = {
  rhythm: { label: 'Watering rhythm', options: RhythmSchema.options, aliases: /^(rhythm|watering|watering rhythm)$/ },
  mix: { label: 'Mix', options: MixSchema.options, aliases: /^(mix|soil|compost)$/ },
  tight: { label: 'Tight roots', options: TightSchema.options, aliases: /^(tight|tight roots|pot-?bound)$/ },
  wilt: { label: 'After one wilt', options: WiltSchema.options, aliases: /^(wilt|after one wilt)$/ },
  ease: { label: 'How easy to buy', options: EaseSchema.options, aliases: /^(ease|availability|how easy to buy)$/ },
  life: { label: 'Life', options: LifeSchema.options, aliases: /^(life|life ?cycle|lifespan)$/ },
  pace: { label: 'Pace', options: PaceSchema.options, aliases: /^(pace|growth rate|speed)$/ },
  heat: { label: 'In heat', options: HeatSchema.options, aliases: /^(heat|in heat|heat tolerance)$/ },
  rain: { label: 'Rain and dull days', options: RainSchema.options, aliases: /^(rain|in rain|rain and dull days)$/ },
  wind: { label: 'In wind', options: WindSchema.options, aliases: /^(wind|in wind)$/ },
  winterLook: {
    label: 'In winter',
    options: WinterLookSchema.options,
    aliases: /^(in winter|winter look|evergreen)$/,
  },
  kept: {
    label: 'Kept over winter',
    options: KeptSchema.options,
    aliases: /^(kept over winter|overwintering|overwinter)$/,
  },
  keptWet: { label: 'Roots meanwhile', options: KeptWetSchema.options, aliases: /^(kept wet|roots meanwhile)$/ },
  support: { label: 'Support', options: SupportSchema.options, aliases: /^(support|staking)$/ },
  cutBack: { label: 'Cut back', options: CutBackSchema.options, aliases: /^(cut back|cutback)$/ },
  spent: { label: 'Spent flowers', options: SpentSchema.options, aliases: /^(spent|spent flowers|self-?cleaning)$/ },
  cuttings: { label: 'Cuttings', options: CuttingsSchema.options, aliases: /^(cuttings|roots from cuttings)$/ },
  scent: { label: 'Scent', options: ScentSchema.options, aliases: /^(scent|fragrance|scented)$/ },
  scentStrength: {
    label: 'How strong it smells',
    options: ScentStrengthSchema.options,
    aliases: /^(scent strength|how strong it smells)$/,
  },
  scentTime: { label: 'When it smells', options: ScentTimeSchema.options, aliases: /^(scent time|when it smells)$/ },
  scentReach: {
    label: 'From how far',
    options: ScentReachSchema.options,
    aliases: /^(scent reach|from how far)$/,
  },
  bees: { label: 'For bees', options: ForageSchema.options, aliases: /^(bees|for bees|pollinators)$/ },
  butterflies: { label: 'For butterflies', options: ForageSchema.options, aliases: /^(butterflies|for butterflies)$/ },
  moths: { label: 'For moths', options: ForageSchema.options, aliases: /^(moths|for moths)$/ },
  poisonClass: {
    label: 'Kind of poison',
    options: PoisonClassSchema.options,
    aliases: /^(poison class|kind of poison)$/,
  },
  unknownMeans: {
    label: 'Where it is unknown',
    options: UnknownMeansSchema.options,
    aliases: /^(unknown means|where it is unknown)$/,
  },
} as const;
export type FactChoice = keyof typeof FACT_CHOICES;

/** A fact that is a figure: what it is called, its unit, its bounds, and the word for none where it may be none. */
interface FactFigureOf {
  label: string;
  unit: '°C' | 'L' | 'seasons' | 'month';
  least: number;
  most: number;
  none?: string;
  aliases: RegExp;
}

export const FACT_FIGURES = {
  seasons: {
    label: 'Seasons to its size',
    unit: 'seasons',
    least: 1,
    most: 12,
    aliases: /^(seasons|seasons to its size|years to its size)$/,
  },
  rootL: { label: 'Least mix', unit: 'L', least: 0.1, most: 100, aliases: /^(least mix|root run|root litres)$/ },
  cutMonth: {
    label: 'Month it is cut in',
    unit: 'month',
    least: 1,
    most: 12,
    aliases: /^(cut month|month it is cut in)$/,
  },
  outFromC: {
    label: 'Goes out at nights of',
    unit: '°C',
    least: -50,
    most: 40,
    aliases: /^(out from|goes out at nights of|first nights)$/,
  },
  keptAtC: { label: 'Kept at, at least', unit: '°C', least: -50, most: 40, aliases: /^(kept at|kept at, at least)$/ },
  rootsToC: {
    label: 'Roots die at',
    unit: '°C',
    least: -50,
    most: 40,
    none: 'usual',
    aliases: /^(roots to|roots die at|root hardiness)$/,
  },
  warmestNightC: {
    label: 'Bears nights up to',
    unit: '°C',
    least: -50,
    most: 40,
    none: 'any',
    aliases: /^(warmest night|bears nights up to)$/,
  },
} as const satisfies Partial<Record<keyof Facts, FactFigureOf>>;
export type FactFigure = keyof typeof FACT_FIGURES;

/** The facts that are neither a word of a few nor a figure. */
export type FactOther = Exclude<keyof Facts, FactChoice | FactFigure>;
