'use client';
import { useStored } from '@/storage/useStored';
import { useState } from 'react';
import { MOST_BYTES, readBench as parseBench, tooLarge, writeBackup } from '@/core/formats/backup';
import { countFates } from '@/core/formats/merge';
import { BadInputError } from '@/core/formats/parse';
import { today } from '@/core/units/date';
import { meet, readBench, takeIn } from '@/storage/bench';
import { readCards } from '@/storage/cards';
import { Button } from '@/ui/Button';
import { useFilePick } from '@/ui/useFilePick';
import { download } from '../shell/download';
import { newId } from '../shell/ids';
import { keepSettings, keptSettings } from '../shell/settings';
import { tell } from '../shell/tell';
import { type Met, MergeDialog } from './MergeDialog';

const plural = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/** The whole bench out to a file, and in again. What would change what is here is told before it is done. */
export function Backup() {
  const pots = useStored(() => readCards(true).catch(() => []));
  const [met, setMet] = useState<Met | null>(null);
  const save = async () => {
    const now = new Date().toISOString();
    download(`rillbank-${today()}.json`, writeBackup(await readBench(keptSettings()), now), 'application/json');
  };
  const take = async ({ bench, merge }: Met) => {
    setMet(null);
    try {
      await takeIn(bench, merge);
      keepSettings(bench.settings);
      const came = countFates(merge.pots);
      const plants = countFates(merge.plants);
      const set = came.new + came.newer;
      const added = plants.new + plants.newer;
      const own = added > 0 ? `, ${plural(added, 'own plant')} added` : '';
      tell.said(set + added === 0 ? 'All of it is on the bench already' : `${plural(set, 'container')} set out${own}`);
    } catch (e) {
      tell.notKept(e);
    }
  };
  const open = async (f: File) => {
    try {
      if (f.size > MOST_BYTES) throw tooLarge(f.size);
      const bench = parseBench(await f.text());
      const found = { name: f.name, bench, merge: await meet(bench, newId) };
      const clash = [...found.merge.pots, ...found.merge.plants].some(
        ({ fate }) => fate === 'newer' || fate === 'older',
      );
      if (clash) setMet(found);
      else await take(found);
    } catch (e) {
      if (e instanceof BadInputError) tell.problem(`${f.name} was not opened; nothing changed`, e.message);
      else tell.notKept(e);
    }
  };
  const [pick, field] = useFilePick('Backup or planting file', '.json,application/json', (f) => void open(f));
  return (
    <>
      <Button
        disabled={!pots || pots.length === 0}
        onClick={() => void save().catch((e: unknown) => tell.problem('No backup was saved', String(e)))}
      >
        Save a backup
      </Button>
      <Button onClick={pick}>Open a file</Button>
      {field}
      {met && <MergeDialog met={met} onTake={() => void take(met)} onClose={() => setMet(null)} />}
    </>
  );
}
