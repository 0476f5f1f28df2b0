import { tallCentre } from './tall-centre';
import type { School } from './school';

/** A leaf leads: the colours hidden in its edge, vein and stem are what the others repeat. */
export const leafLed: School = {
  ...tallCentre,
  label: 'Leaf-led',
  about: 'One fine leaf leads; the others repeat a colour hidden in its edge, vein or stem.',
  leads: 'for its leaf',
  asks: { ...tallCentre.asks, leafLeads: true },
};
