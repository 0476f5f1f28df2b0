import { deltaE, lch } from '../colour/oklch';
import type { Container } from '../containers/schema';
import { maxBy } from '../units/number';
import { called } from '../plants/called';
import { resolve } from '../plantings/resolve';
import type { Change, GroupCheck } from './check';
import { type Body, nameOf } from './scene';

/** Something comes again in so many of the containers. Practice: in most, or it is a collection. */
const IN_SHARE = 0.6;

/** How many containers hold the commonest of something. */
function commonest(bodies: readonly Body[], of: (b: Body) => ReadonlySet<string>): { what: string; in: number } | null {
  const counts = new Map<string, number>();
  for (const b of bodies) for (const x of of(b)) counts.set(x, (counts.get(x) ?? 0) + 1);
  const most = maxBy([...counts], ([, n]) => n);
  return most ? { what: most[0], in: most[1] } : null;
}

const again = (what: string, isColour: boolean): string =>
  isColour ? `A ${what} leaf or flower` : `${what.charAt(0).toUpperCase()}${what.slice(1)}`;

/** Each that shares nothing is composed anew with the kind that most of the others have; one of them at a time. */
function recasts(bodies: readonly Body[], out: readonly Body[]): Change[] {
  const [who] = out;
  const others = bodies.filter((b) => b.of !== who?.of);
  const plant = commonest(
    others,
    (b) => new Set(resolve(b.planting).flatMap((p) => (p.role === 'thriller' ? [] : [p.plant.id]))),
  );
  const name = others.flatMap((b) => resolve(b.planting)).find((p) => p.plant.id === plant?.what)?.plant;
  if (!who || !plant || !name) return [];
  return [
    {
      kind: 'recast',
      label: `Recompose ${who.planting.name} with ${called(name, true)}`,
      of: who.of,
      plant: plant.what,
    },
  ];
}

/** A plant or a colour that comes again, so that they read as one. */
export const repeatInGroup: GroupCheck = {
  name: 'Repetition',
  rule: 'One plant, leaf colour or flower colour in at least 60% of containers',
  source: 'common practice: repeated plants and colours; the share is our own estimate',
  of: ({ bodies }) => {
    if (bodies.length < 2) return null;
    const [plant, colour] = [commonest(bodies, (b) => b.plants), commonest(bodies, (b) => b.colours)];
    const best = maxBy(
      [plant, colour].flatMap((c) => c ?? []),
      (c) => c.in,
    );
    const share = (best?.in ?? 0) / bodies.length;
    const enough = (best?.in ?? 0) >= 2 && share >= IN_SHARE;
    const out = best
      ? bodies.filter((b) => !b.plants.has(best.what) && !(b.colours as ReadonlySet<string>).has(best.what))
      : bodies;
    return {
      severity: enough ? 'good' : 'watch',
      measured: share,
      band: [IN_SHARE, 1],
      scale: [0, 1],
      figure: best ? `${best.in} of ${bodies.length}` : 'none',
      message: enough
        ? `${again(best?.what ?? '', best?.what === colour?.what)} repeats in ${best?.in ?? 0} of ${bodies.length}.`
        : `Nothing repeats in enough containers: give ${out.map((b) => nameOf(b)).join(' and ')} a plant or colour the others have.`,
      culprits: enough ? [] : out.map((b) => b.id),
      moves: [],
      changes: enough ? [] : recasts(bodies, out),
    };
  },
};

/** Pots this near in colour are one family, ΔE_OK. Working figure. */
const ONE_FAMILY = 0.14;

const near = (a: Container, b: Container): boolean =>
  a.material === b.material || deltaE(lch(a.colour), lch(b.colour)) <= ONE_FAMILY;

/** Pots of one family, and one accent at the most. */
export const potColours: GroupCheck = {
  name: 'Container colours',
  rule: 'Containers in one colour or one material, with one accent',
  source: 'common practice; how near is our own estimate',
  of: ({ bodies }) => {
    if (bodies.length < 3) return null;
    const family = maxBy(
      bodies.map((b) => bodies.filter((o) => near(b.planting.container, o.planting.container))),
      (f) => f.length,
    );
    const odd = bodies.filter((b) => !family?.includes(b));
    // Accents of one colour are one accent.
    const accents = odd.filter(
      (b, i) => !odd.slice(0, i).some((o) => near(o.planting.container, b.planting.container)),
    );
    const many = accents.length > 1;
    return {
      severity: many ? 'watch' : 'good',
      measured: accents.length,
      band: [0, 1],
      scale: [0, Math.max(4, bodies.length)],
      figure: odd.length === 0 ? 'one family' : accents.length === 1 ? 'one accent' : `${accents.length} accents`,
      message: many
        ? `${odd.map((b) => nameOf(b)).join(', ')} add ${accents.length} other colours; one accent is enough.`
        : odd.length > 0
          ? `The containers match, with ${[...new Set(odd.map((b) => b.planting.name))].join(' and ')} as the accent.`
          : 'The containers match.',
      culprits: many ? odd.map((b) => b.id) : [],
      moves: [],
      changes:
        many && family?.[0]
          ? [
              {
                kind: 'repaint',
                label: `Paint ${[...new Set(odd.map((b) => b.planting.name))].join(' and ')} to match ${family[0].planting.name}`,
                of: [...new Set(odd.map((b) => b.of))],
                colour: family[0].planting.container.colour,
              },
            ]
          : [],
    };
  },
};

/** Odd numbers, or true pairs. */
export const numbers: GroupCheck = {
  name: 'Numbers',
  rule: 'Three or five, or matching pairs',
  source: 'common practice',
  of: ({ bodies }) => {
    if (bodies.length < 2) return null;
    const key = ({ planting: { container } }: Body) => JSON.stringify([container.shape, container.colour]);
    const kinds = new Set(bodies.map(key));
    const paired =
      bodies.length % 2 === 0 && [...kinds].every((k) => bodies.filter((b) => key(b) === k).length % 2 === 0);
    const good = bodies.length % 2 === 1 || paired;
    return {
      severity: good ? 'good' : 'watch',
      measured: bodies.length,
      band: [1, 9],
      scale: [0, 10],
      figure: String(bodies.length),
      message: good
        ? paired
          ? 'They stand in matching pairs.'
          : `${bodies.length}, an odd number, groups well.`
        : `${bodies.length} containers that do not match split into halves: add or remove one.`,
      culprits: [],
      moves: [],
    };
  },
};
