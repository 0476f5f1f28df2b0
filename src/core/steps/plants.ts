import { factsOf } from '../plants/facts';
import { type Plant, plantName } from '../plants/schema';
import { STARTS } from '../plants/starts';
import { isPinched } from '../plants/hand';
import { formatLength } from '../units/length';
import { fillDepths, setDeep } from './fill';
import type { Numbered } from './order';
import { type StepsGiven, type Step, type StepKind, stepOf } from './step';

/** Two root balls nearer than this have to be pressed into ovals, mm. */
const TOUCHING_MM = 0;
/** Nearer to the middle than this it stands in the middle, mm. */
const MIDDLE_MM = 30;

/** Where it goes, in words: “front left”. */
function placeWords({ xMm, yMm }: Numbered): string {
  const depth = yMm > MIDDLE_MM ? 'front' : yMm < -MIDDLE_MM ? 'back' : '';
  const side = xMm > MIDDLE_MM ? 'right' : xMm < -MIDDLE_MM ? 'left' : '';
  if (depth === '' && side === '') return 'in the middle';
  return depth === '' ? `on the ${side}` : `at the ${depth}${side ? `, ${side}` : ''}`;
}

/** What is done to a root ball before it goes in, by how it was grown. Practice. */
function rootsWords({ start }: Numbered): string {
  switch (start) {
    case 'seed':
      return 'Sow on the surface as the packet says, and cover thinly.';
    case 'bulb':
      return 'Plant point upwards, at twice its own depth.';
    case 'slip':
    case 'cutting':
      return 'Make a hole with a pencil; firm it in with two fingers.';
    case 'plug':
    case 'pack6':
      return 'Push it out from below; leave the roots as they are.';
    case 'bare':
      return 'Spread the roots over a cone of mix, the crown level with the soil.';
    default:
      return 'Knock it out of its pot. If the roots circle, tease out the outer ones; otherwise leave them alone.';
  }
}

const squeezed = (p: Numbered, order: readonly Numbered[]): boolean =>
  order.some(
    (o) =>
      o.id !== p.id &&
      Math.hypot(o.xMm - p.xMm, o.yMm - p.yMm) - (STARTS[o.start].ballMm + STARTS[p.start].ballMm) / 2 < TOUCHING_MM,
  );

/** What to take care of with a plant in the hand. */
function careOf({ irritantSap, poison }: Plant): string | null {
  if (irritantSap === 'yes') return 'The sap irritates: wear gloves and keep it out of your eyes.';
  if (poison.people === 'deadly') return 'Poisonous in every part: wear gloves, and wash your hands.';
  return null;
}

function setStep(p: Numbered, { order, planting }: StepsGiven): Step {
  const before = order.find((o) => o.no < p.no && o.plant.id === p.plant.id && o.start === p.start);
  const words = [
    before ? `Plant as for number ${before.no}.` : rootsWords(p),
    p.role === 'spiller' ? 'Tilt it outwards so it trails straight away.' : null,
    setDeep(p) ? 'Plant deep, up to the lowest leaves: it roots along the stem.' : null,
    squeezed(p, order) ? 'Squeeze the root ball into an oval, by at most a quarter, to fit.' : null,
    planting.brief.school === 'off-centre' && p.role === 'thriller' ? 'It is meant to be off-centre.' : null,
  ];
  return stepOf({
    id: `set-${p.id}`,
    title: `${p.no}. ${plantName(p.plant)}, ${placeWords(p)}`,
    text: words.filter(Boolean).join(' '),
    ids: [p.id],
    caution: careOf(p.plant),
    minutes: 1.5,
  });
}

/** Each caution once: a second plant of a kind repeats it to nobody. */
function once(steps: readonly Step[]): Step[] {
  const said = new Set<string>();
  return steps.map((s) => {
    if (s.caution === null || !said.has(s.caution)) {
      if (s.caution) said.add(s.caution);
      return s;
    }
    return { ...s, caution: null };
  });
}

/** Each plant in its place, the deepest root balls first, mix raised between for the shallower. */
export const setSteps: StepKind = (bench) => {
  const { planting, order, units } = bench;
  const levels = fillDepths(planting, order);
  const steps = levels.flatMap((level, i) => [
    ...(i === 0
      ? []
      : [
          stepOf({
            id: `raise-${i}`,
            title: `Add mix to ${formatLength(level.belowRimMm, units)} below the rim`,
            text: 'Fill between and around the plants, firming lightly with your fingertips.',
            minutes: 1,
          }),
        ]),
    ...order.filter((p) => level.ids.includes(p.id)).map((p) => setStep(p, bench)),
  ]);
  return once(steps);
};

const SUPPORT_WORDS = {
  stake: 'A cane beside the root ball, tied in a loose figure of eight.',
  frame: 'Push the frame in behind it, down to the base, and tie in the shoots.',
  twines: 'Push the canes down to the base and tie them at the top. The shoots will find their own way up.',
} as const;

/** What holds up what would fall over. */
export const supportStep: StepKind = ({ order }) => {
  const held = order.filter((p) => p.role !== 'spiller' && factsOf(p.plant).support !== 'none');
  const kinds = [...new Map(held.map((p) => [p.plant.id, p.plant])).values()];
  return kinds.map((plant) => {
    const { support } = factsOf(plant);
    return stepOf({
      id: `support-${plant.id}`,
      title: `Support ${plantName(plant)}`,
      text: support === 'none' ? '' : SUPPORT_WORDS[support],
      ids: held.filter((p) => p.plant.id === plant.id).map((p) => p.id),
      caution: 'Put caps on the canes: the ends are at eye height.',
      minutes: 2,
    });
  });
};

/** Tips off what likes it, once it stands. */
export const pinchStep: StepKind = ({ order }) => {
  const young = order.filter((p) => isPinched(p.plant) && STARTS[p.start].inLeaf);
  const names = [...new Set(young.map((p) => plantName(p.plant)))];
  return young.length === 0
    ? []
    : [
        stepOf({
          id: 'pinch',
          title: 'Pinch out the tips',
          text: `${names.join('; ')}: pinch out the soft tip above a pair of leaves, unless the nursery already has. They flower two weeks later but more freely.`,
          ids: young.map((p) => p.id),
          minutes: 1,
        }),
      ];
};
