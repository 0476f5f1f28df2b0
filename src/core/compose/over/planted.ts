import { roomFor } from '../../layout/room-for';
import type { Plant } from '../../plants/schema';
import type { Placement, Planting } from '../../plantings/schema';
import type { Role } from '../../plants/traits';
import { family } from '../../colour/family';
import { lch } from '../../colour/oklch';
import { signature } from '../../plants/signature';
import { schoolOf, type SchoolId, usualSchool } from '../../schools';
import type { Lay, Slot } from '../../schools/lays/slot';
import { sum } from '../../units/number';
import type { Cast } from '../candidate';
import { place } from '../place';

/** A kind that stands in a container, and how many of it. */
export interface KindPlanted {
  plant: Plant;
  count: number;
}

const tall = ({ plant }: KindPlanted): number => plant.heightMm[1];

/**
 * What each kind is there for: the tallest that may lead, where there are one or two of it; what trails; and
 * the rest.
 */
function rolesOf(kinds: readonly KindPlanted[]): Map<KindPlanted, Role> {
  const leads = kinds
    .filter((k) => k.plant.roles.includes('thriller') && k.count <= 2)
    .sort((a, b) => tall(b) - tall(a))[0];
  const others = kinds.filter((k) => k !== leads).map(tall);
  const lead = leads && tall(leads) >= Math.max(0, ...others) ? leads : undefined;
  const trails = ({ plant }: KindPlanted) =>
    plant.roles.includes('spiller') && (!plant.roles.includes('filler') || plant.trailMm[1] >= plant.heightMm[1]);
  return new Map(kinds.map((k) => [k, k === lead ? 'thriller' : trails(k) ? 'spiller' : 'filler']));
}

/** One of each kind in turn until all are given out: those of one kind come to stand apart. */
function inTurn(kinds: readonly KindPlanted[]): Plant[] {
  const total = sum(kinds.map((k) => k.count));
  const given = new Map(kinds.map((k) => [k, 0]));
  return Array.from({ length: total }, (_, i) => {
    const [next] = [...kinds].sort((a, b) => due(b, given.get(b) ?? 0, i, total) - due(a, given.get(a) ?? 0, i, total));
    if (!next) throw new RangeError('More places than plants.');
    given.set(next, (given.get(next) ?? 0) + 1);
    return next.plant;
  });
}

/** How far a kind is behind its share of the first places. */
const due = ({ count }: KindPlanted, given: number, i: number, total: number): number =>
  given >= count ? -Infinity : ((i + 1) * count) / total - given;

/** Colours that a scheme of one’s own holds. */
const MOST_COLOURS = 5;

/** The colours there are most of, one of each family. */
function coloursOf(kinds: readonly KindPlanted[]): string[] {
  const seen = new Map<string, string>();
  for (const { plant } of [...kinds].sort((a, b) => b.count - a.count)) {
    const hex = signature(plant);
    const of = family(lch(hex));
    if (of !== 'green' && !seen.has(of)) seen.set(of, hex);
  }
  return [...seen.values()].slice(0, MOST_COLOURS);
}

/** How it is arranged, told from what stands in it: alone, round something tall, or of one height. */
function arrangementOf({ brief, container }: Planting, kinds: readonly KindPlanted[], leads: boolean): SchoolId {
  if (sum(kinds.map((k) => k.count)) === 1) return 'specimen';
  const suits = (school: SchoolId) => schoolOf({ school }).star === leads;
  const wished = [brief.school, usualSchool(container.shape)].find(suits);
  return wished ?? (leads ? 'tall-centre' : 'level-dome');
}

/** The slots of the container’s arrangement, as many of each role as there are plants; null where it has none such. */
function slotsFor(planting: Planting, roles: Record<Role, number>): Slot[] | null {
  const n = roles.thriller + roles.filler + roles.spiller;
  const lay: Lay = { n, spillers: roles.spiller, kinds: { filler: 1, spiller: 1 }, opposite: false };
  const fits = (slots: readonly Slot[]) =>
    (['thriller', 'filler', 'spiller'] as const).every(
      (role) => slots.filter((s) => s.role === role).length === roles[role],
    );
  return schoolOf(planting.brief).lays(planting.container.shape, lay).find(fits) ?? null;
}

/** Each in a slot of its own part, so that any run of kinds can be set into them. */
function intoSlots(planting: Planting, slots: readonly Slot[], of: Record<Role, Plant[]>): Placement[] | null {
  const left = { thriller: [...of.thriller], filler: [...of.filler], spiller: [...of.spiller] };
  const cast: Cast = {};
  const own = slots.map((s, i) => {
    const plant = left[s.role].shift();
    if (plant) cast[`P${i}`] = plant;
    return { ...s, part: `P${i}` };
  });
  const parts = own.map(({ part, role }) => ({ id: part, role, count: 1 }));
  const pattern = { id: 'as it stands', slots: own, parts };
  return place(pattern, cast, planting, false) ?? place(pattern, cast, planting, true);
}

/** A container that is planted already: its plants, the brief they answer, and which there was no room for. */
export interface LaidOut {
  placements: Placement[];
  brief: Planting['brief'];
  left: KindPlanted[];
}

/**
 * A container that is planted already, laid out from what stands in it: by its arrangement where that has places for
 * all, else one after the other where there is room, the tall first. Sizes are those usually bought, or the smallest
 * where all go in only so. What does not go in is told.
 */
export function laidOut(empty: Planting, kinds: readonly KindPlanted[]): LaidOut {
  const roles = rolesOf(kinds);
  const brief = {
    ...empty.brief,
    school: arrangementOf(empty, kinds, [...roles.values()].includes('thriller')),
    scheme: 'palette' as const,
    palette: coloursOf(kinds),
  };
  const planting = { ...empty, brief, placements: [] };
  const of = (role: Role) => kinds.filter((k) => roles.get(k) === role);
  const all = { thriller: inTurn(of('thriller')), filler: inTurn(of('filler')), spiller: inTurn(of('spiller')) };
  const counts = { thriller: all.thriller.length, filler: all.filler.length, spiller: all.spiller.length };
  const slots = slotsFor(planting, counts);
  const placed = slots && intoSlots(planting, slots, all);
  return placed ? { placements: placed, brief, left: [] } : { ...oneByOne(planting, all), brief };
}

function oneByOne(planting: Planting, all: Record<Role, Plant[]>): Omit<LaidOut, 'brief'> {
  let now = planting;
  const out = new Map<string, KindPlanted>();
  for (const role of ['thriller', 'filler', 'spiller'] as const)
    for (const plant of all[role]) {
      const placements = roomFor(now, plant, role);
      if (placements) now = { ...now, placements };
      else out.set(plant.id, { plant, count: (out.get(plant.id)?.count ?? 0) + 1 });
    }
  return { placements: now.placements, left: [...out.values()] };
}
