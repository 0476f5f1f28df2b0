import { z } from 'zod';
import { IsoDateSchema } from '../units/date';

/** Days of weather that somebody wrote down or was given, oldest first. */
export const WrittenWeatherSchema = z
  .object({
    name: z.string().max(120).default(''),
    days: z
      .array(
        z
          .object({
            date: IsoDateSchema,
            highC: z.number(),
            lowC: z.number(),
            rainMm: z.number().min(0),
            gustMs: z.number().min(0).optional(),
          })
          .strict(),
      )
      .max(5000)
      .default([]),
    /** A year written down that days without a record are taken to be like; null for none. */
    like: z.number().int().nullable().default(null),
  })
  .strip();
export type WrittenWeather = z.infer<typeof WrittenWeatherSchema>;

export const NO_WEATHER: WrittenWeather = WrittenWeatherSchema.parse({});
