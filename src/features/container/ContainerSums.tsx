'use client';
import { heightBand } from '@/core/balance/height-band';
import { usualStarts } from '@/core/containers/counts';
import { cautionsFor } from '@/core/containers/cautions';
import { containerSums, loadOf, mixToBuyL, plantedMass } from '@/core/containers';
import { bagsFor } from '@/core/materials/bags';
import { ballsL } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { formatLength, type UnitSystem } from '@/core/units/length';
import { formatMass, formatVolume } from '@/core/units/quantity';
import { Mark } from '@/ui/Mark';
import { Section } from '@/ui/Section';
import { useWorkspace } from '../shell/store';

/** What the measures come to. */
export function ContainerSums({ planting, units }: { planting: Planting; units: UnitSystem }) {
  const run = useWorkspace((s) => s.run);
  const { container, placements } = planting;
  const load = loadOf(container, ballsL(placements));
  const sums = containerSums(container);
  const balls = ballsL(placements);
  const mix = mixToBuyL(container, balls);
  const soaked = plantedMass(container, balls, 'soaked');
  const dry = plantedMass(container, balls, 'dry');
  const [few, many] = usualStarts(container);
  const [low, high] = heightBand(planting);
  const bags = bagsFor(mix);
  const weighs = [
    `container ${formatMass(soaked.potKg, units)}`,
    `wet mix ${formatMass(soaked.mixKg, units)}`,
    ...(soaked.waterKg > 0 ? [`reservoir ${formatMass(soaked.waterKg, units)}`] : []),
    ...(balls > 0 ? [`plants ${formatMass(soaked.topKg, units)}`] : []),
  ];
  return (
    <div className="flex flex-col gap-2">
      <header className="hair pb-1.5">
        <h2 className="text-[0.95rem]">Capacity and weight</h2>
      </header>
      <div className="mx-auto w-full max-w-[300px]">
        <Section
          container={container}
          placements={placements}
          units={units}
          onResize={(shape) =>
            run('Resize the container', { do: 'set', change: { container: { ...container, shape } } })
          }
        />
      </div>
      <dl className="text-[0.92rem]">
        <Row term="Volume to the soil surface" value={formatVolume(sums.fillL, units)} />
        <Row
          term="Planting width"
          value={
            sums.deepMm === sums.widthMm
              ? formatLength(sums.plantingWidthMm, units)
              : `${formatLength(sums.plantingWidthMm, units)} × ${formatLength(sums.deepMm - 24, units)}`
          }
        />
        <Row
          term="Mix to buy"
          value={formatVolume(mix, units)}
          note={bags.map((b) => `${b.count} × ${b.litres} L`).join(' + ')}
        />
        <Row
          term="Weight, planted and just watered"
          value={formatMass(soaked.totalKg, units)}
          note={`${weighs.join(', ')}; ${formatMass(dry.totalKg, units)} when dry`}
        />
        {load && (
          <Row term={`Load on ${load.on === 'hook' ? 'the hook' : load.on}`} value={formatMass(load.kg, units)} />
        )}
        <Row term="Usual number of plants" value={`${few} to ${many}`} />
        <Row
          term="Best height for the tallest, above the rim"
          value={`${formatLength(low * sums.depthMm, units)} to ${formatLength(high * sums.depthMm, units)}`}
        />
      </dl>
      <ul className="flex flex-col gap-1.5 text-[0.88rem]">
        {cautionsFor(container, balls, planting.spot, units).map((c) => (
          <li key={c.id} className="flex gap-2">
            <span className="pt-0.5">
              <Mark severity={c.severity} />
            </span>
            <span>{c.text}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Row({ term, value, note }: { term: string; value: string; note?: string }) {
  return (
    <div className="hair grid grid-cols-[1fr_auto] gap-x-3 py-1">
      <dt>{term}</dt>
      <dd className="text-right font-semibold">{value}</dd>
      {note && <dd className="col-span-2 text-[0.82rem] text-quiet">{note}</dd>}
    </div>
  );
}
