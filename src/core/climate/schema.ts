import { z } from 'zod';

const year = (schema: z.ZodNumber) => z.array(schema).length(12, 'needs twelve months, January first');

/** Monthly means: afternoon high and night low in °C, rain in mm. */
export const ClimateSchema = z
  .object({
    name: z.string().min(1).max(60),
    highC: year(z.number().min(-40).max(55)),
    lowC: year(z.number().min(-50).max(40)),
    rainMm: year(z.number().min(0).max(1500)),
  })
  .strict();
export type Climate = z.infer<typeof ClimateSchema>;
