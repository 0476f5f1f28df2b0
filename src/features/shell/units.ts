import { create } from 'zustand';
import type { UnitSystem } from '@/core/units/length';

const KEY = 'rillbank.units';

interface Units {
  units: UnitSystem;
  set: (units: UnitSystem) => void;
  load: () => void;
}

/** Metric or imperial, kept on this device. */
export const useUnits = create<Units>((set) => ({
  units: 'metric',
  set: (units) => {
    set({ units });
    localStorage.setItem(KEY, units);
  },
  load: () => set({ units: localStorage.getItem(KEY) === 'imperial' ? 'imperial' : 'metric' }),
}));
