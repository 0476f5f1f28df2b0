import type { Measure } from '../balance/assess';

/** What there is nothing to watch in comes before what scores this much more and has something. Working figure. */
const WATCHED = 12;

/** Things in it to be watched, or wrong. */
export const watchedIn = ({ readings }: Pick<Measure, 'readings'>): number =>
  readings.reduce((n, r) => n + Number(r.severity !== 'good'), 0);

/** A score, less for so many things to be watched. */
export const worthOf = (score: number, watched: number): number => score - WATCHED * watched;

/**
 * What a planting is worth to the search, in points of the score: less for everything there is to watch in
 * it. What is proposed is chosen and bettered by this.
 */
export const worth = ({ measured }: { measured: Pick<Measure, 'score' | 'readings'> }): number =>
  worthOf(measured.score, watchedIn(measured));
