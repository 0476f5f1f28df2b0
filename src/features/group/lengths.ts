import { MOST_MM, type Stand } from '@/core/groups/schema';

/** What of a stand is typed, each with its least. */
export const lengthsOf = (s: Stand) =>
  [
    { label: 'Left–right', key: 'xMm', mm: s.xMm, min: -MOST_MM },
    { label: 'From the wall', key: 'yMm', mm: s.yMm, min: 0 },
    { label: 'Height', key: 'upMm', mm: s.upMm, min: 0 },
  ] as const;
