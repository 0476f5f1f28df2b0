'use client';
import { useState, type ReactNode } from 'react';
import type { Opened } from '@/core/formats/bundle';
import { countFates } from '@/core/formats/merge';
import { BadInputError } from '@/core/formats/parse';
import { meet, takeIn } from '@/storage/bench';
import { countOf } from '@/ui/words';
import { newId } from './ids';
import { type Met, MergeDialog } from './MergeDialog';
import { keepSettings } from './settings';
import { tell } from './tell';

/** Says what came of a file that was taken in. */
function sayTaken({ merge }: Met): void {
  const came = ([list, one]: readonly [readonly { fate: 'new' | 'newer' | 'older' | 'same' }[], string]) => {
    const n = countFates(list);
    return n.new + n.newer > 0 ? [`${countOf(n.new + n.newer, one)} added`] : [];
  };
  const said = (
    [
      [merge.pots, 'container'],
      [merge.plants, 'own plant'],
    ] as const
  ).flatMap(came);
  tell.said(said.length === 0 ? 'You already have all of this' : said.join(', '));
}

/**
 * Opens a file that brings containers or plants. What would change something that is here, or is damaged, is told
 * before anything is done; `after` is told what was taken in. `dialog` is to be drawn.
 */
export function useOpenFile(
  read: (file: File) => Promise<Opened>,
  after?: (met: Met) => void,
): {
  open: (file: File) => Promise<void>;
  dialog: ReactNode;
} {
  const [met, setMet] = useState<Met | null>(null);
  const take = async (found: Met) => {
    setMet(null);
    try {
      await takeIn(found.bench, found.merge);
      keepSettings(found.bench.settings);
      sayTaken(found);
      after?.(found);
    } catch (e) {
      tell.notKept(e);
    }
  };
  const open = async (file: File) => {
    try {
      const { bench, problems } = await read(file);
      const found = { name: file.name, bench, problems, merge: await meet(bench, newId) };
      const clash = [...found.merge.pots, ...found.merge.plants].some(
        ({ fate }) => fate === 'newer' || fate === 'older',
      );
      if (clash || problems.length > 0) setMet(found);
      else await take(found);
    } catch (e) {
      if (e instanceof BadInputError) tell.problem(`Could not open ${file.name}. Nothing has changed.`, e.message);
      else tell.notKept(e);
    }
  };
  return { open, dialog: met && <MergeDialog met={met} onTake={() => void take(met)} onClose={() => setMet(null)} /> };
}
