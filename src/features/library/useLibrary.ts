'use client';
import { useStored } from '@/storage/useStored';
import { useDeferredValue, useMemo, useState } from 'react';
import { finderOf } from '@/core/plants/search';
import { readShelf } from '@/storage/plantings';
import { useKnown } from '../shell/known';
import { ASK_NOTHING, standingFor, viewOf, type LibraryAsked } from './view';

const MOST_COMPARED = 4;

/** All that the library shows: what is asked, the plants that answer, one in hand, a few compared. */
export function useLibrary(potId: string | null) {
  const known = useKnown();
  const shelf = useStored(() => readShelf().catch(() => null));
  const pots = useMemo(() => (shelf?.pots ?? []).filter((p) => !p.archived).map((p) => p.planting), [shelf]);
  const pot = pots.find((p) => p.id === potId) ?? null;
  const [asked, setAsked] = useState<LibraryAsked>(ASK_NOTHING);
  const [chosen, choose] = useState<string | null>(null);
  const [compared, setCompared] = useState<readonly string[]>([]);
  const find = useMemo(() => finderOf(known.library), [known.library]);
  const standing = useMemo(() => standingFor(known.library, pot), [known.library, pot]);
  const ownIds = useMemo(() => new Set(known.own.map((o) => o.plant.id)), [known.own]);
  // Typing stays ahead of a long list.
  const late = useDeferredValue(asked);
  const list = useMemo(() => viewOf(find, late, standing, ownIds), [find, late, standing, ownIds]);
  const byId = useMemo(() => new Map(known.all.map((p) => [p.id, p])), [known.all]);
  return {
    known,
    pots,
    pot,
    asked,
    setAsked,
    list,
    ownIds,
    chosen: chosen ? (byId.get(chosen) ?? null) : null,
    choose,
    compared: compared.flatMap((id) => byId.get(id) ?? []),
    full: compared.length >= MOST_COMPARED,
    toggleCompared: (id: string) =>
      setCompared((c) => (c.includes(id) ? c.filter((x) => x !== id) : c.length < MOST_COMPARED ? [...c, id] : c)),
  };
}
