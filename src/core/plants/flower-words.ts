import { formatLength, type UnitSystem } from '../units/length';
import type { Plant } from './schema';

/** Habits that bear one head on a stalk: their size is that of the whole head. */
const ONE_HEAD: readonly Plant['habit'][] = ['stalk', 'fountain'];

/**
 * What a plant's flower is and what its size is of: “spike of flowers 11 mm across”, “plume 150 mm long”.
 * Empty where there is none.
 */
export function flowerWords({ flower: { form, sizeMm }, habit }: Plant, units: UnitSystem): string {
  if (form === 'none') return '';
  const size = formatLength(sizeMm, units);
  if (form === 'plume' || (form === 'spike' && ONE_HEAD.includes(habit))) return `${form} ${size} long`;
  return form === 'spike' ? `spike of flowers ${size} across` : `${form}, ${size} across`;
}
