import { plantName } from '../plants/schema';
import { check, count } from './check';

/** What one that is at odds leaves of the quality, and what each share more of them costs. Working figures. */
const AT_ODDS = 0.7;
const SHARE_COSTS = 0.8;

/** Plants that like to dry down among thirsty ones, or the other way about. */
export const water = check({
  name: 'Water',
  weight: 5,
  at: 'plants',
  of: ({ plants }) => {
    if (plants.length < 2) return [];
    const dry = plants.filter((p) => p.plant.water === 'dry');
    const thirsty = plants.filter((p) => p.plant.water === 'thirsty');
    const odd = dry.length <= thirsty.length ? dry : thirsty;
    const mixed = dry.length > 0 && thirsty.length > 0;
    const most = dry.length > thirsty.length ? 'dry' : thirsty.length > 0 ? 'thirsty' : 'moderate';
    return [
      {
        severity: mixed ? 'watch' : 'good',
        measured: mixed ? odd.length : 0,
        band: [0, 0],
        unit: 'at odds',
        scale: [0, plants.length],
        culprits: mixed ? odd.map((p) => p.id) : [],
        says: !mixed ? 'good' : odd === dry ? 'dry' : 'thirsty',
        facts: { plant: odd[0] ? plantName(odd[0].plant) : '', count: odd.length, most },
        rule: 'No dry-down plant among thirsty ones when watered by hand',
        source: 'practice, all must want about the same water',
        quality: mixed ? Math.max(0, AT_ODDS - (odd.length / plants.length) * SHARE_COSTS) : 1,
      },
    ];
  },
  words: {
    good: (f) => `All want about the same water: ${f.text('most')}.`,
    dry: (f) =>
      `${f.text('plant')} likes to dry out and stands among thirsty plants. Water it apart, or give it a drier neighbour.`,
    thirsty: (f) => `${f.text('plant')} is thirsty and stands among plants that like to dry out.`,
  },
  figure: count,
  ideas: ['swap', 'take one of many out'],
});
