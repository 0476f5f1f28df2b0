import { z } from 'zod';
import { SummerSchema } from '../climate/summers';
import { HexSchema } from '../plants/schema';

const monthDay = z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'must be a month and day as MM-DD');

/** The clock hours of direct sun noted by someone who stood there, in the growing months. 6 means from 6 to 7, solar time. */
const NotedLightSchema = z.object({ kind: z.literal('noted'), hours: z.array(z.number().int().min(4).max(20)).max(17), dappled: z.boolean() }).strict();

export const SpotSchema = z
  .object({
    name: z.string().min(1, 'needs a name').max(80),
    light: z.discriminatedUnion('kind', [NotedLightSchema]),
    summer: SummerSchema,
    wind: z.enum(['sheltered', 'open', 'windy']),
    seen: z.enum(['all-round', 'wall']),
    backdrop: HexSchema,
    coldestWinterC: z.number().min(-45).max(15),
    lastFrost: monthDay,
    firstFrost: monthDay,
    children: z.boolean(),
    cats: z.boolean(),
    dogs: z.boolean(),
  })
  .strict();
export type Spot = z.infer<typeof SpotSchema>;
