import { create } from 'zustand';
import { keepPictures, keptSettings } from './settings';

interface Drawing {
  /** In fewer faces and without smoothed edges: quicker on a machine without a graphics chip, and kinder to a battery. */
  plain: boolean;
  setPlain: (plain: boolean) => void;
}

const kept = (): boolean => typeof window !== 'undefined' && keptSettings().pictures === 'plain';

/** How portraits are drawn, kept on this device. */
export const useDrawing = create<Drawing>((set) => ({
  plain: kept(),
  setPlain: (plain) => {
    set({ plain });
    keepPictures(plain ? 'plain' : undefined);
  },
}));
