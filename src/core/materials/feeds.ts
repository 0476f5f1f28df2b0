import { FEED_G_PER_L } from './prices';

/** A way of feeding a container for a season. The product’s own label rules. */
interface Feed {
  label: string;
  /** How it is given, in a few words. */
  how: string;
  unit: 'g' | 'mL';
  /** For so many litres of mix over so many weeks. */
  needs: (mixL: number, weeks: number) => number;
  /** What a container gets on the day it is planted; 0 where feeding begins later. */
  first: (mixL: number) => number;
}

/**
 * Liquid: so much of it to a litre of mix each week, diluted so far, from the week the mix’s own feed is
 * spent. Working figures within ordinary labels.
 */
const SOLUTION_L_PER_L = 0.12;
const DILUTED = 1 / 250;
const FROM_WEEK = 6;
const ML_PER_L = 1000;
/** Pellets: so much to a litre of mix each month. Working figure within ordinary labels. */
const PELLETS_G_PER_L = 1.5;
const WEEKS_A_MONTH = 4.345;

/**
 * Slow-release carries moderate kinds until the eleventh week, and hungry ones until the sixth: then liquid
 * besides, every week, until so many weeks before the end. Growers' figures: from the start of August, and
 * from week six, to the middle of September.
 */
export const BESIDES_SLOW = { hungryFromWeek: 6, fromWeek: 11, stopsWeeks: 5 } as const;

/** The ways of feeding. A new one is an entry here. */
export const FEEDS = {
  slow: {
    label: 'Slow-release feed',
    how: 'mixed in on planting day; lasts five to six months',
    unit: 'g',
    needs: (mixL) => mixL * FEED_G_PER_L,
    first: (mixL) => mixL * FEED_G_PER_L,
  },
  liquid: {
    label: 'Liquid feed',
    how: `weekly from week ${FROM_WEEK}, diluted as on the label`,
    unit: 'mL',
    needs: (mixL, weeks) => mixL * SOLUTION_L_PER_L * DILUTED * ML_PER_L * Math.max(0, weeks - FROM_WEEK),
    first: () => 0,
  },
  pellets: {
    label: 'Pellets',
    how: 'monthly, worked into the surface',
    unit: 'g',
    needs: (mixL, weeks) => mixL * PELLETS_G_PER_L * Math.max(1, Math.round(weeks / WEEKS_A_MONTH)),
    first: (mixL) => mixL * PELLETS_G_PER_L,
  },
} satisfies Record<string, Feed>;
export type FeedId = keyof typeof FEEDS;
export const FEED_IDS = Object.keys(FEEDS) as FeedId[];

/**
 * Liquid that goes with slow-release for so many litres of mix over so many weeks, mL: from the sixth week
 * where some are hungry.
 */
export function liquidBesides(mixL: number, weeks: number, hungry: boolean): number {
  const later = hungry ? BESIDES_SLOW.hungryFromWeek : BESIDES_SLOW.fromWeek;
  return FEEDS.liquid.needs(mixL, weeks - BESIDES_SLOW.stopsWeeks - (later - FROM_WEEK));
}
