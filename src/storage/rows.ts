import { BadInputError } from '@/core/formats/parse';
import { readPlanting } from '@/core/formats/planting';
import type { Planting } from '@/core/plantings/schema';
import type { StoredPlanting } from './db';

interface Read {
  rev: number;
  stamp: number;
  result: Planting | BadInputError;
}

/** How often a row was written. */
export const revOf = (row: Pick<StoredPlanting, 'rev'> | undefined): number => row?.rev ?? 0;

/**
 * Rows already read, by id, revision and stamp: one that has not changed is not checked again, and is the
 * same object.
 */
const read = new Map<string, Read>();

/** A stored row as a planting, or why it is none. */
export function storedPlanting(row: StoredPlanting): Planting | BadInputError {
  const known = read.get(row.id);
  if (known?.rev === revOf(row) && known.stamp === row.updatedAt) return known.result;
  const result = reading(row);
  read.set(row.id, { rev: revOf(row), stamp: row.updatedAt, result });
  return result;
}

function reading(row: StoredPlanting): Planting | BadInputError {
  try {
    return readPlanting(row.planting);
  } catch (e) {
    if (e instanceof BadInputError) return e;
    throw e;
  }
}

/** What is known of rows that are gone, or were written under a stamp that was used before, is forgotten. */
export const forget = (ids: readonly string[]): void => ids.forEach((id) => read.delete(id));

let last = 0;

/** A stamp for something kept now: the time in milliseconds, and always later than the one before it. */
export const stamp = (): number => (last = Math.max(Date.now(), last + 1));
