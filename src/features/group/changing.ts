import type { Planting } from '@/core/plantings/schema';
import { savePlantings } from '@/storage/plantings';
import { told } from '../shell/doing';
import { tell } from '../shell/tell';

/** Keeps containers as they are now, and says so with a way back to what they were. */
export async function keepChanged(was: readonly Planting[], now: readonly Planting[], said: string): Promise<void> {
  await savePlantings(now);
  tell.done(said, () => told(savePlantings(was)));
}
