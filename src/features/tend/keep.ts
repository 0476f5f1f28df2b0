import type { Tending } from '@/core/water/tending';
import { changeTending } from '@/storage/tending';
import { told } from '../shell/doing';

/** Keeps a change of how containers are watered, and says so when it cannot be kept. */
export const keepTending = (change: (now: Tending) => Partial<Tending>): void =>
  told(changeTending((now) => ({ ...now, ...change(now) })));
