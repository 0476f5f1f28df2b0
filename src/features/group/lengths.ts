import { MOST_MM, type Stand } from '@/core/groups/schema';

/** What of a stand is typed, each with its least. */
export const lengthsOf = (s: Stand) =>
  [
    { label: 'Across', key: 'xMm', mm: s.xMm, min: -MOST_MM },
    { label: 'Out', key: 'yMm', mm: s.yMm, min: 0 },
    { label: 'Up', key: 'upMm', mm: s.upMm, min: 0 },
  ] as const;
