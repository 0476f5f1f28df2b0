import { create } from 'zustand';
import { keepExplained, keptExplained } from '../shell/settings';

interface Explained {
  /** Whether each level says what it looks for. */
  explained: boolean;
  /** Puts the explanations away on this device, or brings them back. */
  explain: () => void;
}

/** What the levels look for is told until it is put away, once for all containers. */
export const useExplained = create<Explained>((set, get) => ({
  explained: typeof window === 'undefined' || keptExplained(),
  explain: () => {
    const explained = !get().explained;
    keepExplained(explained);
    set({ explained });
  },
}));
