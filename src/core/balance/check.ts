import { formatLength, type UnitSystem } from '../units/length';
import { formatMoney, formatPercent, formatTemperature } from '../units/quantity';
import type { Severity } from './severity';
import type { FindingFacts, Sentence } from './speak';
import type { Standing } from './standing';

/** What a check found: data only. `W` are the sentences it can say. */
export interface Measured<W extends string = string> {
  severity: Severity;
  measured: number;
  /** Where it should lie. */
  band: [number, number];
  unit: string;
  /** The ends of the instrument. */
  scale: [number, number];
  /** Ids of placements to point at. */
  culprits: string[];
  says: W;
  facts: FindingFacts;
  rule: string;
  source: string;
  /** 0 hopeless, 1 ideal; the score is made of these. */
  quality: number;
}

/** A figure as it is read out. */
export type Figure = (m: { measured: number; unit: string }, units: UnitSystem) => string;

/** Kinds of remedy that are worth trying; each is worked out in compose/changes. */
export type RemedyKind =
  | 'drill'
  | 'plant later'
  | 'rearrange'
  | 'smaller starts'
  | 'take one out'
  | 'take one of many out'
  | 'take any but the lead out'
  | 'turn'
  | 'trade roles'
  | 'nudge apart'
  | 'swap'
  | 'swap the body'
  | 'bigger starts'
  | 'pinch'
  | 'cut back'
  | 'forward or back'
  | 'one more'
  | 'a lead'
  | 'a trailer'
  | 'same again'
  | 'swap them all'
  | 'a kind smaller'
  | 'cheaper throughout';

/**
 * What a check counts toward. Once it lives, seven things make a planting good; what always passes is a *gate*, outside
 * their mean.
 */
export const FACETS = {
  season: 25,
  fullness: 20,
  form: 15,
  scheme: 15,
  contrast: 10,
  repetition: 10,
  backdrop: 5,
} as const;
export type Facet = keyof typeof FACETS | 'gate';

/** One thing that is asked of a planting, with all that belongs to it. */
export interface Check<W extends string = string> {
  /** What it is called everywhere. */
  name: string;
  /** What it counts toward, and its weight among those that count toward the same. */
  facet: Facet;
  weight: number;
  /** Where it is put right. */
  at: 'spot' | 'container' | 'plants';
  /** For the five levels: what the ends of the instrument mean. */
  ends?: readonly [string, string];
  /** Empty where it does not apply. */
  of: (standing: Standing) => Measured<W>[];
  words: Record<W, Sentence>;
  figure: Figure;
  /** Its band says nothing that its figure does not. */
  bandless?: boolean;
  /** What may help, most promising first. */
  ideas: readonly RemedyKind[];
}

/** A check whose sentences are known by name. */
export const check = <W extends string>(c: Check<W>): Check<W> => c;

export const percent: Figure = ({ measured }) => formatPercent(measured);
/** “1.8 × rim”, or a share where the unit is one. */
export const times: Figure = ({ measured, unit }) =>
  unit.startsWith('×') ? `${measured.toFixed(1)} ${unit}` : formatPercent(measured);
export const count: Figure = ({ measured }) => `${measured}`;
export const hoursFigure: Figure = ({ measured }) => `${measured} h`;
export const temperature: Figure = ({ measured }, units) => formatTemperature(measured, units);
export const money: Figure = ({ measured }) => formatMoney(measured);
export const lengthOver: Figure = ({ measured }, units) =>
  measured > 0 ? `${formatLength(measured, units)} over` : 'fits';
