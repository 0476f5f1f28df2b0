import { grow } from '../../growth/season';
import { wateringOn } from '../../water/balance';
import { drinkingOn } from '../../water/demand';
import { rainL } from '../../water/rain';
import { missBy } from './growth';
import { type WaterCase, waterCase } from './water';

/** A figure of the model outside its span, and by what share. */
export interface Miss {
  what: string;
  is: number;
  span: readonly [number, number];
  by: number;
}

/** Spans are rounded: a figure so near their end is inside. */
const ROUNDED = 0.005;

/** What the model gives for a case, and what of it a grower would not believe. */
export function readWater(c: WaterCase): { litresADay: number; everyDays: number; missed: Miss[] } {
  const { planting, day } = waterCase(c);
  const { litresADay, timesADay, everyDays } = wateringOn(planting, day);
  const times = timesADay ?? (everyDays === null ? 0 : 1 / everyDays);
  const read: [string, number, Miss['span'] | undefined][] = [
    ['litresADay', litresADay, c.litresADay],
    ['everyDays', 1 / times, c.everyDays],
    ['timesADay', times, c.timesADay],
    ['rainInL', rainL(planting, drinkingOn(planting, grow(planting), day.date), day), c.rainInL],
  ];
  const missed = read.flatMap(([what, is, span]): Miss[] => {
    const by = span ? missBy(is, span) : 0;
    return span && Math.abs(by) > ROUNDED ? [{ what, is, span, by }] : [];
  });
  return { litresADay, everyDays: 1 / times, missed };
}
