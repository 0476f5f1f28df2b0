import { tallCentre } from './tall-centre';
import type { School } from './school';

/** A leaf leads: the colours hidden in its edge, vein and stem are what the others repeat. */
export const leafLed: School = {
  ...tallCentre,
  label: 'Star leaf',
  about: 'One striking foliage plant; the others repeat a colour from its leaf edge, veins or stems.',
  leads: 'for its leaf',
  asks: { ...tallCentre.asks, leafLeads: true },
};
