import { compose } from '../core/compose/compose';
import { readBrief } from '../core/formats/brief';
import { BadInputError } from '../core/formats/parse';
import { today } from '../core/units/date';
import { eachOf } from './read';

/** `rillbank compose`: plantings that fit a brief, best first. Throws BadInputError. */
export const run = (args: readonly string[]): unknown =>
  eachOf(args, (data) => {
    const { planting, seed } = readBrief(data, today());
    const { proposals, problem } = compose(planting, { seed });
    if (problem) throw new BadInputError(`brief: ${problem}`);
    return { proposals };
  });
