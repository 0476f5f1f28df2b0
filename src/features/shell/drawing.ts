import { create } from 'zustand';
import { keepPictures, keptSettings } from './settings';

interface Drawing {
  /**
   * In fewer faces and without smoothed edges: quicker on a machine without a graphics chip, and kinder to a
   * battery.
   */
  plain: boolean;
  setPlain: (plain: boolean) => void;
  /** Pictures take so long here that whatever else is at work had better come first. */
  slow: boolean;
  /** Told what a whole picture took, ms. */
  took: (ms: number) => void;
}

/** Over this time for one picture the machine draws in software. */
export const SLOW_MS = 70;

const kept = (): boolean => typeof window !== 'undefined' && keptSettings().pictures === 'plain';

/** How portraits are drawn, kept on this device. */
export const useDrawing = create<Drawing>((set) => ({
  plain: kept(),
  setPlain: (plain) => {
    set({ plain });
    keepPictures(plain ? 'plain' : undefined);
  },
  slow: false,
  took: (ms) => set({ slow: ms > SLOW_MS }),
}));
