import { containerSums, headspaceMm } from '../containers';
import { DRESSING_MM } from '../materials/fittings';
import { formatLength } from '../units/length';
import { formatVolume } from '../units/quantity';
import { livesDry, type StepKind, stepOf } from './step';

/**
 * Water that fresh mix takes up until it runs out below, litres a litre. Working figure: a little under what
 * it holds.
 */
const TAKES_L_PER_L = 0.25;

/** Mix pushed toward the middle and topped up at the rim. */
export const topUpStep: StepKind = ({ planting, units }) => {
  const head = formatLength(headspaceMm(planting.container), units);
  return [
    stepOf({
      id: 'top-up',
      title: `Top up to ${head} below the rim`,
      text: 'Work mix from the rim into the gaps between the root balls, then top up at the rim. Firm gently with your fingertips. Just cover the root balls; leave the crowns clear.',
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
          title: 'Add a top dressing',
          text: `Gravel or moss, ${formatLength(DRESSING_MM, units)} thick, kept off the stems.`,
          minutes: 2,
        }),
      ]
    : [];

/** Water until it runs out below. */
export const waterStep: StepKind = ({ planting, order, units }) => {
  const litres = containerSums(planting.container).fillL * TAKES_L_PER_L;
  if (livesDry(order))
    return [
      stepOf({
        id: 'water',
        title: 'Leave it dry for a week',
        text: `Cut and bruised roots rot in wet mix. Keep the rain off, then water in with about ${formatVolume(litres, units)} in two goes, and let it dry out before the next.`,
        caution:
          planting.container.mount === 'ground' ? null : 'It is heavier once it is watered: check what it hangs from.',
      }),
    ];
  return [
    stepOf({
      id: 'water',
      title: `Water in: about ${formatVolume(litres, units)}`,
      text: 'Use a fine rose, in two or three goes, until water runs from the base. Let it drain before you move or hang it.',
      caution: planting.container.mount === 'ground' ? null : 'It is heavier now than when it was planted.',
      minutes: 5,
    }),
  ];
};

/** It settles; it is looked at once more. */
export const lookStep: StepKind = () => [
  stepOf({
    id: 'look',
    title: 'Final check',
    text: 'Top up any sunken mix. Turn the best side to the front, wipe the rim and add the label. Keep it shaded and sheltered for a few days.',
    minutes: 2,
  }),
];
