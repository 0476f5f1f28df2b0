import type { Deed } from '../../plantings/deeds';
import { cutBackDeed } from './cut-back';
import { deadheadDeed } from './deadhead';
import type { Effect } from './effect';
import { feedDeed } from './feed';
import { bringIn, fleeceDeed, setOutDeed } from './move';
import { pinchDeed } from './pinch';
import { repotDeed } from './repot';

/** Done for its looks or the record: a turn evens what leans to the light, which is not reckoned. */
const noted: Effect = (plant) => plant;

/** What each deed does to growth. A new one is a file and a line here. */
export const EFFECTS: Record<Deed['what'], Effect> = {
  pinch: pinchDeed,
  'cut-back': cutBackDeed,
  deadhead: deadheadDeed,
  feed: feedDeed,
  'top-up': noted,
  repot: repotDeed,
  fleece: fleeceDeed,
  'bring-in': bringIn,
  'set-out': setOutDeed,
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
  'top-dress': feedDeed,
  clear: noted,
  wash: noted,
  'ready-for-winter': noted,
  secure: noted,
  wrap: noted,
  iron: noted,
};
