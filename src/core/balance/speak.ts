import { formatDay } from '../units/date';
import { formatLength, type UnitSystem } from '../units/length';
import { formatMoney, formatPercent, formatTemperature } from '../units/quantity';

/** Bare facts of a finding, from which its sentence is made. Lengths in mm, shares 0–1, money in pounds. */
export type FindingFacts = Record<string, string | number>;

/** Facts as they are said, in the units of whoever reads. */
export interface Speak {
  text: (key: string) => string;
  num: (key: string) => number;
  len: (key: string) => string;
  pct: (key: string) => string;
  temp: (key: string) => string;
  money: (key: string) => string;
  day: (key: string) => string;
}

/** One sentence, made of facts. */
export type Sentence = (f: Speak) => string;

export function speak(facts: FindingFacts, units: UnitSystem): Speak {
  const num = (key: string) => Number(facts[key] ?? 0);
  const text = (key: string) => String(facts[key] ?? '');
  return {
    num,
    text,
    len: (key) => formatLength(num(key), units),
    pct: (key) => formatPercent(num(key)),
    temp: (key) => formatTemperature(num(key), units),
    money: (key) => formatMoney(num(key)),
    day: (key) => formatDay(text(key)),
  };
}

/** “1 hour”, “3 hours”. */
export const hours = (n: number): string => `${n} ${n === 1 ? 'hour' : 'hours'}`;
