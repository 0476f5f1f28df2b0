import type { Severity } from '@/core/balance/severity';

interface Props {
  name: string;
  severity: Severity;
  /** As shares of the tube's length, 0–1. */
  at: number;
  ghost?: number | null;
  band: [number, number];
  value: string;
  low: string;
  high: string;
  text: string;
  small?: boolean;
}

const FILL: Record<Severity, string> = { good: 'var(--bubble)', watch: 'var(--watch)', wrong: 'var(--wrong)' };
const pct = (x: number) => `${Math.min(1, Math.max(0, x)) * 100}%`;

/** A spirit level: the bubble stands where the figure lies, between the two marks when it is in its band. */
export function Level({ name, severity, at, ghost = null, band, value, low, high, text, small = false }: Props) {
  const bubble = (x: number) => `calc(${pct(x)} - ${pct(x)} * 0.14 )`;
  return (
    <div
      role="meter"
      aria-label={name}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(Math.min(1, Math.max(0, at)) * 100)}
      aria-valuetext={`${value}. ${text}`}
      title={small ? `${name}: ${text}` : `${low}… ${high}`}
    >
      <div
        className={`relative w-full rounded-full border overflow-hidden ${small ? 'h-2.5' : 'h-[17px]'}`}
        style={{
          background:
            'linear-gradient(to bottom, color-mix(in oklab, var(--tube) 78%, black 8%), var(--tube) 45%, color-mix(in oklab, var(--tube) 80%, white 18%))',
          borderColor: 'color-mix(in oklab, var(--tube) 60%, var(--ink))',
        }}
      >
        {ghost !== null && (
          <span
            aria-hidden
            className="absolute top-[2px] bottom-[2px] w-[14%] rounded-full border border-dashed"
            style={{ left: bubble(ghost), borderColor: 'var(--ink)' }}
          />
        )}
        <span
          aria-hidden
          className="absolute top-[1.5px] bottom-[1.5px] w-[14%] rounded-full border transition-[left] duration-500"
          style={{
            left: bubble(at),
            background: `radial-gradient(ellipse at 40% 30%, color-mix(in oklab, ${FILL[severity]} 70%, white), ${FILL[severity]} 70%)`,
            borderColor: 'color-mix(in oklab, var(--ink) 55%, transparent)',
          }}
        />
        {band.map((b, i) => (
          <span
            key={i}
            aria-hidden
            className="absolute top-0 bottom-0 w-[1.5px]"
            style={{
              left: pct(b),
              background: 'color-mix(in oklab, var(--ink) 75%, transparent)',
              display: b <= 0 || b >= 1 ? 'none' : undefined,
            }}
          />
        ))}
      </div>
    </div>
  );
}
