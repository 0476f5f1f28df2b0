import { factsOf } from '../plants/facts';
import { type Plant, plantName } from '../plants/schema';
import { STARTS } from '../plants/starts';
import { formatLength } from '../units/length';
import { fillDepths, setDeep } from './fill';
import type { Numbered } from './order';
import { type Bench, type Step, type StepKind, stepOf } from './step';

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
      return 'Nose up, twice its height deep.';
    case 'slip':
    case 'cutting':
      return 'Make a hole with a pencil; firm it in with two fingers.';
    case 'plug':
    case 'pack6':
      return 'Push it out from below; leave the roots as they are.';
    case 'bare':
      return 'Spread the roots over a cone of mix, the crown level with the soil.';
    default:
      return 'Knock it out. Where roots circle, tease the outer ones loose; else leave them.';
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
  if (irritantSap === 'yes') return 'Its sap irritates: wear gloves, and keep it from your eyes.';
  if (poison.people === 'deadly') return 'Poisonous in every part: wear gloves, and wash your hands.';
  return null;
}

function setStep(p: Numbered, { order, planting }: Bench): Step {
  const before = order.find((o) => o.no < p.no && o.plant.id === p.plant.id && o.start === p.start);
  const words = [
    before ? `As number ${before.no}.` : rootsWords(p),
    p.role === 'spiller' ? 'Tilt it outward, so that it hangs from its first day.' : null,
    setDeep(p) ? 'Deep: to its lowest leaves, for it roots along the stem.' : null,
    squeezed(p, order) ? 'Press its root ball into an oval, by a quarter at most, to fit.' : null,
    planting.brief.school === 'off-centre' && p.role === 'thriller' ? 'Off the middle on purpose.' : null,
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
            title: `Raise the mix to ${formatLength(level.belowRimMm, units)} below the rim`,
            text: 'Between and around what stands, firmed lightly with the fingertips.',
            minutes: 1,
          }),
        ]),
    ...order.filter((p) => level.ids.includes(p.id)).map((p) => setStep(p, bench)),
  ]);
  return once(steps);
};

const SUPPORT_WORDS = {
  stake: 'A cane beside the root ball, tied in a loose figure of eight.',
  frame: 'The frame behind it, down to the base, and its shoots tied in.',
  twines: 'The canes pushed to the base and tied at the top; its shoots find their own way.',
} as const;

/** What holds up what would fall over. */
export const supportStep: StepKind = ({ order }) => {
  const held = order.filter((p) => p.role !== 'spiller' && factsOf(p.plant).support !== 'none');
  const kinds = [...new Map(held.map((p) => [p.plant.id, p.plant])).values()];
  return kinds.map((plant) => {
    const { support } = factsOf(plant);
    return stepOf({
      id: `support-${plant.id}`,
      title: `Hold up ${plantName(plant)}`,
      text: support === 'none' ? '' : SUPPORT_WORDS[support],
      ids: held.filter((p) => p.plant.id === plant.id).map((p) => p.id),
      caution: 'Cap cane ends: they are at eye height.',
      minutes: 2,
    });
  });
};

/** Tips off what likes it, once it stands. */
export const pinchStep: StepKind = ({ order }) => {
  const young = order.filter((p) => p.plant.pinch === 'helps' && STARTS[p.start].inLeaf);
  const names = [...new Set(young.map((p) => plantName(p.plant)))];
  return young.length === 0
    ? []
    : [
        stepOf({
          id: 'pinch',
          title: 'Pinch what likes it',
          text: `${names.join('; ')}: nip out the soft tip above a pair of leaves, unless the nursery has. Flower comes two weeks later, and there is more of it.`,
          ids: young.map((p) => p.id),
          minutes: 1,
        }),
      ];
};
