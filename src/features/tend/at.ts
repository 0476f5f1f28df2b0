import { create } from 'zustand';

/** What is done at Tend. */
export type TendPart = 'today' | 'away' | 'log' | 'over';

interface At {
  part: TendPart;
  go: (part: TendPart) => void;
  /** The place whose round is walked; null for all. */
  place: string | null;
  look: (place: string | null) => void;
}

/** Where one is at Tend: it stays while one looks at something else. */
export const useAtTend = create<At>((set) => ({
  part: 'today',
  go: (part) => set({ part }),
  place: null,
  look: (place) => set({ place }),
}));
