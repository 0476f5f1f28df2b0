import { headspaceMm } from '@/core/containers';
import { footMm } from '@/core/containers/outline';
import { grow } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';
import type { Plant } from '@/core/plants/schema';
import { flatPot } from '@/portrait/flat';
import { LENS, type StillSight } from '@/portrait/lens';

/** A curve with both handles so far out comes to one: three quarters of the way. */
const HANDLES = 4 / 3;

/** A dome on the mix with its foot in the middle, and what hangs of it over the rim, as a path in mm: y down. */
function domeOf(x: number, y: number, half: number, tall: number, hangs: number): string {
  const foot = y + hangs * HANDLES;
  const top = y - tall * HANDLES;
  return `M${x - half} ${y}C${x - half} ${top} ${x + half} ${top} ${x + half} ${y}C${x + half} ${foot} ${x - half} ${foot} ${x - half} ${y}Z`;
}

const tone = (plant: Plant, flower: boolean): string | undefined =>
  [...plant.colours].filter((c) => (c.part === 'flower') === flower).sort((a, b) => b.share - a.share)[0]?.hex;

/** What a planting comes to, in its true sizes and colours and no more detail: there at once, until its picture is. */
export function Outline({ planting, week, sight }: { planting: Planting; week: number; sight: StillSight }) {
  const season = grow(planting);
  const { w, h, perMm, footPx } = sight;
  const pot = flatPot(planting.container);
  const plants = (season.weeks[week]?.plants ?? []).flatMap((grown, i) => {
    const placed = season.placed[i];
    return placed && grown.alive ? [{ placed, grown }] : [];
  });
  const soil = headspaceMm(planting.container);
  const shape = ({ placed: { id, plant, xMm, yMm }, grown }: (typeof plants)[number]) => {
    const d = domeOf(xMm, soil, grown.spreadMm / 2, grown.heightMm, yMm < 0 ? 0 : grown.trailMm);
    const [leaf, flower] = [tone(plant, false), tone(plant, true)];
    return (
      <g key={id}>
        {leaf && <path d={d} fill={leaf} />}
        {flower && <path d={d} fill={flower} opacity={Math.sqrt(grown.bloom * plant.flower.show)} />}
      </g>
    );
  };
  const inOrder = [...plants].sort((a, b) => a.placed.yMm - b.placed.yMm);
  return (
    <svg viewBox={`0 0 ${w} ${h}`} className="absolute inset-0 h-full w-full opacity-45" aria-hidden>
      <g
        transform={`translate(${w / 2} ${footPx - perMm * Math.cos(LENS.elevation) * footMm(planting.container)}) scale(${perMm})`}
      >
        {inOrder.filter((p) => p.placed.yMm < 0).map(shape)}
        <path d={pot.d} fill={pot.fill} />
        {inOrder.filter((p) => p.placed.yMm >= 0).map(shape)}
      </g>
    </svg>
  );
}
