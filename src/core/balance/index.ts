import { against } from './against';
import { buried } from './buried';
import { centrepiece } from './centrepiece';
import type { Check } from './check';
import { clear } from './clear';
import { colour } from './colour';
import { cost } from './cost';
import { cover } from './cover';
import { drainage } from './drainage';
import { drop } from './drop';
import { echo } from './echo';
import { fit } from './fit';
import { heat } from './heat';
import { flowerForm } from './flower-form';
import { front } from './front';
import { height } from './height';
import { light } from './light';
import { mix } from './mix';
import { monotony } from './monotony';
import { nights } from './nights';
import { plainness } from './plainness';
import { repeat } from './repeat';
import { safety } from './safety';
import { scorch } from './scorch';
import { season } from './season';
import { sides } from './sides';
import { sightline } from './sightline';
import { sort } from './sort';
import { spread } from './spread';
import { staples } from './staples';
import { steady } from './steady';
import { steps } from './steps';
import { texture } from './texture';
import { thug } from './thug';
import { trail } from './trail';
import { vigour } from './vigour';
import { water } from './water';
import { winter } from './winter';
import { worlds } from './worlds';

/** The checks, in the order they are shown. A new one is a file and a line here. */
export const CHECKS = {
  height,
  texture,
  trail,
  colour,
  sort,
  vigour,
  season,
  echo,
  steps,
  centrepiece,
  front,
  repeat,
  staples,
  plainness,
  'flower-form': flowerForm,
  contrast: monotony,
  drop,
  sides,
  clear,
  cover,
  buried,
  spread,
  fit,
  light,
  scorch,
  water,
  mix,
  worlds,
  thug,
  nights,
  heat,
  safety,
  drainage,
  cost,
  winter,
  sightline,
  against,
  steady,
} satisfies Record<string, Check>;

export type CheckId = keyof typeof CHECKS;
export const CHECK_IDS = Object.keys(CHECKS) as CheckId[];

/** A check by its id. */
export const checkOf = (id: CheckId): Check => CHECKS[id];

/** Checks with ends are the levels: drawn as instruments. */
export const isLevel = (id: CheckId): boolean => checkOf(id).ends !== undefined;
export const LEVELS = CHECK_IDS.filter(isLevel);
