import type { Shape } from '../containers/schema';
import { shapeOf } from '../containers/shapes';
import { levelDome } from './level-dome';
import { offCentre } from './off-centre';
import type { School } from './school';
import { tallBack } from './tall-back';
import { tallCentre } from './tall-centre';
import { tallOnly } from './tall-only';

/** The schools, in the order they are offered. A new one is a file and a line here. */
export const SCHOOLS = {
  'tall-centre': tallCentre,
  'tall-back': tallBack,
  'off-centre': offCentre,
  'level-dome': levelDome,
  'tall-only': tallOnly,
} satisfies Record<string, School>;

export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as [SchoolId, ...SchoolId[]];

/** The school that usually suits a shape: what hangs and what is low has no centrepiece, a box is seen from its front. Practice. */
export function usualSchool(shape: Shape): SchoolId {
  const { family } = shapeOf(shape);
  if (family === 'basket' || family === 'bowl') return 'level-dome';
  return family === 'box' ? 'tall-back' : 'tall-centre';
}

/** A school by its id. */
export const schoolOf = ({ school }: { school: SchoolId }): School => SCHOOLS[school];
