import type { Deed } from '../../plantings/deeds';
import { cutBack } from './cut-back';
import { deadhead } from './deadhead';
import type { Effect } from './effect';
import { feed } from './feed';
import { bringIn, fleece, setOut } from './move';
import { pinch } from './pinch';
import { repot } from './repot';

/** Done for its looks or the record: a turn evens what leans to the light, which is not reckoned. */
const noted: Effect = (plant) => plant;

/** What each deed does to growth. A new one is a file and a line here. */
export const EFFECTS: Record<Deed['what'], Effect> = {
  pinch,
  'cut-back': cutBack,
  deadhead,
  feed,
  'top-up': noted,
  repot,
  fleece,
  'bring-in': bringIn,
  'set-out': setOut,
  turn: noted,
  move: noted,
  tidy: noted,
  stake: noted,
  'harden-off': noted,
  check: noted,
  'look-over': noted,
  cuttings: noted,
  lift: noted,
  clip: noted,
  'top-dress': feed,
  clear: noted,
  wash: noted,
  'ready-for-winter': noted,
  secure: noted,
  wrap: noted,
  iron: noted,
};
