import { containerSums, headspaceMm } from '../containers';
import { DRESSING_MM } from '../materials/fittings';
import { formatLength } from '../units/length';
import { formatVolume } from '../units/quantity';
import { type StepKind, stepOf } from './step';

/** Water that fresh mix takes up until it runs out below, litres a litre. Working figure: a little under what it holds. */
const TAKES_L_PER_L = 0.25;

/** Mix pushed toward the middle and topped up at the rim. */
export const topUpStep: StepKind = ({ planting, units }) => {
  const head = formatLength(headspaceMm(planting.container), units);
  return [
    stepOf({
      id: 'top-up',
      title: `Top up to ${head} below the rim`,
      text: 'Push mix from the rim toward the middle, between the root balls, then top up at the rim. Firm with the fingertips, no harder. Root balls just covered, crowns free.',
      minutes: 3,
    }),
  ];
};

/** Gravel or moss over the soil, where the pot is part of the picture. */
export const dressStep: StepKind = ({ planting, units }) =>
  planting.brief.school === 'specimen'
    ? [
        stepOf({
          id: 'dress',
          title: 'Dress the soil',
          text: `Gravel or moss, ${formatLength(DRESSING_MM, units)} thick, kept off the stems.`,
          minutes: 2,
        }),
      ]
    : [];

/** Water until it runs out below. */
export const waterStep: StepKind = ({ planting, units }) => {
  const litres = containerSums(planting.container).fillL * TAKES_L_PER_L;
  return [
    stepOf({
      id: 'water',
      title: `Water in: about ${formatVolume(litres, units)}`,
      text: 'With a rose, in two or three goes, until it runs out below. Let it drain before it is moved or hung.',
      caution: planting.container.mount === 'ground' ? null : 'It is heavier now than when it was planted.',
      minutes: 5,
    }),
  ];
};

/** It settles; it is looked at once more. */
export const lookStep: StepKind = () => [
  stepOf({
    id: 'look',
    title: 'Look again, and top up',
    text: 'Where mix has sunk, fill it. Turn its best side to the front, wipe the rim, put the label in. Shade and shelter for a few days.',
    minutes: 2,
  }),
];
