import type { SchemeId } from '@/core/plantings/schema';

const PAINT: Record<SchemeId, (from: string) => string[]> = {
  warm: () => ['#d3202b', '#f07f1d', '#f7c515'],
  cool: () => ['#4a50b5', '#8a93d8', '#f4f4f0'],
  pastel: () => ['#f3b3c8', '#f5edb0', '#b6c4ea'],
  'one-hue-white': (f) => [f, `color-mix(in oklab, ${f} 55%, white)`, '#f7f6f0'],
  neighbours: (f) => [`oklch(from ${f} l c calc(h - 40))`, f, `oklch(from ${f} l c calc(h + 40))`],
  opposites: (f) => [f, f, `oklch(from ${f} 0.75 0.15 calc(h + 180))`],
  'dark-bright': () => ['#3a2338', '#5e1a2b', '#f26a1b'],
  'all-white': () => ['#ffffff', '#f4f2ea', '#c6d0c6'],
  'all-leaf': () => ['#5d7a3a', '#c3d54a', '#5c3350'],
  'from-colour': (f) => [f, f, f],
  'everything-bright': () => ['#d3202b', '#f7c515', '#5a48b4'],
  'pink-purple': () => ['#e583ac', '#8a3fa8', '#5e1a3b'],
  'red-white-blue': () => ['#d0202c', '#f7f6f0', '#4450b4'],
  palette: (f) => [f, '#ffffff', f],
};

/** Three dabs of what a scheme is made of. */
export function SchemeSwatch({ scheme, from }: { scheme: SchemeId; from: string | null }) {
  return (
    <span aria-hidden className="flex h-7 w-2.5 shrink-0 flex-col overflow-hidden rounded-[2px] border border-line">
      {PAINT[scheme](from ?? '#9a4fc0').map((c, i) => (
        <span key={i} className="flex-1" style={{ background: c }} />
      ))}
    </span>
  );
}
