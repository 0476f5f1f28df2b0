'use client';
import Link from 'next/link';
import { whyNot } from '@/core/compose/filter';
import { type Own, readPhoto } from '@/storage/plants';
import { plantName, type Plant } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';
import { STARTS } from '@/core/plants/starts';
import type { StockLine } from '@/core/stock/schema';
import { sunReading } from '@/core/spots/light';
import type { UnitSystem } from '@/core/units/length';
import { formatMoney } from '@/core/units/quantity';
import { BloomStrip } from '@/ui/BloomStrip';
import { Button, buttonLook } from '@/ui/Button';
import { Mark } from '@/ui/Mark';
import { stationPath } from '../shell/stations';
import { useAsk } from '../shell/useAsk';
import { plantCard, type CardLine } from './facts';
import { fitting, Specimen } from '../pictures/Specimen';

interface Props {
  plant: Plant;
  /** Its entry among one's own, when it has one. */
  own: Own | null;
  pot: Planting | null;
  lines: readonly StockLine[] | null;
  units: UnitSystem;
  compared: boolean;
  full: boolean;
  onCompare: () => void;
  onVary: () => void;
  onEdit: () => void;
  onRemove: () => void;
  onClose: () => void;
}

/** All that is known of one plant, and whether it would live in the container it is looked at for. */
export function PlantSheet({
  plant,
  own,
  pot,
  lines,
  units,
  compared,
  full,
  onCompare,
  onVary,
  onEdit,
  onRemove,
  onClose,
}: Props) {
  const photo = useAsk(own && (() => readPhoto(own.plant.id)), [own]);
  return (
    <article className="flex flex-col gap-2.5" aria-label={plantName(plant)}>
      <header className="flex items-start justify-between gap-2">
        <div>
          <h2 className="text-[1.15rem] leading-tight">{plantName(plant)}</h2>
          <p className="text-[0.88rem] italic text-quiet">{plant.botanical}</p>
        </div>
        <Button kind="bare" onClick={onClose}>
          Close
        </Button>
      </header>
      <div className="flex items-end justify-center gap-4 pt-3">
        <Specimen plant={plant} scale={fitting([plant], 190, 200)} />
        {photo.value && (
          // eslint-disable-next-line @next/next/no-img-element -- the gardener's own photograph, kept in the browser
          <img
            src={photo.value}
            alt={`Your photograph of ${plantName(plant)}`}
            className="max-h-36 max-w-28 rounded-[3px] object-cover"
          />
        )}
      </div>
      <BloomStrip plant={plant} />
      {plant.note && <p className="text-[0.9rem]">{plant.note}</p>}
      {pot && <Fits plant={plant} pot={pot} />}
      <div className="flex flex-wrap gap-2">
        <Button kind="deep" aria-pressed={compared} disabled={full && !compared} onClick={onCompare}>
          {compared ? 'Stop comparing' : full ? 'You can compare up to four' : 'Compare'}
        </Button>
        <Button onClick={onVary}>Add a variety</Button>
        <Button onClick={onEdit}>{own ? 'Edit' : 'Correct'}</Button>
        {own && (
          <Button onClick={onRemove}>{own.plant.id.startsWith('own-') ? 'Delete it' : 'Restore the original'}</Button>
        )}
      </div>
      {lines && <InStock lines={lines} />}
      <div className="flex flex-col">
        {plantCard(plant, units).map(({ title, lines }, i) => (
          <details key={title} open={i < OPEN_GROUPS} className="border-b border-line">
            <summary className="cursor-pointer py-1.5 text-[0.9rem] font-semibold pointer-coarse:py-2.5">
              {title}
            </summary>
            <Lines lines={lines} />
          </details>
        ))}
      </div>
      <p className="text-[0.8rem] text-quiet">
        We err on the side of caution: unknown counts as unsafe. If a person or pet has eaten a plant, call a doctor,
        vet or poisons helpline.
      </p>
    </article>
  );
}

/** How many groups of a card are open to begin with: its size and place, and whom it harms. */
const OPEN_GROUPS = 2;

function Lines({ lines }: { lines: readonly CardLine[] }) {
  return (
    <table className="mb-1.5 w-full text-[0.86rem]">
      <tbody>
        {lines.map((f) => (
          <tr key={f.name} className="align-baseline [&>*]:border-t [&>*]:border-line [&>*]:py-[3px]">
            <th scope="row" className="w-[6.6rem] pr-2 text-left font-normal text-quiet">
              {f.name}
            </th>
            <td className={f.warn ? 'text-watchink' : ''}>{f.text}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Why it lives there or does not, rule by rule. */
function Fits({ plant, pot }: { plant: Plant; pot: Planting }) {
  const why = whyNot(plant, pot);
  const sun = sunReading(pot.spot, pot.startDate);
  return (
    <section className="border-l-2 border-line pl-2.5 text-[0.88rem]">
      <p className="flex items-center gap-2">
        <Mark severity={why.length === 0 ? 'good' : 'wrong'} />
        <span className="font-semibold">{why.length === 0 ? `Suits ${pot.name}` : `Does not suit ${pot.name}`}</span>
      </p>
      {why.length === 0 ? (
        <p className="text-quiet">
          The spot gets {sun.hours} hours of sun a day, up to {sun.afternoon} after 13:00, and at least one size on sale
          fits. Add it to see how the checks change.
        </p>
      ) : (
        <ul className="list-disc pl-4">
          {why.map((w) => (
            <li key={w.rule}>{w.why}</li>
          ))}
        </ul>
      )}
      <p className="pt-1.5">
        <Link className={buttonLook('plain')} href={`${stationPath(pot.id, 'plants')}?add=${plant.id}`}>
          Add to {pot.name}
        </Link>
      </p>
    </section>
  );
}

function InStock({ lines }: { lines: readonly StockLine[] }) {
  return (
    <p className="text-[0.88rem]">
      <span className="text-quiet">At the nursery: </span>
      {lines.length === 0
        ? 'not listed'
        : lines
            .map(
              (l) =>
                `${STARTS[l.start].label} ${l.available === 0 ? 'out' : `${l.available} at ${formatMoney(l.price)}`}`,
            )
            .join('; ')}
    </p>
  );
}
