'use client';
import { create } from 'zustand';
import { type Making, PLAIN_MAKING } from '@/core/buying/making';
import { readMaking } from '@/storage/making';
import { useStored } from '@/storage/useStored';

/** What is done at Make. */
export type MakePart = 'list' | 'steps' | 'template' | 'papers';

/** What a list is for: one, the set, all of a place, the whole bench, or a batch put together by hand. */
export type Scope = 'one' | 'set' | 'place' | 'bench' | 'batch';

interface At {
  part: MakePart;
  /** Null until it is chosen: the set where there is one. */
  scope: Scope | null;
  go: (part: MakePart) => void;
  ask: (scope: Scope) => void;
}

/** Where one is at Make: it stays while one looks at something else. */
export const useAtMake = create<At>((set) => ({
  part: 'list',
  scope: null,
  go: (part) => set({ part }),
  ask: (scope) => set({ scope }),
}));

/** What is kept of buying and planting on this device. */
export const useMaking = (): Making => useStored(readMaking) ?? PLAIN_MAKING;
