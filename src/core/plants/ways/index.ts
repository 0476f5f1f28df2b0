import type { Facts } from '../traits';
import { careWays } from './care';
import { coldWays } from './cold';
import { escapeWays } from './escapes';
import { lifeWays } from './life';
import type { WaysAsked } from './lists';
import { paceWays } from './pace';
import { pestWays } from './pests';
import { poisonWays } from './poison';
import { rootWays } from './roots';
import { scentWays } from './scent';
import { visitorWays } from './visitors';
import { warmthWays } from './warmth';
import { weatherWays } from './weather';

export type { WaysAsked as Known } from './lists';
export { genusOf, LISTED, speciesOf } from './lists';

/** How a plant lives: all facts that the table of genera does not hold. */
type Ways = Omit<Facts, 'rhythm' | 'mix' | 'worlds' | 'ease' | 'display'>;

/** How a plant lives, as is usual for its species, its genus and its group. */
export function waysOf(p: WaysAsked): Ways {
  const life = lifeWays(p);
  return {
    ...life,
    ...paceWays(p),
    ...warmthWays(p),
    ...coldWays(p, life.life),
    ...careWays(p),
    ...weatherWays(p),
    ...scentWays(p),
    ...visitorWays(p),
    ...rootWays(p),
    ...pestWays(p),
    ...poisonWays(p),
    ...escapeWays(p),
  };
}
