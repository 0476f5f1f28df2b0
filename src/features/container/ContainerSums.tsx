'use client';
import { heightBand } from '@/core/balance/bands';
import { usualStarts } from '@/core/compose/counts';
import { containerSums, loadOf, mixToBuyL, plantedMass } from '@/core/containers';
import { MATERIALS } from '@/core/containers/materials';
import { bagsFor } from '@/core/materials/bags';
import { ballsL } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { formatLength, type UnitSystem } from '@/core/units/length';
import { formatMass, formatVolume } from '@/core/units/quantity';
import { Mark } from '@/ui/Mark';
import { Section } from '@/ui/Section';
import { useWorkspace } from '../shell/store';

/** One person lifts no more than this without help. Usual workplace guidance is 25 kg at best; heavier needs two or a trolley. */
const LIFT_KG = 25;

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
  return (
    <div className="flex flex-col gap-2">
      <header className="hair pb-1.5">
        <h2 className="text-[0.95rem]">What it holds</h2>
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
        <Row term="Holds to the soil line" value={formatVolume(sums.fillL, units)} />
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
          term="Soaked, planted"
          value={formatMass(soaked.totalKg, units)}
          note={`container ${formatMass(soaked.potKg, units)}, wet mix ${formatMass(soaked.mixKg, units)}${soaked.waterKg > 0 ? `, reservoir ${formatMass(soaked.waterKg, units)}` : ''}${balls > 0 ? `, plants ${formatMass(soaked.topKg, units)}` : ''}; dry ${formatMass(dry.totalKg, units)}`}
        />
        {load && (
          <Row term={`Load on ${load.on === 'hook' ? 'the hook' : load.on}`} value={formatMass(load.kg, units)} />
        )}
        <Row term="Usual starts" value={`${few} to ${many}`} />
        <Row
          term="Tallest, over the rim"
          value={`${formatLength(low * sums.depthMm, units)} to ${formatLength(high * sums.depthMm, units)}`}
        />
      </dl>
      <ul className="flex flex-col gap-1.5 text-[0.88rem]">
        {!container.drains && (
          <Note severity="wrong">
            No holes: roots will drown. Drill the base before you plant, with eye protection.
          </Note>
        )}
        {load && (
          <Note severity="watch">
            {formatMass(load.kg, units)} on {load.on === 'hook' ? 'the hook' : `each ${load.on.replace('each ', '')}`}{' '}
            when soaked, before wind. Whether it holds is for the maker’s rating, a structural professional and local
            rules; the app cannot say it is safe.
            {planting.spot.walkway ? ' People pass under it: keep heads clear and nothing loose.' : ''}
          </Note>
        )}
        {container.base === 'crocks' && (
          <Note severity="watch">Crocks raise the wet zone and take root room. Mesh alone keeps the mix in.</Note>
        )}
        {container.material === 'timber' && !container.liner && (
          <Note severity="watch">Bare timber rots from inside. Line it with film, holes over the holes.</Note>
        )}
        {container.reservoirL > 0 && container.drains && (
          <Note severity="good">Holes belong above the reservoir, as an overflow.</Note>
        )}
        {!load && soaked.totalKg > LIFT_KG && (
          <Note severity="watch">
            {formatMass(soaked.totalKg, units)} soaked is no lift for one. Fill it where it will stand. On a balcony or
            roof ask a structural professional; the app cannot say it is safe.
          </Note>
        )}
        {MATERIALS[container.material].frostProof === 'if fired for frost' && planting.spot.coldestWinterC < -3 && (
          <Note severity="watch">
            {MATERIALS[container.material].label} cracks in frost unless sold as frost-proof. Stand it on feet, or bring
            it in.
          </Note>
        )}
        {container.base === 'mesh' && (
          <Note severity="good">
            Mesh over the holes and no crocks: a coarse layer raises the wet zone and takes root room.
          </Note>
        )}
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

function Note({ severity, children }: { severity: 'good' | 'watch' | 'wrong'; children: React.ReactNode }) {
  return (
    <li className="flex gap-2">
      <span className="pt-0.5">
        <Mark severity={severity} />
      </span>
      <span>{children}</span>
    </li>
  );
}
