'use client';
import { type GroupFinding, GROUP_CHECKS } from '@/core/groups';
import { Button } from '@/ui/Button';
import { Level } from '@/ui/Level';
import { Mark } from '@/ui/Mark';
import { useArranging } from './arranging';

const share = (x: number, [low, high]: readonly [number, number]): number => (x - low) / (high - low);

/** Whether they read as one: a level each, and moves that would better it. */
export function AsOne({ findings }: { findings: readonly GroupFinding[] }) {
  const move = useArranging((a) => a.move);
  return (
    <section aria-label="Read as one">
      <h2 className="hair pb-1.5 text-[0.95rem]">Do they read as one?</h2>
      <ul>
        {findings.map((f) => (
          <li key={f.check} className="flex flex-col gap-1 border-b border-line py-2 text-[0.93rem]">
            <span className="flex items-baseline justify-between gap-2">
              <span className="font-semibold" title={`${GROUP_CHECKS[f.check].rule} (${GROUP_CHECKS[f.check].source})`}>
                {f.name}
              </span>
              <span className="text-quiet">{f.figure}</span>
            </span>
            <Level
              name={f.name}
              severity={f.severity}
              at={share(f.measured, f.scale)}
              band={[share(f.band[0], f.scale), share(f.band[1], f.scale)]}
              value={f.figure}
              low=""
              high=""
              text={f.message}
              small
            />
            <p>
              <Mark severity={f.severity} /> {f.message}
            </p>
            {f.moves.map((m) => (
              <Button key={m.label} className="self-start" onClick={() => move(m.label, m.stands)}>
                {m.label}
              </Button>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}
