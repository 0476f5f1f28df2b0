import { z } from 'zod';
import { ClimateSchema } from '../climate/schema';
import { SummerSchema } from '../climate/summers';
import { BESIDE, GROUND_BUILDS, WALL_BUILDS } from '../containers/surfaces';
import { MonthDaySchema } from '../units/date';
import { HexSchema } from '../plants/schema';

/** Clock hours whose sun other containers of the place take. */
const TakenSchema = z.array(z.number().int().min(3).max(21)).max(19).optional();

/**
 * The clock hours of direct sun noted by someone who stood there, in the growing months. 6 means from 6 to 7,
 * solar time.
 */
const NotedLightSchema = z
  .object({
    kind: z.literal('noted'),
    hours: z.array(z.number().int().min(4).max(20)).max(17),
    dappled: z.boolean(),
    taken: TakenSchema,
  })
  .strict();

/** Altitudes of what stands round the spot, degrees above level, every 10° of azimuth from north by east. */
export const SKYLINE_POINTS = 36;

/**
 * Trees that stand in the way of the sun from one azimuth to another (clockwise), up to an altitude; bare in
 * the months left out.
 */
const TreesSchema = z
  .object({
    fromDeg: z.number().min(0).max(360),
    toDeg: z.number().min(0).max(360),
    altitudeDeg: z.number().min(0).max(90),
    leafMonths: z.array(z.number().int().min(1).max(12)).max(12),
  })
  .strict();

/**
 * Worked out from where the spot lies and what stands round it. Facing: the way one looks with the back to
 * the wall, degrees from north.
 */
const ClockLightSchema = z
  .object({
    kind: z.literal('clock'),
    latitude: z
      .number()
      .min(-66, 'must lie between 66° south and 66° north')
      .max(66, 'must lie between 66° south and 66° north'),
    facing: z.number().min(0).max(360),
    /** A wall stands behind: sun from behind its plane is cut off. */
    wall: z.boolean(),
    skyline: z.array(z.number().min(0).max(90)).length(SKYLINE_POINTS, 'needs 36 altitudes, every 10°'),
    /**
     * A roof edge, awning or balcony overhead: the altitude of its edge seen straight out, degrees; sun
     * higher than it is cut off. Null for none.
     */
    roofDeg: z.number().min(10).max(90).nullable(),
    trees: z.array(TreesSchema).max(6),
    dappled: z.boolean(),
    taken: TakenSchema,
  })
  .strict();
export type ClockLight = z.infer<typeof ClockLightSchema>;

/** A window looked out of: eyes above the floor, their distance from the sill, and the box beyond it. */
export const SightSchema = z
  .object({
    viewers: z
      .array(z.object({ name: z.string().min(1).max(30), eyeMm: z.number().min(600).max(2200) }).strict())
      .min(1)
      .max(4),
    distanceMm: z.number().min(200).max(8000),
    sillMm: z.number().min(0).max(2000),
    /** From the sill's outer edge to the middle of the container. */
    beyondMm: z.number().min(0).max(3000),
    /** Soil above the floor inside. */
    soilMm: z.number().min(-2000).max(2000),
  })
  .strict();
export type Sight = z.infer<typeof SightSchema>;

export const SpotSchema = z
  .object({
    /** The place, as the bench groups by it: “Café terrace”. */
    name: z.string().min(1, 'needs a name').max(80),
    /** Which spot of the place, where it has several: “left of the door”. */
    corner: z.string().max(60).default(''),
    light: z.discriminatedUnion('kind', [NotedLightSchema, ClockLightSchema]),
    summer: SummerSchema,
    wind: z.enum(['sheltered', 'open', 'windy']),
    seen: z.enum(['all-round', 'wall', 'row', 'overhead', 'inside']),
    backdrop: HexSchema,
    /** What the wall behind is built of. */
    backdropBuild: z.enum(WALL_BUILDS).default('render'),
    /** What lies under what stands there, and what it stands by. */
    ground: z.enum(GROUND_BUILDS).default('paving'),
    beside: z.enum(BESIDE).default('nothing'),
    /** A tree, climber or border behind that flowers: its colour, and the months it does. */
    backdropBloom: z
      .object({ colour: HexSchema, months: z.array(z.number().int().min(1).max(12)).max(12) })
      .strict()
      .nullable()
      .default(null),
    coldestWinterC: z.number().min(-45).max(15),
    lastFrost: MonthDaySchema,
    firstFrost: MonthDaySchema,
    children: z.boolean(),
    cats: z.boolean(),
    dogs: z.boolean(),
    /** Somebody picks from this container and eats it. */
    eaten: z.boolean().default(false),
    /** People pass under or close by. */
    walkway: z.boolean().default(false),
    rain: z.enum(['open', 'part', 'none']).default('open'),
    /** Steps to water, metres. */
    tapM: z.number().min(0).max(500).nullable().default(null),
    /** Overrides the plain summers when given. */
    climate: ClimateSchema.nullable().default(null),
    sight: SightSchema.nullable().default(null),
  })
  .strict();
export type Spot = z.infer<typeof SpotSchema>;

/** “Café terrace, by the steps”: a spot as it is told from the others. */
export const spotName = (s: Pick<Spot, 'name' | 'corner'>): string => (s.corner ? `${s.name}, ${s.corner}` : s.name);
