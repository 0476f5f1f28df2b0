import { SUMMERS } from '@/core/climate/summers';
import { choiceAt } from '@/core/compose/choice';
import type { Plant } from '@/core/plants/schema';
import { ROLES } from '@/core/plants/traits';
import type { Planting } from '@/core/plantings/schema';
import { sunReading } from '@/core/spots/light';
import { Button } from '@/ui/Button';
import { useWorkspace } from '../shell/store';

/**
 * What follows from the spot: its light class, what scorches, what is unsafe, and how many plants are left to
 * choose from.
 */
export function SpotReading({ planting, library }: { planting: Planting; library: readonly Plant[] }) {
  const { spot } = planting;
  const sun = sunReading(spot, planting.startDate);
  const { fits, dark, scorched, unsafe } = choiceAt(planting, library);
  return (
    <div className="flex flex-col gap-3">
      <header className="hair pb-1.5">
        <h2 className="text-[0.95rem]">What this means</h2>
      </header>
      <p className="text-3xl font-semibold leading-none">
        <span>{sun.label}</span>
        <span className="block pt-1 text-[0.95rem] font-normal text-quiet">
          {sun.hours} {sun.hours === 1 ? 'hour' : 'hours'} of sun a day: {sun.morning} before 13:00 and {sun.afternoon}{' '}
          after; {spot.climate ? spot.climate.name : SUMMERS[spot.summer].label}.
        </span>
      </p>
      <Taken planting={planting} />
      <dl className="text-[0.92rem]">
        <Row term="Ruled out by light" count={dark} />
        <Row term="Ruled out by afternoon sun" count={scorched} />
        {(spot.children || spot.cats || spot.dogs) && <Row term="Ruled out on safety" count={unsafe} />}
      </dl>
      <section>
        <h3 className="hair pb-1 text-[0.93rem] text-quiet">
          {fits.length} of {library.length.toLocaleString('en-GB')} plants suit this spot and container
        </h3>
        <ul>
          {ROLES.map((r) => {
            const n = fits.filter((p) => p.roles.includes(r)).length;
            const all = library.filter((p) => p.roles.includes(r)).length;
            return (
              <li key={r} className="grid grid-cols-[4.2rem_1fr_5.6rem] items-center gap-2 py-1 text-[0.9rem]">
                {r}s
                <span className="h-2 rounded-full bg-stream">
                  <span className="block h-2 rounded-full bg-glaze" style={{ width: `${(n / all) * 100}%` }} />
                </span>
                <span className="text-right text-quiet">
                  {n} of {all}
                </span>
              </li>
            );
          })}
        </ul>
      </section>
      {(spot.children || spot.cats || spot.dogs) && (
        <p className="text-[0.84rem] text-quiet">
          A plant not known to be safe counts as unsafe until you have checked it. In an emergency call a doctor, vet or
          poisons helpline.
        </p>
      )}
    </div>
  );
}

function Row({ term, count }: { term: string; count: number }) {
  return (
    <div className="hair flex justify-between py-1">
      <dt>{term}</dt>
      <dd className="text-quiet">
        {count} {count === 1 ? 'plant' : 'plants'}
      </dd>
    </div>
  );
}

/** Hours that other containers of the place take, where they are reckoned so; and the way back. */
function Taken({ planting: { spot } }: { planting: Planting }) {
  const run = useWorkspace((s) => s.run);
  const { taken = [] } = spot.light;
  if (taken.length === 0) return null;
  const alone = () =>
    run('Ignore that shade', { do: 'set', change: { spot: { ...spot, light: { ...spot.light, taken: undefined } } } });
  return (
    <div className="flex flex-col gap-1 text-[0.92rem]">
      <p>
        Other containers at {spot.name} shade it from {spans(taken)}; those hours are not counted.
      </p>
      <Button className="self-start" onClick={alone}>
        Ignore that shade
      </Button>
    </div>
  );
}

/** “9 to 11 and 15 to 16”. */
function spans(hours: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const h of hours) {
    const last = runs.at(-1);
    if (last && last[1] === h) last[1] = h + 1;
    else runs.push([h, h + 1]);
  }
  return runs.map(([from, to]) => `${from} to ${to}`).join(' and ');
}
