import type { Making } from '@/core/buying/making';
import { changeMaking } from '@/storage/making';
import { tell } from '../shell/tell';

/** Keeps a change of what is bought and planted, and says so when it cannot be kept. */
export function keepMaking(change: Partial<Making> | ((now: Making) => Partial<Making>)): void {
  changeMaking((m) => ({ ...m, ...(typeof change === 'function' ? change(m) : change) })).catch((e: unknown) =>
    tell.problem('Could not save that.', e instanceof Error ? e.message : String(e)),
  );
}
