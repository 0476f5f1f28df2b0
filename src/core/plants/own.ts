import { z } from 'zod';
import { isPicture } from '../units/picture';
import { PlantSchema } from './schema';

/** A photograph as a data URL: small enough to live in a file of text. */
const PhotoSchema = z
  .string()
  .regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, 'must be a picture as a data URL')
  .max(400_000, 'is too large')
  .refine(isPicture, 'is not a picture: choose a JPEG, PNG or WebP');

/** A plant that somebody added, varied or corrected. One with a shipped plant's id stands in its place. */
export const OwnPlantSchema = z
  .object({ plant: PlantSchema, updatedAt: z.string(), photo: PhotoSchema.nullable() })
  .strict();
export type OwnPlant = z.infer<typeof OwnPlantSchema>;
