import type { Command } from '../plantings/commands';
import type { SayId, Facts } from './words';

export type Severity = 'good' | 'watch' | 'wrong';

export const LEVELS = ['height', 'texture', 'trail', 'colour', 'vigour'] as const;
export type LevelId = (typeof LEVELS)[number];
export type CheckId =
  | LevelId
  | 'steps'
  | 'plainness'
  | 'drop'
  | 'sides'
  | 'clear'
  | 'cover'
  | 'spread'
  | 'fit'
  | 'light'
  | 'scorch'
  | 'water'
  | 'season'
  | 'nights'
  | 'safety'
  | 'drainage'
  | 'cost'
  | 'winter'
  | 'sightline'
  | 'against'
  | 'steady';

/** A reading as a check gives it: data only. */
export interface Reading {
  check: CheckId;
  severity: Severity;
  measured: number;
  /** Where it should lie. */
  band: [number, number];
  unit: string;
  /** The ends of the instrument. */
  scale: [number, number];
  culprits: string[];
  says: SayId;
  facts: Facts;
  rule: string;
  source: string;
  /** 0 hopeless, 1 ideal; the score is made of these. */
  quality: number;
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

/** Quality of a figure against a band: 1 in the middle, 0.8 at its edges, falling to 0 one band's width outside. */
export function bandQuality(x: number, [low, high]: readonly [number, number]): number {
  const half = Math.max((high - low) / 2, 1e-6);
  const off = Math.abs(x - (low + high) / 2) / half;
  return off <= 1 ? 1 - 0.2 * off * off : Math.max(0, 0.8 - 0.4 * (off - 1));
}

/** good inside the band, wrong beyond `outer`, watch between. */
export function bySeverity(
  x: number,
  [low, high]: readonly [number, number],
  outer: readonly [number, number],
): Severity {
  if (x >= low && x <= high) return 'good';
  return x < outer[0] || x > outer[1] ? 'wrong' : 'watch';
}
