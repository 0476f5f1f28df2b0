/** A figure's place along its instrument, 0–1. */
export const along = (x: number, [from, to]: readonly [number, number]): number => (x - from) / (to - from || 1);
