import type { Deed } from '../../plantings/deeds';
import { cutBack } from './cut-back';
import { deadhead } from './deadhead';
import type { Effect } from './effect';
import { bringIn, fleece, setOut } from './move';
import { pinch } from './pinch';

/** Done for the plant's looks or the record, with nothing that growth can reckon. */
const noted: Effect = (plant) => plant;

/** What each deed does to growth. A new one is a file and a line here. */
export const EFFECTS: Record<Deed['what'], Effect> = {
  pinch,
  'cut-back': cutBack,
  deadhead,
  feed: noted,
  'top-up': noted,
  fleece,
  'bring-in': bringIn,
  'set-out': setOut,
  turn: noted,
};
