import { PLAIN_TENDING, TendingSchema } from '@/core/water/tending';
import { keptUnder } from './kept';

/** What is kept of watering. */
export const { read: readTending, change: changeTending } = keptUnder('tending', TendingSchema, PLAIN_TENDING);
