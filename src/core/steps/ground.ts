import { mixToBuyL } from '../containers';
import { cautionsFor } from '../containers/cautions';
import { FEEDS } from '../materials/feeds';
import { MIXES, mixOf } from '../materials/mixes';
import { ballsL } from '../plantings/resolve';
import { formatLength } from '../units/length';
import { formatVolume } from '../units/quantity';
import { fillDepths } from './fill';
import { type StepKind, stepOf } from './step';

/** Cautions that are met while a container is made ready. */
const MET_HERE = new Set(['holes', 'lift', 'load', 'timber', 'overflow']);

/** Where it will stand or hang, before it is heavy. */
export const standStep: StepKind = ({ planting, units }) => {
  const { spot, container } = planting;
  const told = cautionsFor(
    container,
    ballsL(planting.placements),
    { coldestWinterC: spot.coldestWinterC, walkway: spot.walkway },
    units,
  );
  const met = told.filter((c) => MET_HERE.has(c.id) && c.severity !== 'good');
  const hangs = container.mount === 'hook' || container.mount === 'wall';
  return [
    stepOf({
      id: 'stand',
      title: hangs ? 'Set it steady on the bench' : 'Set it where it will stand',
      text: hangs
        ? 'Stand it in a bucket or on a wide pot, so that it cannot roll. It goes up when it is planted and has drained.'
        : `Level, ${container.feet ? 'on its feet, ' : ''}with its front to whoever looks at it. Filled, it is no longer easily moved.`,
      caution: met.map((c) => c.text).join(' ') || null,
      minutes: 2,
    }),
  ];
};

/** What keeps the mix in, and the lining. */
export const baseStep: StepKind = ({ planting: { container } }) => [
  ...(container.liner
    ? [
        stepOf({
          id: 'liner',
          title: 'Line it',
          text: 'Press the liner to the wall up to the rim, and cut slits over the drainage holes.',
          minutes: 3,
        }),
      ]
    : []),
  ...(container.base === 'crocks'
    ? [
        stepOf({
          id: 'base',
          title: 'Crocks over the holes',
          text: 'One curved shard over each hole, hollow side down. A layer of them would only raise the wet zone.',
          caution: 'Broken pot is sharp: wear gloves.',
        }),
      ]
    : [
        stepOf({
          id: 'base',
          title: 'Mesh over the holes',
          text: 'A square of mesh or a coffee filter over each hole keeps the mix in and lets water out.',
        }),
      ]),
];

/** Mix to the depth on which the deepest root balls stand. */
export const fillStep: StepKind = ({ planting, order, units }) => {
  const [first] = fillDepths(planting, order);
  if (!first) return [];
  const litres = mixToBuyL(planting.container, ballsL(planting.placements));
  const deep = formatLength(first.belowRimMm, units);
  return [
    stepOf({
      id: 'fill',
      title: `Fill to ${deep} below the rim`,
      text: `${MIXES[mixOf(planting)].label}, damped and loose; about ${formatVolume(litres, units)} in all. Firm it lightly and measure from the rim down: ${deep}.`,
      caution: 'Damp the mix before you tip it, so that it does not dust, and wash your hands after.',
      minutes: 3 + litres / 15,
    }),
  ];
};

/** Slow-release feed into the mix. */
export const feedStep: StepKind = ({ planting }) => {
  const litres = mixToBuyL(planting.container, ballsL(planting.placements));
  const grams = Math.round(FEEDS.slow.first(litres));
  return [
    stepOf({
      id: 'feed',
      title: `Mix in ${grams} g of slow-release feed`,
      text: 'Through the upper half, evenly. If you feed with liquid or pellets, leave this out. The label rules.',
      caution: 'Wear gloves.',
      minutes: 1,
    }),
  ];
};

/** The starts drink before they are knocked out of their pots. */
export const soakStep: StepKind = ({ order }) => [
  stepOf({
    id: 'soak',
    title: `Water the ${order.length === 1 ? 'start' : `${order.length} starts`}`,
    text: 'Stand them in water until no bubbles rise, then let them drain. A dry root ball stays dry in wet mix.',
    ids: order.map((p) => p.id),
    minutes: 5,
  }),
];
