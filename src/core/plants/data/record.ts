import type { Part, Plant, Poison } from '../schema';
import type { FactsSaid, Role } from '../traits';
import { STARTS, type StartSize } from '../starts';

/**
 * How a record is written down in these files. Everything is stated; nothing is defaulted, so a gap is a type error.
 * `bloom` is twelve figures 0–9, January first. `poison` is people, cats, dogs.
 */
interface Written extends Pick<
  Plant,
  | 'id'
  | 'common'
  | 'botanical'
  | 'variety'
  | 'group'
  | 'habit'
  | 'vigour'
  | 'water'
  | 'feed'
  | 'season'
  | 'deadhead'
  | 'pinch'
  | 'edible'
  | 'note'
> {
  roles: Role[];
  height: [number, number];
  spread: [number, number];
  trail: [number, number];
  sun: [number, number, number, number];
  scorch: number | null;
  cold: { winter: number; night: number };
  bloom: string;
  leaf: [Plant['leaf']['size'], number, Plant['leaf']['form'], Plant['leaf']['surface']];
  flower: [Plant['flower']['form'], number, number];
  colours: [Part, string, number][];
  starts: Partial<Record<StartSize, number>>;
  poison: [Poison, Poison, Poison];
  poisonPart?: string;
  /** Where it differs from its genus. */
  facts?: FactsSaid;
  sap: Plant['irritantSap'];
  spreads: boolean;
}

/** A written record as the record that core reads. */
function record(w: Written): Plant {
  return {
    id: w.id,
    common: w.common,
    botanical: w.botanical,
    variety: w.variety,
    group: w.group,
    roles: w.roles,
    habit: w.habit,
    heightMm: w.height,
    spreadMm: w.spread,
    trailMm: w.trail,
    vigour: w.vigour,
    sunHours: w.sun,
    scorchAfternoonH: w.scorch,
    water: w.water,
    feed: w.feed,
    coldestWinterC: w.cold.winter,
    coldestNightC: w.cold.night,
    season: w.season,
    bloom: [...w.bloom.replaceAll(' ', '')].map((d) => Number((Number(d) / 9).toFixed(2))),
    leaf: { size: w.leaf[0], lengthMm: w.leaf[1], form: w.leaf[2], surface: w.leaf[3] },
    flower: { form: w.flower[0], sizeMm: w.flower[1], show: w.flower[2] },
    colours: w.colours.map(([part, hex, share]) => ({ part, hex, share })),
    starts: (Object.entries(w.starts) as [StartSize, number][])
      .map(([size, price]) => ({ size, price }))
      .sort((a, b) => Number(STARTS[b.size].inLeaf) - Number(STARTS[a.size].inLeaf)),
    deadhead: w.deadhead,
    pinch: w.pinch,
    edible: w.edible,
    poison: { people: w.poison[0], cats: w.poison[1], dogs: w.poison[2] },
    poisonPart: w.poisonPart ?? '',
    irritantSap: w.sap,
    spreadRisk: w.spreads ? 'check local list' : 'none known',
    ...(w.facts ? { facts: w.facts } : {}),
    note: w.note,
  };
}

/** A plant and its varieties: what a variety does not say is as in the first. */
export const kin = (base: Written, ...varieties: (Partial<Written> & Pick<Written, 'id' | 'variety'>)[]): Plant[] =>
  [base, ...varieties.map((v) => ({ ...base, ...v }))].map(record);
