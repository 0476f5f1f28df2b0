import { addDays, weekdayOf } from '../units/date';

/** So many plants wanted in the week that begins on a Monday, ISO. */
export interface Delivery {
  week: string;
  need: number;
}

/**
 * Plants come in the week before they are set out, to harden off and settle. Practice; the week is a working
 * figure.
 */
const BEFORE_DAYS = 7;

/** The Monday of the week in which what is planted on a day is to be delivered, ISO. */
export function deliveryWeek(planted: string): string {
  const day = addDays(planted, -BEFORE_DAYS);
  return addDays(day, -((weekdayOf(day) + 6) % 7));
}

/** Deliveries of one kind by week, soonest first: those of a week are one. */
export function delivered(all: readonly Delivery[]): Delivery[] {
  const weeks = new Map<string, number>();
  for (const { week, need } of all) weeks.set(week, (weeks.get(week) ?? 0) + need);
  return [...weeks].map(([week, need]) => ({ week, need })).sort((a, b) => a.week.localeCompare(b.week));
}

/** The one week in which all of some lines come; null where there are several, or none. */
export function oneWeek(lines: readonly { deliveries: readonly Delivery[] }[]): string | null {
  const [week, ...others] = new Set(lines.flatMap((l) => l.deliveries.map((d) => d.week)));
  return week !== undefined && others.length === 0 ? week : null;
}
