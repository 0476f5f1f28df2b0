import type { Plant } from '@/core/plants/schema';
import { MONTH_NAMES } from '@/core/units/date';

const [W, H] = [240, 26];

/** Months of bloom as a small stream in the flower's own colour: as thick as it shows. */
export function BloomStrip({ plant }: { plant: Plant }) {
  const hex = plant.colours.find((c) => c.part === 'flower')?.hex;
  const months = plant.bloom.flatMap((b, m) => (b > 0.2 ? [MONTH_NAMES[m]] : []));
  const said = months.length === 0 ? 'Few or no flowers' : `In flower in ${months.join(', ')}`;
  const step = W / 12;
  const edge = (sign: 1 | -1) => plant.bloom.map((b, m) => `${(m + 0.5) * step} ${H / 2 + (sign * b * H) / 2.3}`);
  return (
    <figure role="img" aria-label={said} className="w-full">
      <svg viewBox={`0 0 ${W} ${H + 14}`} className="block w-full" aria-hidden>
        <path d={`M0 ${H / 2}H${W}`} stroke="var(--line)" strokeWidth="1.5" />
        {hex && months.length > 0 && (
          <path
            d={`M${edge(-1).join('L')}L${edge(1).reverse().join('L')}Z`}
            fill={hex}
            stroke="color-mix(in oklab, var(--ink) 30%, transparent)"
            strokeWidth="0.5"
            strokeLinejoin="round"
          />
        )}
        {MONTH_NAMES.map((name, m) => (
          <text key={name} x={(m + 0.5) * step} y={H + 11} textAnchor="middle" fontSize="10" fill="var(--quiet)">
            {name[0]}
          </text>
        ))}
      </svg>
    </figure>
  );
}
