'use client';
import { hRatingOf, zoneOf } from '@/core/climate/zones';
import type { Planting } from '@/core/plantings/schema';
import { movedTo } from '@/core/plantings/start-day';
import { diaryToday } from '../shell/diary';
import type { ClockLight, Spot } from '@/core/spots/schema';
import { MONTHS_SHORT } from '@/core/units/date';
import { PLAIN_WINDOW } from '@/core/spots/sightline';
import { BESIDE_OPTIONS, GROUND_OPTIONS, WALL_OPTIONS } from '../shell/surfaces';
import { sunByMonth } from '@/core/spots/sun-clock';
import { ColourField, Choose, NumberField, OptionalNumberField, TextField } from '@/ui/Field';
import { Segments, Several } from '@/ui/Segments';
import { SunStrip } from '@/ui/SunStrip';
import { Toggle } from '@/ui/Toggle';
import { useWorkspace } from '../shell/store';
import { useUnits } from '../shell/units';
import { ClimatePanel } from './ClimatePanel';
import { BackdropBloom } from './BackdropBloom';
import { SameSpot } from './SameSpot';
import { SightPanel } from './SightPanel';
import { SunPanel } from './SunPanel';

const SEEN: { value: Spot['seen']; text: string }[] = [
  { value: 'all-round', text: 'all round' },
  { value: 'wall', text: 'the front, against a wall' },
  { value: 'row', text: 'the front, in a row' },
  { value: 'overhead', text: 'below' },
  { value: 'inside', text: 'indoors' },
];

/** What the sun clock starts from: a free sky at a middling latitude, facing the noon sun. */
const OPEN_SKY: ClockLight = {
  kind: 'clock',
  latitude: 51,
  facing: 180,
  wall: false,
  skyline: Array<number>(36).fill(0),
  roofDeg: null,
  trees: [],
  dappled: false,
};

/**
 * The clock's hours of a growing month, as if noted by hand: those with more than half of direct sun in June,
 * or December in the south.
 */
const hoursOf = ({ light }: Spot): number[] =>
  light.kind === 'noted'
    ? light.hours
    : (sunByMonth(light)[light.latitude < 0 ? 11 : 5]?.byHour ?? []).flatMap((share, h) =>
        share > 0.5 && h >= 4 && h <= 20 ? [h] : [],
      );

const ABOUT = ['children', 'cats', 'dogs'] as const;

