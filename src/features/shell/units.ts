import { create } from 'zustand';
import type { UnitSystem } from '@/core/units/length';
import { keepUnits, keptSettings } from './settings';

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
    keepUnits(units);
  },
  load: () => set({ units: keptSettings().units ?? 'metric' }),
}));
