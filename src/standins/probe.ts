import { hashText, seeded } from '@/core/units/number';

/** Where a moisture probe is read. */
interface Probe {
  name: string;
  /** The share of what the mix holds for roots, 0–1. */
  read: (container: string, on: string, reckoned: number) => Promise<number>;
}

/**
 * It strays from what is reckoned by this much at the most. Working figure: mixes differ, and so do the hands
 * that fill pots.
 */
const STRAYS = 0.2;

/** A probe that exists only here: near what is reckoned, never quite it, and the same on the same day. */
export const simulatedProbe: Probe = {
  name: 'Moisture probe (simulated)',
  read: async (container, on, reckoned) => {
    const off = (seeded(hashText(`${container}/${on}`))() * 2 - 1) * STRAYS;
    return Math.round(Math.max(0, Math.min(1, reckoned + off)) * 100) / 100;
  },
};
