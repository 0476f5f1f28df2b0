import type { Plant } from '@/core/plants/schema';

/** The amounts of sun a tag speaks of, with the hours they stand for. */
export const SUN_WORDS: readonly { value: string; text: string; hours: Plant['sunHours'] }[] = [
  { value: 'sun', text: 'Full sun', hours: [4, 6, 12, 14] },
  { value: 'sun-half', text: 'Sun or part shade', hours: [2, 3, 12, 14] },
  { value: 'part', text: 'Part sun', hours: [3, 4, 7, 10] },
  { value: 'half', text: 'Part shade', hours: [1, 2, 5, 8] },
  { value: 'shade', text: 'Shade', hours: [0, 0.5, 3, 5] },
];

/** The nearest of them to a plant's own hours. */
export function sunWordOf(hours: Plant['sunHours']): string {
  const off = (w: Plant['sunHours']) => w.reduce((sum, h, i) => sum + Math.abs(h - (hours[i] ?? 0)), 0);
  return SUN_WORDS.reduce((best, w) => (off(w.hours) < off(best.hours) ? w : best)).value;
}
