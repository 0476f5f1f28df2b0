'use client';
import { useStored } from '@/storage/useStored';
import { useEffect } from 'react';
import type { Planting } from '@/core/plantings/schema';
import { readOne } from '@/storage/plantings';
import { usePlanting, useWorkspace } from '../shell/store';

/** Opens a stored planting, and follows it when another tab changes it. */
export function useOpen(id: string): { planting: Planting | null; problem: string | null } {
  const planting = usePlanting();
  const row = useStored(
    () =>
      readOne(id)
        .then((r) => r ?? null)
        .catch((e: unknown) => (e instanceof Error ? e.message : String(e))),
    [id],
  );
  useEffect(() => {
    if (!row || typeof row === 'string') return;
    const { history, open, follow } = useWorkspace.getState();
    if (history?.now.id !== id) open(row);
    else follow(row);
  }, [row, id]);
  const problem =
    row === null
      ? 'This container is not on your bench. It may have been deleted.'
      : typeof row === 'string'
        ? row
        : null;
  return { planting: planting?.id === id ? planting : null, problem };
}
