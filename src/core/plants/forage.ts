import type { Forage } from './traits';

/** Whether what a plant gives is worth planting it for. */
export const isForage = (grade: Forage): boolean => grade === 'good' || grade === 'best';
