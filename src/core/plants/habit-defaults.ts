import type { Habit, Plant } from './schema';

type Typical = Pick<Plant, 'heightMm' | 'spreadMm' | 'trailMm' | 'roles' | 'leaf'>;

/** What to call a habit. */
export const HABIT_LABEL: Record<Habit, string> = {
  fan: 'Upright straps', fountain: 'Arching grass', wand: 'Upright wands', cane: 'Leafy canes', bush: 'Bushy', mound: 'Mound', cloud: 'Airy cloud', frond: 'Fronds', rosette: 'Rosette', cascade: 'Mounds, then hangs', trail: 'Hangs', stalk: 'Flowers on stalks', climber: 'Climber',
};

const leaf = (size: Plant['leaf']['size'], lengthMm: number, form: Plant['leaf']['form'], surface: Plant['leaf']['surface'] = 'matte'): Plant['leaf'] => ({ size, lengthMm, form, surface });

/** What a plant of a habit is ordinarily like in a container. Working figures: the middle of the shipped records of that habit. */
export const HABIT_DEFAULTS: Record<Habit, Typical> = {
  fan: { heightMm: [500, 900], spreadMm: [400, 600], trailMm: [0, 0], roles: ['thriller'], leaf: leaf('bold', 500, 'strap', 'glossy') },
  fountain: { heightMm: [300, 500], spreadMm: [300, 450], trailMm: [0, 80], roles: ['thriller', 'filler'], leaf: leaf('fine', 350, 'grass') },
  wand: { heightMm: [350, 550], spreadMm: [250, 350], trailMm: [0, 0], roles: ['thriller', 'filler'], leaf: leaf('medium', 50, 'ovate') },
  cane: { heightMm: [600, 1000], spreadMm: [350, 500], trailMm: [0, 0], roles: ['thriller'], leaf: leaf('bold', 280, 'ovate', 'glossy') },
  bush: { heightMm: [300, 450], spreadMm: [280, 400], trailMm: [0, 0], roles: ['filler'], leaf: leaf('medium', 50, 'ovate') },
  mound: { heightMm: [200, 300], spreadMm: [250, 350], trailMm: [0, 60], roles: ['filler'], leaf: leaf('medium', 40, 'ovate') },
  cloud: { heightMm: [250, 400], spreadMm: [280, 400], trailMm: [0, 60], roles: ['filler'], leaf: leaf('fine', 25, 'ovate') },
  frond: { heightMm: [250, 450], spreadMm: [300, 500], trailMm: [0, 60], roles: ['filler'], leaf: leaf('medium', 300, 'feather') },
  rosette: { heightMm: [80, 160], spreadMm: [120, 220], trailMm: [0, 0], roles: ['filler'], leaf: leaf('medium', 70, 'rosette', 'waxy') },
  cascade: { heightMm: [150, 230], spreadMm: [260, 380], trailMm: [150, 280], roles: ['filler', 'spiller'], leaf: leaf('fine', 20, 'ovate') },
  trail: { heightMm: [80, 150], spreadMm: [260, 380], trailMm: [300, 600], roles: ['spiller'], leaf: leaf('medium', 40, 'heart') },
  stalk: { heightMm: [200, 350], spreadMm: [120, 200], trailMm: [0, 0], roles: ['filler'], leaf: leaf('medium', 160, 'strap') },
  climber: { heightMm: [1000, 1800], spreadMm: [350, 500], trailMm: [0, 0], roles: ['thriller'], leaf: leaf('medium', 60, 'ovate') },
};
