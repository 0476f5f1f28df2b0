import { shoppingList } from '../materials/list';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot, sun, warmPot } from '../testing/pots';
import { assess } from './assess';
import type { CheckId } from '.';
import type { Severity } from './severity';

const withBrief = (p: Planting, change: Partial<Planting['brief']>): Planting => ({
  ...p,
  brief: { ...p.brief, ...change },
});
const of = (p: Planting, check: CheckId) => assess(p).findings.find((f) => f.check === check);
const two = (a: string, b: string, change: Partial<Planting> = {}): Planting =>
  pot({ placements: [placed('a', a, 'filler', -90, 0), placed('b', b, 'filler', 90, 0)], ...change });

describe('one check at a time', () => {
  test.each<[string, CheckId, Planting, Severity | 'absent']>([
    ['two that want the same water', 'water', two('petunia-white', 'calibrachoa-orange'), 'good'],
    ['dry beside moderate', 'water', two('dusty-miller', 'pelargonium-white'), 'good'],
    ['what dries out beside what stays moist', 'water', two('echeveria-dark', 'petunia-white'), 'watch'],
    ['neighbours in rhythm', 'water', two('calibrachoa-orange', 'petunia-white'), 'good'],
    ['a lime-hater beside a lime-lover', 'mix', two('heather-bud-pink', 'lavender'), 'watch'],
    ['a lime-hater beside what takes anything', 'mix', two('heather-bud-pink', 'ivy-green'), 'good'],
    ['plants of one world', 'worlds', two('petunia-white', 'coleus-lime'), 'good'],
    ['a kitchen herb among winter bedding', 'worlds', two('basil-green', 'heather-bud-pink'), 'watch'],
    [
      'one alone has nobody to be at odds with',
      'water',
      pot({ placements: [placed('a', 'petunia-white', 'filler', 0, 0)] }),
      'absent',
    ],
    ['nobody about', 'safety', two('lantana-sunset', 'spurge-airy-white'), 'absent'],
    [
      'dogs and a plant harmless to them',
      'safety',
      two('petunia-white', 'marigold-orange', { spot: sun([8, 9, 10, 11, 12, 13], { children: false, dogs: true }) }),
      'watch',
    ],
    [
      'dogs and two plants harmless to them',
      'safety',
      two('petunia-white', 'petunia-violet', { spot: sun([8, 9, 10, 11, 12, 13], { dogs: true }) }),
      'good',
    ],
    [
      'cats and ivy',
      'safety',
      two('ivy-green', 'petunia-violet', { spot: sun([8, 9, 10, 11], { cats: true }) }),
      'wrong',
    ],
    ['basil beside a plant that upsets a stomach', 'safety', two('basil-green', 'lobelia-blue'), 'wrong'],
    ['basil beside a plant that harms nobody', 'safety', two('basil-green', 'petunia-violet'), 'absent'],
    ['herbs together', 'safety', two('rosemary-upright', 'thyme-creeping'), 'absent'],
    ['two in their ideal light', 'light', two('petunia-white', 'salvia-blue'), 'good'],
    ['a shade plant in full sun', 'light', two('petunia-white', 'impatiens-coral'), 'wrong'],
    ['leaves that do not scorch', 'scorch', two('petunia-white', 'salvia-blue'), 'absent'],
    ['floss flower in three hours of afternoon', 'scorch', two('ageratum-blue', 'salvia-blue'), 'good'],
    [
      'floss flower in six, in a hot summer',
      'scorch',
      two('ageratum-blue', 'salvia-blue', { spot: sun([9, 12, 13, 14, 15, 16, 17], { summer: 'hot' }) }),
      'wrong',
    ],
    [
      'floss flower in five, in a warm summer',
      'scorch',
      two('ageratum-blue', 'salvia-blue', { spot: sun([9, 12, 13, 14, 15, 16, 17]) }),
      'watch',
    ],
    ['summer flowers all season', 'season', two('petunia-white', 'salvia-blue'), 'good'],
    [
      'leaves alone, asked for as leaves',
      'season',
      withBrief(two('coleus-lime', 'dusty-miller'), { scheme: 'all-leaf' }),
      'good',
    ],
    ['leaves alone, asked for as warm colour', 'season', two('coleus-lime', 'dusty-miller'), 'watch'],
    [
      'violas kept into a hot summer',
      'heat',
      two('viola-blue', 'lantana-sunset', { spot: sun([8, 9, 10, 11, 12], { summer: 'hot' }) }),
      'wrong',
    ],
    [
      'violas with petunias in a cool summer',
      'heat',
      two('viola-blue', 'petunia-white', { spot: sun([8, 9, 10, 11, 12], { summer: 'cool' }) }),
      'good',
    ],
    ['hardy plants in March', 'nights', two('heuchera-caramel', 'ivy-green', { startDate: '2026-03-10' }), 'good'],
    ['tender plants in November', 'nights', two('coleus-lime', 'petunia-white', { startDate: '2026-11-10' }), 'wrong'],
    ['two starts in a wide pot leave it bare', 'cover', two('echeveria-grey-pink', 'echeveria-grey-pink'), 'watch'],
    ['a good handful covers it', 'cover', warmPot(), 'good'],
    [
      'far too wide for its pot',
      'spread',
      two('sweet-potato-vine-lime', 'sweet-potato-vine-lime', { container: roundPot(220, 160, 200) }),
      'watch',
    ],
    [
      'a basket over a path, too low for heads',
      'drop',
      pot({
        container: {
          ...roundPot(400, 290, 200),
          shape: { kind: 'basket', topMm: 400, depthMm: 200 },
          mount: 'hook',
          rimHeightMm: 1900,
        },
        spot: sun([9, 10, 11, 12, 13, 14], { walkway: true }),
        placements: [placed('a', 'sweet-potato-vine-lime', 'spiller', 0, 120)],
      }),
      'watch',
    ],
    [
      'trailers that reach the ground are told, and no fault',
      'drop',
      pot({
        container: roundPot(400, 290, 250),
        placements: [placed('a', 'sweet-potato-vine-lime', 'spiller', 0, 120)],
      }),
      'good',
    ],
    ['nothing that trails has no drop', 'drop', two('pelargonium-white', 'salvia-blue'), 'absent'],
    [
      'a thriller that hardly rises',
      'steps',
      pot({
        placements: [
          placed('t', 'gaura-white', 'thriller', 0, 0),
          placed('a', 'coleus-lime', 'filler', 110, 0),
          placed('b', 'pelargonium-white', 'filler', -110, 0),
        ],
      }),
      'watch',
    ],
    ['a star that was asked for and is not there', 'steps', two('petunia-white', 'petunia-violet'), 'watch'],
    [
      'one plant has no neighbours to contrast',
      'texture',
      pot({ placements: [placed('a', 'petunia-white', 'filler', 0, 0)] }),
      'absent',
    ],
    ['a clump of one kind is never too alike', 'texture', two('petunia-white', 'petunia-white'), 'absent'],
    ['two colours of one petunia are much alike', 'texture', two('petunia-white', 'petunia-yellow'), 'watch'],
    ['mint loose in a pot', 'thug', two('mint-variegated', 'parsley'), 'watch'],
    ['the strongest beside a weak one', 'vigour', two('sweet-potato-vine-lime', 'lobelia-edging-blue'), 'watch'],
    ['of two kinds two contrasts are enough', 'texture', two('petunia-small-violet', 'dichondra-silver'), 'good'],
    ['strap beside heart', 'texture', two('cordyline-wine', 'ageratum-blue'), 'good'],
    ['warm asked and warm given', 'colour', two('marigold-orange', 'lantana-sunset'), 'good'],
    ['warm asked and blue given', 'colour', two('salvia-blue', 'ageratum-blue'), 'watch'],
    [
      'one hue and white, with white',
      'colour',
      withBrief(two('petunia-violet', 'petunia-white'), { scheme: 'one-hue-white' }),
      'good',
    ],
    [
      'one hue and white, without',
      'colour',
      withBrief(two('petunia-violet', 'verbena-trailing-violet'), { scheme: 'one-hue-white' }),
      'watch',
    ],
    [
      'dark and bright, both there',
      'colour',
      withBrief(two('heuchera-plum', 'marigold-orange'), { scheme: 'dark-bright' }),
      'good',
    ],
    [
      'dark and bright, nothing dark',
      'colour',
      withBrief(two('bidens-yellow', 'marigold-orange'), { scheme: 'dark-bright' }),
      'watch',
    ],
    [
      'white flowers on a white wall',
      'against',
      two('petunia-white', 'bacopa-white', {
        spot: sun([9, 10, 11, 12, 13, 14], { seen: 'wall', backdrop: '#f6f5ef' }),
      }),
      'watch',
    ],
    [
      'white flowers on a brick wall',
      'against',
      two('petunia-white', 'bacopa-white', {
        spot: sun([9, 10, 11, 12, 13, 14], { seen: 'wall', backdrop: '#8a4a38' }),
      }),
      'good',
    ],
    [
      'white flowers on brick, before a white climber in bloom',
      'against',
      two('petunia-white', 'bacopa-white', {
        spot: sun([9, 10, 11, 12, 13, 14], {
          seen: 'wall',
          backdrop: '#8a4a38',
          backdropBloom: { colour: '#f6f5ef', months: [6, 7, 8, 9] },
        }),
      }),
      'watch',
    ],
    ['seen all round there is no backdrop', 'against', two('petunia-white', 'bacopa-white'), 'absent'],
    [
      'a plant that upsets a stomach where people pick and eat',
      'safety',
      two('lobelia-blue', 'petunia-white', { spot: sun([8, 9, 10, 11, 12], { eaten: true }) }),
      'wrong',
    ],
    [
      'harmless plants where people pick and eat',
      'safety',
      two('petunia-violet', 'petunia-white', { spot: sun([8, 9, 10, 11, 12], { eaten: true }) }),
      'good',
    ],
    [
      'a box on a sill is not asked whether it stands',
      'steady',
      two('petunia-white', 'petunia-violet', { container: { ...roundPot(400, 290, 360), mount: 'sill' } }),
      'absent',
    ],
    [
      'tall in a narrow light pot at a windy corner',
      'steady',
      pot({
        container: roundPot(260, 180, 300, { material: 'plastic' }),
        spot: sun([9, 10, 11, 12, 13, 14], { wind: 'windy' }),
        placements: [placed('t', 'canna-bronze-orange', 'thriller', 0, 0, 'l1')],
      }),
      'wrong',
    ],
    [
      'low in a heavy bowl',
      'steady',
      pot({
        container: roundPot(500, 420, 260, { material: 'concrete' }),
        placements: [placed('a', 'petunia-white', 'filler', 0, 0)],
      }),
      'good',
    ],
    ['within budget', 'cost', withBrief(warmPot(), { budget: 60 }), 'good'],
    ['no budget', 'cost', withBrief(warmPot(), { budget: null }), 'absent'],
  ])('%s: %s', (_, check, planting, severity) => expect(of(planting, check)?.severity ?? 'absent').toBe(severity));
});

test('the cost is that of one container of a set', () => {
  const each = (count: number) =>
    of(withBrief({ ...warmPot(), container: roundPot(400, 290, 360, { count }) }, { budget: 60 }), 'cost')?.measured;
  const list = shoppingList(warmPot(), 1);
  expect(each(1)).toBeCloseTo(list.total, 9);
  expect(each(6)).toBe(each(1));
});

test('colour is counted to the first frost and no further', () => {
  const long = of(two('petunia-white', 'salvia-blue'), 'season');
  expect(long).toMatchObject({ severity: 'good' });
  expect(long?.measured).toBeGreaterThan(0.3);
  expect(of(two('lily-orange', 'candytuft'), 'season')).toMatchObject({ severity: 'watch' });
});

test('a fault costs the score: the same pot without holes, out of light, or over budget is worth less', () => {
  const whole = assess(warmPot()).score;
  expect(assess({ ...warmPot(), container: roundPot(400, 290, 360, { drains: false }) }).score).toBeLessThan(
    whole - 20,
  );
  expect(assess({ ...warmPot(), spot: sun([8]) }).score).toBeLessThan(whole - 20);
  expect(assess(withBrief(warmPot(), { budget: 10 })).score).toBeLessThan(whole - 10);
});
