import type { StandingKind, HungKind, OpenKind } from './kinds';

/**
 * How a flower is drawn. *open* looks outward; *umbel* is many small open ones in a dome; *hung* hangs by a
 * thread; *stand* goes on where its stalk ends.
 */
export type FlowerLook = {
  /** How far it is held over the leaf on a stalk of its own, in widths of it. */
  held: number;
  /** Looks up rather than out: daisies, pinks. */
  up?: boolean;
  /** So many stand up one stalk, the oldest lowest: nemesias, twinspurs. */
  raceme?: number;
} & (
  | { as: 'open'; kind: OpenKind }
  | { as: 'umbel'; kind: OpenKind; florets: number; flat: number }
  | { as: 'hung'; kind: HungKind | 'berry'; aspect: number }
  | { as: 'stand'; kind: StandingKind | 'spikelet'; aspect: number }
);
