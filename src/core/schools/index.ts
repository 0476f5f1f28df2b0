import type { Shape } from '../containers/schema';
import { shapeOf } from '../containers/shapes';
import { leafLed } from './leaf-led';
import { levelDome } from './level-dome';
import { offCentre } from './off-centre';
import type { School } from './school';
import { specimen } from './specimen';
import { tallBack } from './tall-back';
import { tallCentre } from './tall-centre';
import { tallOnly } from './tall-only';
import { thirds } from './thirds';
import { twoRowsSchool } from './two-rows';
import { weave } from './weave';

/** The schools, in the order they are offered. A new one is a file and a line here. */
export const SCHOOLS = {
  'tall-centre': tallCentre,
  'tall-back': tallBack,
  'off-centre': offCentre,
  'level-dome': levelDome,
  'tall-only': tallOnly,
  'two-rows': twoRowsSchool,
  'one-kind-thirds': thirds,
  specimen,
  weave,
  'leaf-led': leafLed,
} satisfies Record<string, School>;

export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as [SchoolId, ...SchoolId[]];

/**
 * The school that usually suits a shape: what hangs and what is low has no centrepiece, a box is seen from
 * its front. Practice.
 */
export function usualSchool(shape: Shape): SchoolId {
  const { family } = shapeOf(shape);
  if (family === 'basket' || family === 'bowl') return 'level-dome';
  return family === 'box' ? 'two-rows' : 'tall-centre';
}

/** A school by its id. */
export const schoolOf = ({ school }: { school: SchoolId }): School => SCHOOLS[school];
