import { z } from 'zod';

/** Sizes a plant is bought in. Nominal sizes differ by country: this is data, not a standard. */
export const StartSizeSchema = z.enum(['pack6', 'p9', 'p10', 'l1', 'l2', 'l3']);
export type StartSize = z.infer<typeof StartSizeSchema>;

interface StartKind {
  label: string;
  /** Root ball across the top, mm. */
  ballMm: number;
  ballDepthMm: number;
  litres: number;
  /** Plants for one price. */
  perPack: number;
  /** Share of its season's size that it has on the day it is planted. Working figure: what such starts look like on a bench. */
  grown: number;
}

/** Root balls measured as sold; litres as nominal pot volume. Working figures from ordinary trade pots. */
export const STARTS: Record<StartSize, StartKind> = {
  pack6: { label: '6-pack cell', ballMm: 42, ballDepthMm: 50, litres: 0.06, perPack: 6, grown: 0.17 },
  p9: { label: '9 cm pot', ballMm: 80, ballDepthMm: 80, litres: 0.35, perPack: 1, grown: 0.29 },
  p10: { label: '10 cm pot', ballMm: 92, ballDepthMm: 85, litres: 0.45, perPack: 1, grown: 0.33 },
  l1: { label: '1 L pot', ballMm: 112, ballDepthMm: 105, litres: 0.95, perPack: 1, grown: 0.44 },
  l2: { label: '2 L pot', ballMm: 148, ballDepthMm: 130, litres: 2, perPack: 1, grown: 0.55 },
  l3: { label: '3 L pot', ballMm: 172, ballDepthMm: 150, litres: 3, perPack: 1, grown: 0.64 },
};

