import { z } from 'zod';

/**
 * Three plain climates for a spot that is described by hand: how hot its summers are. Monthly mean highs and
 * lows in °C, northern hemisphere, January first. Working figures: rounded from the shape of temperate oceanic,
 * temperate continental and hot-summer stations; they drive thermal time and nothing else.
 */
export const SummerSchema = z.enum(['cool', 'warm', 'hot']);
export type Summer = z.infer<typeof SummerSchema>;

interface Climate {
  label: string;
  highC: readonly number[];
  lowC: readonly number[];
}

export const SUMMERS: Record<Summer, Climate> = {
  cool: {
    label: 'cool, about 20°C by day',
    highC: [7, 8, 10, 13, 16, 19, 20, 20, 18, 14, 10, 8],
    lowC: [2, 2, 3, 5, 8, 11, 13, 13, 11, 8, 5, 3],
  },
  warm: {
    label: 'warm, about 25°C by day',
    highC: [5, 7, 11, 16, 20, 23, 25, 25, 21, 15, 9, 6],
    lowC: [-2, -1, 2, 6, 10, 13, 15, 15, 11, 7, 2, -1],
  },
  hot: {
    label: 'hot, 32°C or more by day',
    highC: [9, 11, 15, 20, 25, 30, 33, 33, 28, 22, 15, 10],
    lowC: [-1, 0, 4, 9, 14, 18, 20, 20, 16, 10, 4, 0],
  },
};
