'use client';
import { useLiveQuery } from 'dexie-react-hooks';

/**
 * What is stored, read by a function of this room, and read again whenever it changes, in this tab or
 * another. Undefined until it is read.
 */
export const useStored: <T>(read: () => Promise<T>, deps?: unknown[]) => T | undefined = useLiveQuery;
