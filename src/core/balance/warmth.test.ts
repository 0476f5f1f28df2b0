import { PROFILES } from '../climate/profiles';
import { whyNot } from '../compose/filter';
import { libraryPlant } from '../plants';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { pot } from '../testing/pots';
import { warmthFault } from './warmth';

const plant = (id: string): Plant => libraryPlant(id) as Plant;
/** A pot at one of the made-up places, planted a month after its last frost. */
function at(place: string, lasting = false): Planting {
  const p = PROFILES.find(({ id }) => id === place);
  if (!p) throw new Error(`no ${place}`);
  const month = String(Math.min(12, Number(p.lastFrost.slice(0, 2)) + 1)).padStart(2, '0');
  const { highC, lowC, rainMm, name, lastFrost, firstFrost, coldestWinterC } = p;
  return pot({
    startDate: `2026-${month}-20`,
    spot: { ...pot().spot, lastFrost, firstFrost, coldestWinterC, climate: { name, highC, lowC, rainMm } },
    brief: { ...pot().brief, lasting },
  });
}

test.each<[string, string, boolean, string | null]>([
  ['hosta-gold', 'bayou-road', false, 'too warm'],
  ['hosta-gold', 'orchard-vale', false, null],
  ['box-ball', 'saltpan', true, 'too warm'],
  ['lavender', 'bayou-road', false, 'too warm'],
  ['canna-dwarf-red', 'bayou-road', false, null],
  ['lantana-sunset', 'saltpan', false, null],
  ['caladium-white', 'harbour-wick', false, 'never warm enough'],
  ['coleus-lime', 'harbour-wick', false, 'never warm enough'],
  ['sweet-potato-vine-lime', 'harbour-wick', false, 'never warm enough'],
  ['petunia-white', 'harbour-wick', false, null],
  ['coleus-lime', 'kelp-street', false, null],
  ['apple-dwarf', 'southern-quay', true, 'no winter'],
  ['apple-dwarf', 'orchard-vale', true, null],
  ['astilbe-pink', 'olive-terrace', true, 'too warm'],
  ['tulip-red', 'southern-quay', true, 'no winter'],
])('%s at %s, lasting %s: %s', (id, place, lasting, why) =>
  expect(warmthFault(plant(id), at(place, lasting))?.why ?? null).toBe(why),
);

test('grey wool rots in warm, wet months in the open, and not under a roof', () => {
  const wet = at('bayou-road');
  const grey: Plant = { ...plant('liquorice-plant-silver'), facts: { warmestNightC: null } };
  expect(warmthFault(grey, wet)?.why).toBe('too wet');
  expect(warmthFault(grey, { ...wet, spot: { ...wet.spot, rain: 'none' } })).toBeNull();
});

describe('why not this plant', () => {
  const told = (id: string, planting: Planting) => whyNot(plant(id), planting).map((w) => `${w.rule}: ${w.why}`);
  test('the nights a place has and those a plant wants are told', () => {
    expect(told('hosta-gold', at('bayou-road')).join()).toMatch(
      /warmth: It copes with nights up to 21°C; \d months here/,
    );
    expect(told('coleus-lime', at('harbour-wick')).join()).toMatch(
      /warmth: It needs nights of 13°C; the warmest here are 11/,
    );
    expect(told('apple-dwarf', at('southern-quay', true)).join()).toMatch(
      /It needs 9 weeks below 7°C to flower again; here there are 0/,
    );
  });
  test('a windy place refuses tall leaf that tears and stems that snap, and takes the low ones', () => {
    const windy = pot({ spot: { ...pot().spot, wind: 'windy' } });
    expect(told('canna-bronze-orange', windy).join()).toMatch(/wind: Wind tears its leaves/);
    expect(told('cleome-rose', windy).join()).toMatch(/wind: Wind snaps its stems/);
    expect(told('begonia-red', windy).join()).not.toMatch(/wind:/);
    expect(told('cordyline-wine', windy).join()).not.toMatch(/wind:/);
  });
  test('flowers that shut without sun want it in the afternoon', () => {
    const morning = pot({
      spot: { ...pot().spot, light: { kind: 'noted', hours: [6, 7, 8, 9, 10, 11], dappled: false } },
    });
    expect(told('gazania-orange', morning).join()).toMatch(/light: Its flowers open only in direct sun/);
    expect(told('gazania-orange', pot()).join()).not.toMatch(/open only/);
  });
  test('a pot must hold the mix a plant wants to itself', () => {
    const small = pot({
      container: { ...pot().container, shape: { kind: 'round', topMm: 240, baseMm: 180, depthMm: 220 } },
    });
    expect(told('apple-dwarf', small).join()).toMatch(/fit: It needs 20 L of mix; this container holds [\d.]+ L/);
    expect(told('petunia-white', small).join()).not.toMatch(/fit:/);
  });
});
