import { assess } from '../../balance/assess';
import type { Remedy, Report } from '../../balance/finding';
import { deltaE, lch } from '../../colour/oklch';
import { lightFit } from '../../growth/model';
import { referTo } from '../../plants';
import type { Plant } from '../../plants/schema';
import type { Command } from '../../plantings/commands';
import { plantIdOf, resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { sunReading } from '../../spots/light';
import { sum } from '../../units/number';
import { startFor } from '../../layout/start-for';
import { signature } from '../../plants/signature';
import { whyNot } from '../filter';
import { movesOf, trial } from './trial';

/** One plant that could take another's part, and how near it comes. */
export interface StandIn {
  plant: Plant;
  commands: Command[];
  report: Report;
  /** Score with it, less the score now. */
  change: number;
  /** Levels whose severity it changes. */
  moves: Pick<Remedy['effects'][number], 'check' | 'from' | 'to'>[];
  /** 0 nothing like it, 1 its twin. */
  likeness: number;
  /** What is other about it, in a few words each, most telling first. */
  differs: string[];
}

/**
 * What each likeness weighs. Working figures: colour first, then size, as one stands with an empty place in a
 * trolley.
 */
const WEIGHT = { colour: 0.28, height: 0.18, hang: 0.12, leaf: 0.1, bloom: 0.14, water: 0.08, light: 0.1 } as const;
/** Colours further apart than this, ΔE_OK, have nothing to do with each other. */
const FAR = 0.4;
/** Points of score that weigh as much as a tenth of likeness. Working figure. */
const POINTS_PER_TENTH = 4;
/** Candidates grown and judged in full. */
const WEIGHED = 18;

const near = (a: number, b: number): number =>
  Math.max(0, 1 - Math.abs(Math.log(Math.max(a, 20) / Math.max(b, 20))) / Math.log(3));
/** How far two plants’ months of bloom fall together, 0–1; two that never bloom are alike in that. */
function bloomTogether(a: Plant, b: Plant): number {
  const both = sum(a.bloom.map((x, m) => Math.min(x, b.bloom[m] ?? 0)));
  const either = sum(a.bloom.map((x, m) => Math.max(x, b.bloom[m] ?? 0)));
  return either === 0 ? 1 : both / either;
}

/** Less of the months together than this is worth a word. Working figure. */
const OTHER_MONTHS = 0.55;

const mid = ([a, b]: readonly [number, number]): number => (a + b) / 2;

/** How like two plants are in a place with so many hours of sun, 0–1. */
function likeness(a: Plant, b: Plant, hours: number): number {
  const colour = 1 - Math.min(1, deltaE(lch(signature(a)), lch(signature(b))) / FAR);
  const leaf =
    (Number(a.leaf.size === b.leaf.size) +
      Number(a.leaf.form === b.leaf.form) +
      Number(a.flower.form === b.flower.form)) /
    3;
  return (
    WEIGHT.colour * colour +
    WEIGHT.height * near(mid(a.heightMm), mid(b.heightMm)) +
    WEIGHT.hang * near(mid(a.trailMm), mid(b.trailMm)) +
    WEIGHT.leaf * leaf +
    WEIGHT.bloom * bloomTogether(a, b) +
    WEIGHT.water * Number(a.water === b.water) +
    WEIGHT.light * lightFit(b.sunHours, hours)
  );
}

function differences(was: Plant, now: Plant): string[] {
  const out: string[] = [];
  const apart = deltaE(lch(signature(was)), lch(signature(now)));
  out.push(apart < 0.06 ? 'the same colour' : apart < 0.16 ? 'a similar colour' : 'another colour');
  const tall = mid(now.heightMm) / Math.max(1, mid(was.heightMm));
  if (tall > 1.2 || tall < 0.83)
    out.push(
      `${Math.round(Math.abs(mid(now.heightMm) - mid(was.heightMm)) / 10)} cm ${tall > 1 ? 'taller' : 'shorter'}`,
    );
  const hang = mid(now.trailMm) - mid(was.trailMm);
  if (Math.abs(hang) > 60) out.push(`trails ${Math.round(Math.abs(hang) / 10)} cm ${hang > 0 ? 'more' : 'less'}`);
  if (now.water !== was.water)
    out.push(
      now.water === 'thirsty'
        ? 'thirstier'
        : now.water === 'dry'
          ? 'prefers drier mix'
          : was.water === 'dry'
            ? 'needs more water'
            : 'needs less water',
    );
  if (now.vigour - was.vigour >= 2) out.push('more vigorous');
  if (was.flower.form !== now.flower.form && now.flower.form === 'none') out.push('grown for foliage');
  else if (now.flower.form !== 'none' && bloomTogether(was, now) < OTHER_MONTHS)
    out.push('flowers at a different time');
  return out;
}

/**
 * The best stand-ins for a plant that cannot be had, for all its places in a planting: of its role, of what `library`
 * offers, each judged in full. Best first, by likeness and by what it does to the whole. Empty when it is not in there.
 */
export function standIns(planting: Planting, plantId: string, library: readonly Plant[], most = 8): StandIn[] {
  const places = resolve(planting).filter((p) => p.plant.id === plantId);
  const first = places[0];
  if (!first) return [];
  const inUse = new Set(planting.placements.map(plantIdOf));
  const { hours } = sunReading(planting.spot, planting.startDate);
  const now = assess(planting);
  const roles = [...new Set(places.map((p) => p.role))];
  return library
    .filter((p) => !inUse.has(p.id) && roles.every((r) => p.roles.includes(r)) && whyNot(p, planting).length === 0)
    .map((plant) => ({ plant, like: likeness(first.plant, plant, hours) }))
    .sort((a, b) => b.like - a.like)
    .slice(0, WEIGHED)
    .flatMap(({ plant, like }): StandIn[] => {
      const commands = places.flatMap((p): Command[] => {
        const sold = plant.starts.map((s) => s.size);
        const start = sold.includes(p.start) ? p.start : startFor(p.role, sold, planting, false);
        return start ? [{ do: 'swap', id: p.id, plant: referTo(plant), start }] : [];
      });
      if (commands.length < places.length) return [];
      const { report, change } = trial(planting, now, commands);
      const standIn = { plant, commands, report, change, moves: movesOf(now, report) };
      return [{ ...standIn, likeness: Math.round(like * 100) / 100, differs: differences(first.plant, plant) }];
    })
    .sort((a, b) => b.likeness - a.likeness + (b.change - a.change) / (POINTS_PER_TENTH * 10))
    .slice(0, most);
}
