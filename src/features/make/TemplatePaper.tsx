'use client';
import { useMemo } from 'react';
import { svgOf } from '@/core/papers/svg';
import { SHEETS } from '@/core/papers/sizes';
import { keyLine, templateOf } from '@/core/papers/template';
import { tiledTemplate, tilingOf } from '@/core/papers/tiles';
import { formatLength } from '@/core/units/length';
import { Button } from '@/ui/Button';
import type { StationProps } from '../shell/panels';
import { download, fileName } from '../shell/download';
import { useMaking } from './making';
import { PaperSize } from './PaperSize';
import { TrueSize } from './TrueSize';
import { useSaving } from '../shell/useSaving';

/** The plan at full size, for paper, a pegged board or a cutter, and on the screen. */
export function TemplatePaper({ planting, units }: StationProps) {
  const { sheet, pxPerMm } = useMaking();
  const template = useMemo(() => templateOf(planting), [planting]);
  const { busy, save } = useSaving();
  const { rows, columns } = tilingOf(template.drawing, sheet);
  const sheets = rows * columns;
  const { wide, high } = template.drawing;
  return (
    <section aria-label="Template" className="flex flex-col gap-3">
      <h2 className="text-xl leading-none">
        Template at full size
        <span className="block pt-1 text-[0.9rem] font-normal text-quiet">
          {formatLength(wide, units)} × {formatLength(high, units)} including margins; {sheets}{' '}
          {sheets === 1 ? 'sheet' : 'sheets'} of {SHEETS[sheet].label} and a key
        </span>
      </h2>
      <div className="flex flex-wrap items-end gap-3">
        <PaperSize sheet={sheet} />
        <Button
          kind="deep"
          disabled={busy}
          onClick={() => save(fileName(planting.name, 'template.pdf'), () => tiledTemplate(template, sheet, units))}
        >
          {busy ? 'Writing…' : 'Save as PDF'}
        </Button>
        <Button
          onClick={() => download(fileName(planting.name, 'template.svg'), svgOf(template.drawing), 'image/svg+xml')}
        >
          Save as SVG
        </Button>
      </div>
      <p className="text-[0.92rem] text-quiet">
        Print at 100% and check the bars on the first sheet with a ruler before you cut. Each circle is a root ball; an
        arrow shows which way to tilt it. The SVG is one full-size drawing, for a plotter or laser cutter.
      </p>
      <TrueSize drawing={template.drawing} pxPerMm={pxPerMm} />
      {template.key.length > 0 && (
        <ol className="columns-1 gap-6 text-[0.92rem] sm:columns-2">
          {template.key.map((p) => (
            <li key={p.id} className="break-inside-avoid">
              <span className="inline-block w-6 text-right font-semibold">{p.no}</span> {keyLine(p)}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
