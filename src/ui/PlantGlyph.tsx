import type { Plant } from '@/core/plants/schema';

const LEAF: Record<Plant['leaf']['form'], string> = {
  strap: 'M3 22C4 12 7 5 13 1 11 9 8 16 5 22Z',
  grass: 'M4 22C5 13 8 6 15 2M4 22C4 14 3 8 1 3M4 22C6 16 10 12 16 10',
  needle: 'M8 22V3M8 19 3 15M8 19 13 15M8 14 3 10M8 14 13 10M8 9 4 5M8 9 12 5',
  feather: 'M8 22V3M8 18C4 18 3 16 2 13M8 18C12 18 13 16 14 13M8 12C5 12 4 10 3 7M8 12C11 12 12 10 13 7',
  ovate: 'M3 21C1 12 5 4 14 2 15 12 11 19 3 21Z',
  heart: 'M8 22C2 16 0 10 3 6 5 4 7 5 8 7 9 5 11 4 13 6 16 10 14 16 8 22Z',
  lobed: 'M8 21C7 17 2 18 2 13 0 11 1 8 4 9 4 5 6 3 8 3 10 3 12 5 12 9 15 8 16 11 14 13 14 18 9 17 8 21Z',
  round: 'M8 4A7.5 7.5 0 1 1 7.9 4ZM8 19V22',
  rosette: 'M8 21C3 19 1 14 3 10 5 12 6 14 8 16 6 11 6 7 8 4 10 7 10 11 8 16 10 14 11 12 13 10 15 14 13 19 8 21Z',
  palmate: 'M8 22 8 14 2 16 5 11 1 7 6 8 8 2 10 8 15 7 11 11 14 16 8 14Z',
};

/** A plant at a glance: its leaf in its own colours, and its flower when it has one. */
export function PlantGlyph({ plant, size = 30 }: { plant: Plant; size?: number }) {
  const hex = (part: string) => plant.colours.find((c) => c.part === part)?.hex;
  const leaf = hex('leaf') ?? '#557744';
  const edge = hex('edge') ?? hex('vein') ?? leaf;
  const flower = hex('flower');
  const line = ['grass', 'needle', 'feather'].includes(plant.leaf.form);
  const shows = flower && plant.flower.show > 0.1;
  return (
    <svg width={size * 1.12} height={size} viewBox="-1 0 28 25" aria-hidden className="shrink-0">
      <path
        d={LEAF[plant.leaf.form]}
        transform="translate(0 1)"
        fill={line ? 'none' : leaf}
        stroke={line ? leaf : edge}
        strokeWidth={line ? 1.7 : 1.5}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {shows && <FlowerGlyph form={plant.flower.form} hex={flower} eye={hex('throat') ?? '#f0d060'} />}
    </svg>
  );
}

function FlowerGlyph({ form, hex, eye }: { form: Plant['flower']['form']; hex: string; eye: string }) {
  const rim = { stroke: 'color-mix(in oklab, var(--ink) 35%, transparent)', strokeWidth: 0.5 };
  if (form === 'spike' || form === 'plume')
    return (
      <g fill={hex} {...rim}>
        {[0, 1, 2, 3, 4].map((i) => (
          <ellipse key={i} cx={19} cy={5 + i * 4} rx={1.5 + i * 0.55} ry={2.3} />
        ))}
      </g>
    );
  if (form === 'bell')
    return <path d="M19 6C22 8 24 12 25 17 22 15 21 18 19 18 17 18 16 15 13 17 14 12 16 8 19 6Z" fill={hex} {...rim} />;
  const rays = { daisy: 9, ball: 8, airy: 4, trumpet: 5, round: 5, spike: 0, bell: 0, plume: 0, none: 0 }[form];
  const reach = form === 'airy' ? 2.8 : 4;
  return (
    <g>
      {Array.from({ length: rays }, (_, i) => {
        const a = (i / rays) * Math.PI * 2;
        return (
          <ellipse
            key={i}
            cx={18.5 + Math.cos(a) * reach}
            cy={16 + Math.sin(a) * reach}
            rx={form === 'daisy' ? 3.4 : 3}
            ry={form === 'daisy' ? 1.2 : 2.6}
            transform={`rotate(${(a * 180) / Math.PI} ${18.5 + Math.cos(a) * reach} ${16 + Math.sin(a) * reach})`}
            fill={hex}
            {...rim}
          />
        );
      })}
      <circle cx={18.5} cy={16} r={1.7} fill={eye} />
    </g>
  );
}
