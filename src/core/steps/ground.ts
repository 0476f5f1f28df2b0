import { mixToBuyL } from '../containers';
import { cautionsFor } from '../containers/cautions';
import { FEEDS } from '../materials/feeds';
import { MIXES, mixOf } from '../materials/mixes';
import { ballsL } from '../plantings/resolve';
import { formatLength } from '../units/length';
import { formatVolume } from '../units/quantity';
import { fillDepths } from './fill';
import { livesDry, type StepKind, stepOf } from './step';

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
      title: hangs ? 'Stand it steady on a work surface' : 'Put it in its final position',
      text: hangs
        ? 'Stand it in a bucket or on a wide pot so it cannot roll. Hang it once it is planted and has drained.'
        : `Level it${container.feet ? ' on its pot feet' : ''}, with the front facing the viewer. Once full, it is hard to move.`,
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
          text: 'Press the liner against the sides, up to the rim, and cut slits over the drainage holes.',
          minutes: 3,
        }),
      ]
    : []),
  ...(container.base === 'crocks'
    ? [
        stepOf({
          id: 'base',
          title: 'Crocks over the drainage holes',
          text: 'Place one curved piece over each hole, hollow side down. A whole layer would only keep the mix above it wetter.',
          caution: 'Broken pots are sharp: wear gloves.',
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
  const dry = livesDry(order);
  return [
    stepOf({
      id: 'fill',
      title: `Fill to ${deep} below the rim`,
      text: `Use about ${formatVolume(litres, units)} of ${MIXES[mixOf(planting)].label}, ${dry ? 'dry' : 'damp'} and loose. Firm lightly until the surface is ${deep} below the rim.`,
      caution: dry
        ? 'Dry mix and grit give off dust: pour it low, outdoors, with a mask on, and wash your hands afterwards.'
        : 'Dampen the mix before you pour it, to keep dust down, and wash your hands afterwards.',
      minutes: 3 + litres / 15,
    }),
  ];
};

/** What lives dry is given so much of the usual feed. Growers' figure: a quarter. */
const DRY_SHARE = 0.25;

/** Slow-release feed into the mix. */
export const feedStep: StepKind = ({ planting, order }) => {
  const litres = mixToBuyL(planting.container, ballsL(planting.placements));
  const grams = Math.round(FEEDS.slow.first(litres) * (livesDry(order) ? DRY_SHARE : 1));
  return [
    stepOf({
      id: 'feed',
      title: `Mix in ${grams} g of slow-release feed`,
      text: 'Mix it evenly into the top half. Skip this if you use liquid feed or pellets. Follow the label.',
      caution: 'Wear gloves.',
      minutes: 1,
    }),
  ];
};

/** The starts drink before they are knocked out of their pots. */
export const soakStep: StepKind = ({ order }) =>
  livesDry(order)
    ? []
    : [
        stepOf({
          id: 'soak',
          title: `Soak the ${order.length === 1 ? 'plant' : `${order.length} plants`}`,
          text: 'Stand the pots in water until the bubbles stop, then drain. A dry root ball stays dry even in wet mix.',
          ids: order.map((p) => p.id),
          minutes: 5,
        }),
      ];
