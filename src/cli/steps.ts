import { readPlanting } from '../core/formats/planting';
import { stepsOf } from '../core/steps';
import { fillDepths } from '../core/steps/fill';
import { plantingOrder } from '../core/steps/order';
import { eachOf } from './read';

/** `rillbank steps`: the planting steps, and the depths mix is filled to. Throws BadInputError. */
export const run = (args: readonly string[]): unknown =>
  eachOf(args, (data) => {
    const planting = readPlanting(data);
    const order = plantingOrder(planting);
    return {
      order: order.map(({ no, id, start, xMm, yMm }) => ({ no, id, start, xMm, yMm })),
      fill: fillDepths(planting, order),
      steps: stepsOf(planting),
    };
  });
