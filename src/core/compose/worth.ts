import type { Measure } from '../balance/assess';

/** What there is nothing to watch in comes before what scores this much more and has something. Working figure. */
const WATCHED = 12;

/** What a planting is worth to the search, in points of the score: less for everything there is to watch in it. What is proposed is chosen and bettered by this. */
export const worth = ({ measured }: { measured: Pick<Measure, 'score' | 'readings'> }): number =>
  measured.score - WATCHED * measured.readings.filter((r) => r.severity !== 'good').length;
