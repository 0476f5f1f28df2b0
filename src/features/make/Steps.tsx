'use client';
import { useEffect, useMemo, useState } from 'react';
import { stepsOf } from '@/core/steps';
import { Button } from '@/ui/Button';
import { Choose } from '@/ui/Field';
import { Mark } from '@/ui/Mark';
import type { StationProps } from '../shell/panels';
import { point } from '../shell/pointing';
import { keepMaking } from './keep';
import { useMaking } from './making';
import { StepPlan } from './StepPlan';

/** Seconds after which the next step comes by itself; nought for never. */
const PACES = [0, 20, 40, 60, 120] as const;
const paceWords = (s: number): string => (s === 0 ? 'Manually' : `Automatically, every ${s} seconds`);

/** How this planting is planted, one step at a time, in letters to be read from a bench. */
export function Steps({ planting, units }: StationProps) {
  const steps = useMemo(() => stepsOf(planting, units), [planting, units]);
  const making = useMaking();
  // Where it was left is read once it is known; from then on it is where one goes, however fast the keys are.
  const [here, setHere] = useState<string | null>(null);
  const indexOf = (id: string | null | undefined) =>
    Math.max(
      0,
      steps.findIndex((s) => s.id === id),
    );
  const leftAt = making.steps[planting.id];
  const at = indexOf(here ?? leftAt);
  const step = steps[at];
  const [pace, setPace] = useState(0);
  const clamped = (i: number) => steps[Math.max(0, Math.min(steps.length - 1, i))]?.id ?? null;
  const go = (to: number) => setHere(clamped(to));
  const stepBy = (by: 1 | -1) => setHere((was) => clamped(indexOf(was ?? leftAt) + by));
  useEffect(() => {
    if (here !== null) keepMaking((m) => ({ steps: { ...m.steps, [planting.id]: here } }));
  }, [here, planting.id]);
  const lit = step?.ids;
  useEffect(() => {
    point({ lit: lit && lit.length > 0 ? lit : null });
    return () => point({ lit: null });
  }, [lit]);
  const last = at >= steps.length - 1;
  useEffect(() => {
    if (pace === 0 || last) return undefined;
    const timer = setTimeout(() => go(at + 1), pace * 1000);
    return () => clearTimeout(timer);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a step further each time the step or the pace changes
  }, [pace, at, last]);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const on = e.target as HTMLElement | null;
      if (e.ctrlKey || e.metaKey || e.altKey || on?.closest('input, select, textarea, [role=img], [role=dialog]'))
        return;
      if (e.key === 'ArrowRight' || e.key === 'PageDown') stepBy(1);
      else if (e.key === 'ArrowLeft' || e.key === 'PageUp') stepBy(-1);
      else return;
      e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  if (!step) return <p>Compose a planting under Plants first, and its steps appear here.</p>;
  return (
    <section aria-label="Planting steps" className="flex flex-col gap-3">
      <div className="flex items-center justify-between gap-3">
        <p className="text-quiet">
          Step {at + 1} of {steps.length}
        </p>
        <div className="h-1.5 flex-1 bg-line" aria-hidden>
          <div className="h-full bg-glaze" style={{ width: `${((at + 1) / steps.length) * 100}%` }} />
        </div>
      </div>
      <div className="flex flex-col gap-3 work:grid work:grid-cols-[1fr_15rem] work:items-start">
        <div role="status" className="flex min-h-44 flex-col gap-3 work:min-h-72">
          <h2 className="text-[1.7rem] leading-tight">{step.title}</h2>
          <p className="max-w-prose text-[1.3rem] leading-snug">{step.text}</p>
          {step.caution && (
            <p className="flex max-w-prose items-baseline gap-2 border-l-2 border-watch pl-2 text-[1.05rem]">
              <Mark severity="watch" />
              <span>{step.caution}</span>
            </p>
          )}
        </div>
        <StepPlan planting={planting} lit={step.ids} />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <Button className="min-h-12! px-5! text-[1.1rem]!" disabled={at === 0} onClick={() => go(at - 1)}>
          Back
        </Button>
        <Button
          kind="deep"
          className="min-h-12! flex-1 text-[1.1rem]! work:max-w-72"
          onClick={() => go(last ? 0 : at + 1)}
        >
          {last ? 'Start again' : 'Next'}
        </Button>
        <div className="min-w-44 print:hidden">
          <Choose
            label="Go to the next step"
            value={String(pace)}
            options={PACES.map((s) => ({ value: String(s), text: paceWords(s) }))}
            onChange={(s) => setPace(Number(s))}
          />
        </div>
      </div>
      <details>
        <summary className="cursor-pointer text-quiet">
          <span className="ml-1">All steps</span>
        </summary>
        <ol className="flex flex-col pt-1">
          {steps.map((s, i) => (
            <li key={s.id} className="border-t border-line">
              <Button
                kind="bare"
                className={`w-full justify-start! px-0! text-left ${i === at ? 'font-semibold' : ''}`}
                aria-current={i === at ? 'step' : undefined}
                onClick={() => go(i)}
              >
                {s.title}
              </Button>
            </li>
          ))}
        </ol>
      </details>
    </section>
  );
}
