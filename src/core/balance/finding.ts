import type { Command } from '../plantings/commands';
import type { UnitSystem } from '../units/length';
import type { Measured } from './check';
import { type CheckId, checkOf } from './index';
import type { Severity } from './severity';
import { type FindingFacts, speak } from './speak';

/** What one check found in one planting. */
export interface Reading extends Measured {
  check: CheckId;
}

/** What pressing a remedy does, and what it does to everything else. */
export interface Remedy {
  label: string;
  commands: Command[];
  effects: { check: CheckId; from: Severity; to: Severity; before: number; after: number }[];
  scoreChange: number;
}

export interface Finding extends Reading {
  message: string;
  remedies: Remedy[];
}

export interface Report {
  /** 0–100. */
  score: number;
  /** Week judged. */
  week: number;
  findings: Finding[];
}

/** The sentence of a check's finding. */
export const say = (id: CheckId, says: string, facts: FindingFacts, units: UnitSystem = 'metric'): string =>
  checkOf(id).words[says]?.(speak(facts, units)) ?? '';

/** A finding's figure as it is read out. */
export const figureOf = (
  { check, measured, unit }: Pick<Reading, 'check' | 'measured' | 'unit'>,
  units: UnitSystem = 'metric',
): string => checkOf(check).figure({ measured, unit }, units);

/** The band in the same words as the figure; empty where it says nothing that the figure does not. */
export function bandOf(f: Reading, units: UnitSystem): string {
  if (checkOf(f.check).bandless) return '';
  const [low = '', high = ''] = f.band.map((measured) => figureOf({ ...f, measured }, units));
  if (f.band[0] <= f.scale[0]) return `up to ${high}`;
  if (f.band[1] >= f.scale[1]) return `at least ${low}`;
  return `${low.replace(/ .*$/, '')}–${high}`;
}
