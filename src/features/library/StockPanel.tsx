'use client';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { BadInputError } from '@/core/formats/parse';
import { readStockCsv, stockCsv } from '@/core/formats/stock-csv';
import type { Plant } from '@/core/plants/schema';
import type { KeptStock } from '@/core/stock/schema';
import { removeStock, saveStock } from '@/storage/stock';
import { simulatedNursery } from '@/standins/nursery';
import { Button } from '@/ui/Button';
import { countOf } from '@/ui/words';
import { Toggle } from '@/ui/Toggle';
import { useFilePick } from '@/ui/useFilePick';
import { download } from '../shell/download';
import { diaryToday } from '../shell/diary';
import { tell } from '../shell/tell';

const MOST_BYTES = 5_000_000;

/** What a nursery has: asked of its feed or read from its list, and whether to keep to it. */
export function StockPanel({
  stock,
  all,
  onClose,
}: {
  stock: KeptStock | null;
  all: readonly Plant[];
  onClose: () => void;
}) {
  const [errors, setErrors] = useState<{ row: number; message: string }[]>([]);
  const keep = (value: KeptStock) => saveStock(value).catch((e: unknown) => tell.notKept(e));
  const ask = async () => {
    setErrors([]);
    await keep({ stock: await simulatedNursery.ask(all, diaryToday()), keepTo: stock?.keepTo ?? false });
  };
  const open = async (f: File) => {
    try {
      if (f.size > MOST_BYTES)
        throw new BadInputError(
          `file: ${Math.round(f.size / 1e6)} MB is far more than a nursery’s list. Choose a CSV of plants in stock.`,
        );
      const read = readStockCsv(await f.text(), all);
      setErrors(read.errors);
      if (read.lines.length === 0) return;
      await keep({
        stock: { nursery: f.name.replace(/\.[^.]+$/, '').slice(0, 80), askedAt: diaryToday(), lines: read.lines },
        keepTo: stock?.keepTo ?? false,
      });
      tell.said(
        `${countOf(read.lines.length, 'line')} of stock read${read.errors.length > 0 ? `, ${read.errors.length} left out` : ''}`,
      );
    } catch (e) {
      if (e instanceof BadInputError) tell.problem(`Could not read ${f.name}. Nothing has changed.`, e.message);
      else throw e;
    }
  };
  const [pick, field] = useFilePick('Stock list', '.csv,text/csv,text/plain', (f) => void open(f));
  const lines = stock?.stock.lines ?? [];
  const out = lines.filter((l) => l.available === 0).length;
  return (
    <Dialog.Root open onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/35" />
        <Dialog.Content className="fixed inset-x-2 top-[10vh] z-30 mx-auto flex max-h-[80vh] max-w-lg flex-col gap-3 overflow-y-auto rounded-[4px] border border-line bg-ground p-4">
          <div className="flex items-center justify-between">
            <Dialog.Title className="text-lg">Nursery stock</Dialog.Title>
            <Dialog.Close asChild>
              <Button kind="bare">Close</Button>
            </Dialog.Close>
          </div>
          <Dialog.Description className="text-[0.93rem] text-quiet">
            Add a nursery’s stock list and Rillbank can compose from it, mark what is out of stock and suggest
            substitutes.
          </Dialog.Description>
          {stock ? (
            <div className="border-l-2 border-line pl-2.5">
              <p className="font-semibold">{stock.stock.nursery}</p>
              <p className="text-[0.9rem] text-quiet">
                as of {new Date(stock.stock.askedAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}:{' '}
                {new Set(lines.map((l) => l.plantId)).size} plants in {lines.length} sizes, {out} out of stock
              </p>
              <Toggle
                label="Use only plants in stock"
                on={stock.keepTo}
                onChange={(keepTo) => void keep({ ...stock, keepTo })}
              />
            </div>
          ) : (
            <p>No stock list yet.</p>
          )}
          <div className="flex flex-wrap gap-2">
            <Button kind="deep" onClick={() => void ask()}>
              Load the sample stock list
            </Button>
            <Button onClick={pick}>Import a CSV</Button>
            {stock && (
              <Button onClick={() => download('stock.csv', stockCsv(stock.stock, all), 'text/csv')}>Save as CSV</Button>
            )}
            {stock && (
              <Button kind="bare" onClick={() => void removeStock()}>
                Remove the list
              </Button>
            )}
          </div>
          <p className="text-[0.84rem] text-quiet">
            The sample nursery is invented. Your own CSV needs the columns plant, start, price and available.
          </p>
          {errors.length > 0 && (
            <section role="alert">
              <h3 className="hair pb-1 text-[0.95rem] text-wrong">{errors.length} rows left out</h3>
              <ol className="text-[0.88rem]">
                {errors.slice(0, 40).map((e) => (
                  <li key={e.row} className="hair py-1">
                    <span className="font-semibold">Row {e.row}:</span> {e.message}
                  </li>
                ))}
                {errors.length > 40 && <li className="py-1 text-quiet">and {errors.length - 40} more.</li>}
              </ol>
            </section>
          )}
          {field}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
