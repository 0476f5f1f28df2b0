import { BadInputError } from '../core/formats/parse';
import { LIBRARY } from '../core/plants';
import { coverageTable } from '../core/plants/coverage';

/** `rillbank plants`: the library, or how many there are to choose from. Throws BadInputError. */
export function run([flag]: readonly string[]): unknown {
  if (flag === undefined) return LIBRARY;
  if (flag !== '--coverage') throw new BadInputError(`plants: unknown option "${flag}". Remove it or use --coverage.`);
  return coverageTable(LIBRARY);
}
