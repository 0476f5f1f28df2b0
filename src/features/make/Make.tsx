'use client';
import { useMemo } from 'react';
import { grow } from '@/core/growth/season';
import { toBuy } from '@/core/materials/turn';
import { Segments } from '@/ui/Segments';
import { useToday } from '../shell/diary';
import type { StationProps } from '../shell/panels';
import { List } from './List';
import { type MakePart, useAtMake } from './making';
import { Papers } from './Papers';
import { Steps } from './Steps';
import { TemplatePaper } from './TemplatePaper';

const PARTS: { value: MakePart; text: string }[] = [
  { value: 'list', text: 'List' },
  { value: 'steps', text: 'Steps' },
  { value: 'template', text: 'Template' },
  { value: 'papers', text: 'Labels and fact sheet' },
];

const PANEL: Record<MakePart, (at: StationProps) => React.ReactNode> = {
  list: (at) => <List {...at} />,
  steps: (at) => <Steps key={at.planting.id} {...at} />,
  template: (at) => <TemplatePaper {...at} />,
  papers: (at) => <Papers {...at} />,
};

/** From the till to the watered pot: what to buy, how to plant it, and its papers. */
export function Make(at: StationProps) {
  const { part, go } = useAtMake();
  const today = useToday();
  // Steps, template and labels are of what is planted now, or next.
  const planting = useMemo(() => toBuy(at.planting, today), [at.planting, today]);
  return (
    <div className="flex flex-col gap-4">
      <div className="print:hidden">
        <Segments label="Plant up" value={part} options={PARTS} onChange={go} />
      </div>
      {PANEL[part](part === 'list' ? at : { ...at, planting, season: grow(planting) })}
    </div>
  );
}
