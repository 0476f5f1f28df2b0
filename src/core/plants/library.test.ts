import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { LIBRARY } from '.';
import { PlantSchema, plantName, type Plant } from './schema';

/** What is implausible in a record, in words. Empty for a good one. */
function faults(p: Plant): string[] {
  const out: string[] = [];
  const share = (parts: string[]) => p.colours.filter((c) => parts.includes(c.part)).reduce((s, c) => s + c.share, 0);
  const near = (x: number) => Math.abs(x - 1) < 0.001;
  if (!near(share(['leaf', 'edge', 'vein', 'stem']))) out.push('leaf colours do not add to 1');
  if (p.flower.form !== 'none' && !near(share(['flower', 'throat']))) out.push('flower colours do not add to 1');
  if (p.flower.form === 'none' && (p.flower.show > 0 || p.bloom.some((b) => b > 0.3))) out.push('blooms without a flower');
  if (p.flower.form !== 'none' && p.bloom.every((b) => b === 0)) out.push('a flower that never blooms');
  if ((p.habit === 'trail' || p.habit === 'cascade') && p.trailMm[1] < 80) out.push('a trailer without trail');
  if (p.roles.includes('spiller') && p.trailMm[1] < 80) out.push('a spiller that does not hang');
  if (p.roles.includes('thriller') && p.heightMm[1] < 300) out.push('a thriller under 30 cm');
  if (p.season === 'warm' && p.bloom.slice(0, 2).some((b) => b > 0.2)) out.push('a warm-season plant in winter bloom');
  if (p.edible !== 'no' && ['toxic', 'mild'].includes(p.poison.people)) out.push('edible and poisonous to people');
  if (p.coldestWinterC > p.coldestNightC + 0.1) out.push('lives through less cold in winter than on a growing night');
  if (p.heightMm[1] / Math.max(1, p.heightMm[0]) > 3) out.push('a height range too wide to mean anything');
  if (/^white/.test(p.variety) && !/edge/.test(p.variety) && p.flower.form !== 'none' && family(lch((p.colours.find((c) => c.part === 'flower') ?? { hex: '#000000' }).hex)) !== 'white') out.push('called white and is not');
  return out;
}

test('every record is complete', () => {
  for (const p of LIBRARY) expect([p.id, PlantSchema.safeParse(p).error?.issues ?? []]).toEqual([p.id, []]);
});

test('every record is plausible', () => {
  expect(LIBRARY.map((p) => [p.id, faults(p)]).filter(([, f]) => f?.length)).toEqual([]);
});

test('ids and names are each used once', () => {
  expect(new Set(LIBRARY.map((p) => p.id)).size).toBe(LIBRARY.length);
  expect(new Set(LIBRARY.map((p) => plantName(p) + p.botanical)).size).toBe(LIBRARY.length);
});

test('there are enough to choose from, in sun and shade, dry and thirsty', () => {
  const count = (f: (p: Plant) => boolean) => LIBRARY.filter(f).length;
  expect(LIBRARY.length).toBeGreaterThanOrEqual(60);
  expect(count((p) => p.roles.includes('thriller'))).toBeGreaterThanOrEqual(12);
  expect(count((p) => p.roles.includes('filler'))).toBeGreaterThanOrEqual(20);
  expect(count((p) => p.roles.includes('spiller'))).toBeGreaterThanOrEqual(15);
  for (const role of ['thriller', 'filler', 'spiller'] as const) {
    expect(count((p) => p.roles.includes(role) && p.sunHours[0] <= 1.5)).toBeGreaterThanOrEqual(4);
    expect(count((p) => p.roles.includes(role) && p.water === 'dry')).toBeGreaterThanOrEqual(3);
  }
  expect(count((p) => p.water === 'thirsty')).toBeGreaterThanOrEqual(10);
});

describe('the test catches what is wrong', () => {
  const good = LIBRARY.find((p) => p.id === 'lobelia-white') as Plant;
  test.each<[string, Partial<Plant>]>([
    ['a trailer without trail', { trailMm: [0, 10] }],
    ['a warm-season plant in winter bloom', { season: 'warm', bloom: [1, 1, 0, 0, 0, 1, 1, 1, 0, 0, 0, 0] }],
    ['called white and is not', { colours: good.colours.map((c) => (c.part === 'flower' ? { ...c, hex: '#2040ff' } : c)) }],
    ['flower colours do not add to 1', { colours: good.colours.filter((c) => c.part !== 'throat') }],
    ['edible and poisonous to people', { edible: 'leaf' }],
    ['a thriller under 30 cm', { roles: ['thriller'] }],
    ['a flower that never blooms', { bloom: new Array<number>(12).fill(0) }],
    ['lives through less cold in winter than on a growing night', { coldestWinterC: 10 }],
  ])('%s', (fault, change) => expect(faults({ ...good, ...change })).toContain(fault));
});

test('poison is recorded without gaps: no plant whose sap irritates is called harmless to all', () => {
  const spurge = LIBRARY.find((p) => p.id === 'spurge-airy-white');
  expect(spurge?.irritantSap).toBe('yes');
  expect(spurge?.poison.people).toBe('toxic');
  for (const id of ['ivy-variegated', 'colocasia-black', 'caladium-white', 'lantana-sunset', 'string-of-pearls']) {
    const p = LIBRARY.find((q) => q.id === id);
    expect([id, p?.poison.cats, p?.poison.dogs]).toEqual([id, 'toxic', 'toxic']);
  }
});
