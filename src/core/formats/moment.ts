import { z } from 'zod';

/** A moment in a file, ISO 8601. */
export const moment = z
  .string()
  .refine((t) => !Number.isNaN(Date.parse(t)), 'must be a moment, as 2026-05-16T10:00:00Z');
