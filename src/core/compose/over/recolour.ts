import { measure } from '../../balance/assess';
import { isNeutral } from '../../colour/family';
import { lch } from '../../colour/oklch';
import { schemeOf } from '../../colour/schemes';
import { startOf } from '../../layout/start-for';
import { LIBRARY, referTo } from '../../plants';
import { genusOf } from '../../plants/facts';
import { schemeFit, SHOWY } from '../../plants/scheme-fit';
import type { Plant } from '../../plants/schema';
import { signature } from '../../plants/signature';
import type { StartSize } from '../../plants/starts';
import { apply, type Command } from '../../plantings/commands';
import { resolve, type Placed } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { whyNot } from '../filter';
import { playersOf } from '../players';
import { promise } from '../promise';

/** What of a brief says which colours are wanted. */
export type Colours = Pick<Planting['brief'], 'scheme' | 'from' | 'palette'>;

/** A planting done over: what does it, and which plants gave way to which. */
export interface Over {
  commands: Command[];
  /** Whole kinds that were exchanged. */
  changes: { from: Plant; to: Plant }[];
}

/** Others tried in each place, and times round. Working figures: time against quality. */
const TRIED = 9;
const ROUNDS = 2;
/**
 * How much more than its promise another colour of the same plant counts, one of its genus, one of its habit
 * and size. Working figures.
 */
const SAME_SPECIES = 0.8;
const SAME_GENUS = 0.35;
const SAME_HABIT = 0.2;

const mid = ([a, b]: readonly [number, number]): number => (a + b) / 2;
/** 1 of the same size, 0 where one is three times the other. */
const nearSize = (a: Plant, b: Plant): number =>
  Math.max(0, 1 - Math.abs(Math.log(mid(a.heightMm) / mid(b.heightMm))) / Math.log(3));

const kin = (was: Plant, p: Plant): number =>
  (was.botanical === p.botanical ? SAME_SPECIES : genusOf(was.botanical) === genusOf(p.botanical) ? SAME_GENUS : 0) +
  (was.habit === p.habit ? SAME_HABIT : 0) +
  nearSize(was, p) * SAME_HABIT;

/** One kind in its places, and who may take them. */
interface Part {
  kind: Placed;
  ids: string[];
  /** It is of the wanted colours as it is. */
  belongs: boolean;
  offers: Offer[];
}
interface Offer {
  plant: Plant;
  start: StartSize;
}

/** Of the scheme from here up. Working figure. */
const BELONGS = 0.6;
/** What belongs already gives way only for so many points more. Working figure. */
const WORTH_IT = 3;

const coloured = (p: Plant): boolean => !isNeutral(lch(signature(p)));
/** Silver and green leaves go with anything. */
const quiet = (p: Plant): boolean => !coloured(p) && p.flower.show < SHOWY;

function partsOf(planting: Planting, library: readonly Plant[]): Part[] {
  const free = resolve(planting).filter((p) => !p.locked);
  const kinds = [...new Map(free.map((p) => [`${p.plant.id}|${p.role}`, p])).values()];
  const may = library.filter((p) => whyNot(p, planting).length === 0);
  const hue = planting.brief.from ? lch(planting.brief.from).h : null;
  const scheme = schemeOf(planting.brief);
  const fits = (p: Plant) => schemeFit(p, scheme, hue) >= BELONGS;
  return kinds.map((kind) => {
    const of = playersOf(kind.role, may).filter(
      (p) => p.id !== kind.plant.id && fits(p) && (p.edible === kind.plant.edible || p.edible === 'no'),
    );
    // Where there was colour there is to be colour, if the scheme has any.
    const bright = of.filter((p) => coloured(p) === coloured(kind.plant));
    return {
      kind,
      ids: free.filter((p) => p.plant.id === kind.plant.id && p.role === kind.role).map((p) => p.id),
      belongs: fits(kind.plant) || quiet(kind.plant),
      offers: (bright.length > 0 ? bright : of)
        .map((p) => ({ p, value: promise(p, kind.role, planting, hue) + kin(kind.plant, p) }))
        .sort((x, y) => y.value - x.value)
        .slice(0, TRIED)
        .flatMap(({ p }): Offer[] => {
          const same = p.starts.some((s) => s.size === kind.start) ? kind.start : startOf(p, kind.role, planting);
          return same ? [{ plant: p, start: same }] : [];
        }),
    };
  });
}

const given = (part: Part, { plant, start }: Offer): Command[] =>
  part.ids.map((id): Command => ({ do: 'swap', id, plant: referTo(plant), start }));

/**
 * The same planting in other colours: every place stays, and each kind that is of another colour gives way to
 * one of the same plant where there is one, else to something that stands and grows like it. What is kept
 * stays. Every step is judged whole.
 */
export function recolour(planting: Planting, colours: Colours, library: readonly Plant[] = LIBRARY): Over {
  const asked: Command = { do: 'set', change: { brief: { ...planting.brief, ...colours } } };
  const base = apply(planting, asked);
  const parts = partsOf(base, library);
  const cast = new Map<Part, Offer>();
  const plantOf = (part: Part): Plant => cast.get(part)?.plant ?? part.kind.plant;
  /** No species comes into two places that had two. */
  const free = (part: Part, { plant }: Offer) =>
    parts.every(
      (o) =>
        o === part || plantOf(o).botanical !== plant.botanical || o.kind.plant.botanical === part.kind.plant.botanical,
    );
  for (const part of parts.filter((p) => !p.belongs)) {
    const first = part.offers.find((o) => free(part, o));
    if (first) cast.set(part, first);
  }
  const commands = (of: ReadonlyMap<Part, Offer>) => [...of].flatMap(([part, offer]) => given(part, offer));
  const scoreOf = (of: ReadonlyMap<Part, Offer>): number => {
    const measured = measure(commands(of).reduce(apply, base));
    return measured.score - (measured.readings.some((r) => r.severity === 'wrong') ? 100 : 0);
  };
  let score = scoreOf(cast);
  for (let round = 0; round < ROUNDS; round += 1) {
    const before = score;
    for (const part of parts)
      for (const offer of part.offers) {
        if (!free(part, offer)) continue;
        const tried = new Map(cast).set(part, offer);
        const next = scoreOf(tried);
        if (next <= score + (part.belongs && !cast.has(part) ? WORTH_IT : 0)) continue;
        cast.set(part, offer);
        score = next;
      }
    if (score === before) break;
  }
  return {
    commands: [asked, ...commands(cast)],
    changes: [...cast].map(([part, offer]) => ({ from: part.kind.plant, to: offer.plant })),
  };
}
