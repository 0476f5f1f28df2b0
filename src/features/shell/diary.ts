import { create } from 'zustand';
import { isDay, today as realToday } from '@/core/units/date';
import { useRealDay } from './clock';

const KEY = 'rillbank.diary';

interface Diary {
  /** The day the diary stands open on; null for the real one. */
  open: string | null;
  openOn: (day: string | null) => void;
}

function kept(): string | null {
  if (typeof localStorage === 'undefined') return null;
  const day = localStorage.getItem(KEY);
  return day !== null && isDay(day) ? day : null;
}

/** The day that counts as today: the real one, or a day somebody opened the diary on, kept on this device. */
export const useDiary = create<Diary>((set) => ({
  open: kept(),
  openOn: (open) => {
    if (open === null) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, open);
    set({ open });
  },
}));

/** Today, as the diary has it. */
export const diaryToday = (): string => useDiary.getState().open ?? realToday();

/** Today, as the diary has it, for what is drawn again when it is opened on another day, or the day turns. */
export function useToday(): string {
  const real = useRealDay();
  return useDiary((d) => d.open) ?? real;
}
