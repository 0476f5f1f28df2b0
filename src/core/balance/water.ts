import { factsOf } from '../plants/facts';
import { plantName } from '../plants/schema';
import { RhythmSchema } from '../plants/traits';
import { check, count } from './check';

/** What one that is at odds leaves of the quality, and what each share more of them costs. Working figures. */
const AT_ODDS = 0.7;
const SHARE_COSTS = 0.8;

/** From the wettest to the driest. */
const ORDER = RhythmSchema.options;
/** Neighbours in the order share a watering can; two steps apart, one of them suffers. Working figure. */
const APART = 2;

/** One hand waters the whole pot: plants that dry out among those that never may. */
export const water = check({
  name: 'Water',
  facet: 'gate',
  weight: 5,
  at: 'plants',
  of: ({ placed: plants }) => {
    if (plants.length < 2) return [];
    const at = plants.map((p) => ORDER.indexOf(factsOf(p.plant).rhythm));
    const [wettest, driest] = [Math.min(...at), Math.max(...at)];
    const mixed = driest - wettest >= APART;
    const dry = plants.filter((_, i) => (at[i] ?? 0) - wettest >= APART);
    const wet = plants.filter((_, i) => driest - (at[i] ?? 0) >= APART);
    const odd = dry.length <= wet.length ? dry : wet;
    const others = odd === dry ? wet : dry;
    const usual = [...at].sort((a, b) => a - b)[at.length >> 1] ?? 0;
    return [
      {
        severity: driest - wettest > APART ? 'wrong' : mixed ? 'watch' : 'good',
        measured: mixed ? odd.length : 0,
        band: [0, 0],
        unit: 'at odds',
        scale: [0, plants.length],
        culprits: mixed ? odd.map((p) => p.id) : [],
        says: !mixed ? 'good' : odd === dry ? 'dry' : 'wet',
        facts: {
          plant: odd[0] ? plantName(odd[0].plant) : '',
          other: others[0] ? plantName(others[0].plant) : '',
          usual,
        },
        rule: 'No plant that likes to dry out among plants that need to stay moist',
        source: 'common practice, plants together need similar watering',
        quality: mixed ? Math.max(0, AT_ODDS - (odd.length / plants.length) * SHARE_COSTS) : 1,
      },
    ];
  },
  words: {
    good: (f) => `They all need the same watering: ${GOES[ORDER[f.num('usual')] ?? 'evenly moist']}.`,
    dry: (f) =>
      `${f.text('plant')} must dry out between waterings and ${f.text('other')} must not. Plant it in its own container, or with plants that like it dry.`,
    wet: (f) => `${f.text('plant')} must stay moist and ${f.text('other')} must dry out between waterings.`,
  },
  figure: count,
  ideas: ['swap', 'take one of many out'],
});

/** What the hand does. */
const GOES: Record<(typeof ORDER)[number], string> = {
  'stands wet': 'never let it dry',
  'evenly moist': 'before the top dries',
  'dries slightly': 'when the top 3 cm is dry',
  'dries out': 'when it is dry right through',
};
