import { z } from 'zod';
import { ContainerSchema } from '../containers/schema';
import { startDay } from '../plantings/start-day';
import { freshPlanting } from '../plantings/fresh';
import { BriefSchema, type Planting } from '../plantings/schema';
import { SpotSchema } from '../spots/schema';
import { IsoDateSchema } from '../units/date';
import { parseWith } from './parse';
import { versionOf } from './versions';

const BRIEF_FORMAT = 'rillbank.brief';

/**
 * What the composer is asked: a spot, a container and a brief. Anything left out of them is what a new
 * container starts with.
 */
export const BriefFileSchema = z
  .object({
    format: z.literal(BRIEF_FORMAT),
    version: z.literal(1),
    name: z.string().min(1).max(80).optional(),
    startDate: IsoDateSchema.optional(),
    seed: z.number().int().min(0).optional(),
    spot: SpotSchema.partial().optional(),
    container: ContainerSchema.partial().optional(),
    brief: BriefSchema.partial().optional(),
  })
  .strict();

/** Reads a brief file as an unplanted planting and a seed. `today` fills in a start date. Throws BadInputError. */
export function readBrief(data: unknown, today: string): { planting: Planting; seed: number } {
  versionOf(data, BRIEF_FORMAT, 1);
  const f = parseWith(BriefFileSchema, data);
  const base = freshPlanting('composed', f.name ?? 'Composed', today);
  const spot = { ...base.spot, ...f.spot };
  return {
    seed: f.seed ?? 1,
    planting: {
      ...base,
      startDate: f.startDate ?? startDay(spot, today),
      spot,
      container: { ...base.container, ...f.container },
      brief: { ...base.brief, ...f.brief },
    },
  };
}
