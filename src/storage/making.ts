import { MakingSchema, PLAIN_MAKING } from '@/core/buying/making';
import { keptUnder } from './kept';

/** What is kept of buying and planting. */
export const { read: readMaking, change: changeMaking } = keptUnder('making', MakingSchema, PLAIN_MAKING);
