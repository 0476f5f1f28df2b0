'use client';
import { plantName, type Plant } from '@/core/plants/schema';
import { lengthUnit, MM_PER_INCH, type UnitSystem } from '@/core/units/length';
import { BloomStrip } from '@/ui/BloomStrip';
import { Button } from '@/ui/Button';
import { factSheet } from './facts';
import { fitting, Specimen, specimenFrame, underMm } from '../pictures/Specimen';

const TALL = 260;

/** Up to four plants side by side, at one scale on one ruler; where they differ is printed dark. */
export function Compare({
  plants,
  units,
  onDrop,
  onClose,
}: {
  plants: readonly Plant[];
  units: UnitSystem;
  onDrop: (id: string) => void;
  onClose: () => void;
}) {
  const scale = Math.min(fitting(plants, 205, TALL), 1.2);
  const tables = plants.map((p) => new Map(factSheet(p, units).map((f) => [f.name, f])));
  const names = [...new Set(tables.flatMap((t) => [...t.keys()]))];
  return (
    <section aria-label="Compare" className="flex h-full flex-col overflow-y-auto px-1 pb-6">
      <header className="flex items-center justify-between gap-3 py-1">
        <h2 className="text-lg">
          {plants.length} plants to the same scale{' '}
          <span className="text-[0.9rem] font-normal text-quiet">
            at their peak, in the pot they are sold in; measurements in {lengthUnit(units)}
          </span>
        </h2>
        <Button onClick={onClose}>Back to the library</Button>
      </header>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[34rem] table-fixed border-collapse text-[0.87rem]">
          <thead>
            <tr>
              <td className="w-[6.6rem] p-0 align-bottom">
                <Rule scale={scale} tall={TALL} units={units} />
              </td>
              {plants.map((p) => (
                <td key={p.id} className="border-b-2 border-ink p-0" style={{ height: TALL + 26 }}>
                  <StandingTo plant={p} scale={scale} />
                </td>
              ))}
            </tr>
            <tr className="align-top">
              <td />
              {plants.map((p) => (
                <th key={p.id} scope="col" className="px-2 pb-1 pt-1.5 text-left">
                  <span className="block leading-tight">{plantName(p)}</span>
                  <span className="block text-[0.84rem] font-normal italic text-quiet">{p.botanical}</span>
                  <Button
                    kind="bare"
                    className="min-h-7! px-0! text-[0.86rem]! font-normal"
                    aria-label={`Remove ${plantName(p)}`}
                    onClick={() => onDrop(p.id)}
                  >
                    Remove
                  </Button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row" className="text-left font-normal text-quiet">
                In flower
              </th>
              {plants.map((p) => (
                <td key={p.id} className="px-2">
                  <BloomStrip plant={p} />
                </td>
              ))}
            </tr>
            {names.map((name) => {
              const cells = tables.map((t) => t.get(name));
              const same = cells.every((c) => c?.text === cells[0]?.text);
              return (
                <tr key={name} className="align-baseline [&>*]:border-b [&>*]:border-line [&>*]:py-[3px]">
                  <th scope="row" className="text-left font-normal text-quiet">
                    {name}
                  </th>
                  {cells.map((c, i) => (
                    <td key={plants[i]?.id} className={`px-2 ${c?.warn ? 'text-watchink' : same ? 'text-quiet' : ''}`}>
                      {c?.text ?? 'no'}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** A plant with the base of its pot on the line; what hangs is held up so that its longest trail just reaches it. */
function StandingTo({ plant, scale }: { plant: Plant; scale: number }) {
  return (
    <div className="flex h-full items-end justify-center">
      <span style={{ marginBottom: -underMm(specimenFrame(plant)) * scale }}>
        <Specimen plant={plant} scale={scale} />
      </span>
    </div>
  );
}

/** The ruler they all stand against, from the ground up. */
function Rule({ scale, tall, units }: { scale: number; tall: number; units: UnitSystem }) {
  const unit = units === 'metric' ? 100 : 4 * MM_PER_INCH;
  const step = scale * unit < 14 ? unit * 5 : scale * unit < 28 ? unit * 2 : unit;
  const marks = Array.from({ length: Math.floor(tall / (step * scale)) + 1 }, (_, i) => i * step);
  const figure = (mm: number) => Math.round(units === 'metric' ? mm / 10 : mm / MM_PER_INCH);
  return (
    <svg width="70" height={tall + 26} className="ml-auto block overflow-visible" aria-hidden>
      <path d={`M64 ${tall + 26}V10`} stroke="var(--ink)" strokeWidth="1" />
      {marks.map((mm) => (
        <g key={mm} transform={`translate(0 ${tall + 26 - mm * scale})`}>
          <path d="M55 0H64" stroke="var(--ink)" strokeWidth="1" />
          <text x="50" y="4" textAnchor="end" fontSize="11" fill="var(--quiet)">
            {figure(mm)}
          </text>
        </g>
      ))}
    </svg>
  );
}
