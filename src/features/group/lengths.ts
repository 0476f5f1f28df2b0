import { MOST_MM, type Stand } from '@/core/groups/schema';

/** What of a stand is typed, each with its least. */
export const lengthsOf = (s: Stand) =>
  [
    { label: 'Right of middle', key: 'xMm', mm: s.xMm, min: -MOST_MM },
    { label: 'From the wall', key: 'yMm', mm: s.yMm, min: 0 },
    { label: 'Up', key: 'upMm', mm: s.upMm, min: 0 },
  ] as const;
