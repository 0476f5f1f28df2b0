'use client';
import { type SheetId, SHEET_IDS, SHEETS } from '@/core/papers/sizes';
import { Segments } from '@/ui/Segments';
import { keepMaking } from './keep';

/** The sheets a printer takes. */
export const PaperSize = ({ sheet }: { sheet: SheetId }) => (
  <div className="w-44">
    <Segments
      label="Paper"
      value={sheet}
      options={SHEET_IDS.map((value) => ({ value, text: SHEETS[value].label }))}
      onChange={(next) => keepMaking({ sheet: next })}
    />
  </div>
);
