import { create } from 'zustand';
import type { Remedy } from '@/core/balance/finding';

/** What a hand points at. A store of its own: pointing must not draw the page again. */
interface Pointing {
  /** The placement in hand. */
  chosen: string | null;
  /** Placements pointed at. */
  lit: readonly string[] | null;
  /** A plant that is covered and who covers it: what it would be without is drawn over the portrait. */
  covered: { under: string; by: string } | null;
  /** The float is being drawn along the season: pictures may be coarser until it rests. */
  sliding: boolean;
  /** A remedy being weighed. */
  weighed: Remedy | null;
  point: (change: Partial<Pick<Pointing, 'chosen' | 'lit' | 'covered' | 'sliding' | 'weighed'>>) => void;
  /** Nothing is lit or weighed any more. */
  letGo: () => void;
}

export const usePointing = create<Pointing>((set) => ({
  chosen: null,
  lit: null,
  covered: null,
  sliding: false,
  weighed: null,
  point: (change) => set(change),
  letGo: () => set({ lit: null, covered: null, weighed: null }),
}));

/** Changes what is pointed at, from anywhere. */
export const point: Pointing['point'] = (change) => usePointing.getState().point(change);
