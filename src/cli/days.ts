import { BadInputError } from '../core/formats/parse';
import { isDay } from '../core/units/date';
import { valueAfter } from './read';

/** The values of `--from` and `--to`, in either order. */
export function daysOf(args: readonly string[]): { from: string; to: string } {
  const value = (flag: string): string => {
    const text = valueAfter(args, flag);
    if (text === undefined || !isDay(text))
      throw new BadInputError(`${flag}: must be a day such as 2026-07-14. Give both --from and --to.`);
    return text;
  };
  const days = { from: value('--from'), to: value('--to') };
  if (days.to < days.from) throw new BadInputError('--to: must not be before --from.');
  return days;
}