/** Reading the spot: sun by the hour, heat, wind, where it is seen from, cold, and who is about. */
export function SpotPanel({ planting }: { planting: Planting }) {
  const run = useWorkspace((s) => s.run);
  const units = useUnits((u) => u.units);
  const { spot } = planting;
  const { light } = spot;
  const set = (name: string, change: Partial<Spot>) =>
    run(name, { do: 'set', change: movedTo(planting, change, diaryToday()) });
  return (
    <div className="flex flex-col gap-3">
      <div className="grid grid-cols-[1.7fr_1fr] gap-2">
        <TextField label="Place" value={spot.name} max={80} onChange={(name) => set('Name the place', { name })} />
        <TextField
          label="Spot"
          value={spot.corner}
          max={60}
          optional
          onChange={(corner) => set('Name the spot', { corner })}
        />
      </div>
      <SameSpot planting={planting} />
      <Segments
        label="Sun"
        value={light.kind}
        options={[
          { value: 'noted', text: 'Enter hours' },
          { value: 'clock', text: 'Use the sun clock' },
        ]}
        onChange={(kind) =>
          kind !== light.kind &&
          set('Change how the sun is set', {
            light: kind === 'clock' ? OPEN_SKY : { kind: 'noted', hours: hoursOf(spot), dappled: light.dappled },
          })
        }
      />
      {light.kind === 'noted' ? (
        <div>
          <p className="label pb-1">Direct sun from spring to autumn: select each hour it gets</p>
          <SunStrip hours={light.hours} onChange={(hours) => set('Change the sun', { light: { ...light, hours } })} />
        </div>
      ) : (
        <SunPanel light={light} units={units} onChange={(l) => set('Change the sun', { light: l })} />
      )}
      <Toggle
        label="Dappled shade under trees"
        on={light.dappled}
        onChange={(dappled) => set('Change the sun', { light: { ...light, dappled } })}
      />
      <ClimatePanel spot={spot} onChange={set} />
      <Segments
        label="Wind"
        value={spot.wind}
        options={[
          { value: 'sheltered', text: 'sheltered' },
          { value: 'open', text: 'open' },
          { value: 'windy', text: 'windy' },
        ]}
        onChange={(wind) => set('Change the wind', { wind })}
      />
      <div className="grid grid-cols-[1fr_3.6rem_4.4rem] items-end gap-2">
        <Choose
          label="Seen from"
          value={spot.seen}
          options={SEEN}
          onChange={(seen) =>
            set('Change where it is seen from', {
              seen,
              sight: seen === 'inside' ? (spot.sight ?? PLAIN_WINDOW) : spot.sight,
            })
          }
        />
        <ColourField
          label="Background colour"
          value={spot.backdrop}
          onChange={(backdrop) => set('Change the background colour', { backdrop })}
        />
        <NumberField
          label="Coldest winter temperature, °C"
          value={spot.coldestWinterC}
          min={-45}
          max={15}
          onChange={(c) => c !== null && set('Change the winter low', { coldestWinterC: c })}
        />
      </div>
      {spot.seen === 'wall' && (
        <Choose
          label="Wall material"
          value={spot.backdropBuild}
          options={WALL_OPTIONS}
          onChange={(backdropBuild) => set('Change the wall', { backdropBuild })}
        />
      )}
      <div className="grid grid-cols-2 gap-2">
        <Choose
          label="Ground surface"
          value={spot.ground}
          options={GROUND_OPTIONS}
          onChange={(ground) => set('Change the ground', { ground })}
        />
        <Choose
          label="Next to"
          value={spot.beside}
          options={BESIDE_OPTIONS}
          onChange={(beside) => set('Change what it is next to', { beside })}
        />
      </div>
      {(spot.seen === 'wall' || spot.seen === 'row') && (
        <BackdropBloom
          bloom={spot.backdropBloom}
          onChange={(backdropBloom) => set('Change what flowers behind', { backdropBloom })}
        />
      )}
      {spot.seen === 'inside' && spot.sight && (
        <SightPanel sight={spot.sight} units={units} onChange={(sight) => set('Change the sightline', { sight })} />
      )}
      <p className="text-[0.84rem] text-quiet">
        Hardiness zone {zoneOf(spot.coldestWinterC)}. Plants rated {hRatingOf(spot.coldestWinterC)} or hardier survive
        in the ground; in containers allow for two zones colder.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <MonthDay
          label="Last frost"
          value={spot.lastFrost}
          onChange={(lastFrost) => set('Change the last frost', { lastFrost })}
        />
        <MonthDay
          label="First frost"
          value={spot.firstFrost}
          onChange={(firstFrost) => set('Change the first frost', { firstFrost })}
        />
      </div>
      <Several
        label="Who might touch or eat the plants"
        values={ABOUT.filter((who) => spot[who])}
        options={[
          { value: 'children', text: 'Children' },
          { value: 'cats', text: 'Cats' },
          { value: 'dogs', text: 'Dogs' },
        ]}
        onChange={(who) =>
          set('Change who might touch or eat it', {
            children: who.includes('children'),
            cats: who.includes('cats'),
            dogs: who.includes('dogs'),
          })
        }
      />
      <Toggle
        label="You pick and eat from it"
        on={spot.eaten}
        onChange={(eaten) => set('Change who eats from it', { eaten })}
      />
      <Toggle
        label="People walk underneath or close by"
        on={spot.walkway}
        onChange={(walkway) => set('Change who passes', { walkway })}
      />
      <div className="grid grid-cols-2 gap-2">
        <Choose
          label="Rain"
          value={spot.rain}
          options={[
            { value: 'open', text: 'open to rain' },
            { value: 'part', text: 'partly sheltered' },
            { value: 'none', text: 'fully sheltered' },
          ]}
          onChange={(rain) => set('Change the rain', { rain })}
        />
        <OptionalNumberField
          label="Distance to the tap, m"
          value={spot.tapM}
          min={0}
          max={500}
          onChange={(tapM) => set('Change the distance to the tap', { tapM })}
        />
      </div>
    </div>
  );
}

/** A day of the year to the nearest part of a month: nobody knows a frost date closer. */
function MonthDay({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  const days = ['02', '10', '20'];
  const options = MONTHS_SHORT.flatMap((m, i) =>
    days.map((d, k) => ({
      value: `${String(i + 1).padStart(2, '0')}-${d}`,
      text: `${['early', 'mid', 'late'][k] ?? ''} ${m}`,
    })),
  );
  const own = { value, text: `${Number(value.slice(3))} ${MONTHS_SHORT[Number(value.slice(0, 2)) - 1] ?? ''}` };
  return (
    <Choose
      label={label}
      value={value}
      options={options.some((o) => o.value === value) ? options : [own, ...options]}
      onChange={onChange}
    />
  );
}
