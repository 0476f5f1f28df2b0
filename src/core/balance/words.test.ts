import type { CheckId } from './index';
import { say } from './finding';

/** Each sentence with ordinary facts, as a gardener reads it. */
test.each<[string, Record<string, string | number>, string]>([
  [
    'height.good',
    { plant: 'Canna', tallMm: 612, potMm: 380, form: 'pot' },
    'Canna stands 61 cm over a pot 38 cm deep.',
  ],
  [
    'height.low',
    { plant: 'Thyme', tallMm: 80, potMm: 600, form: 'pot' },
    'Too low: Thyme reaches only 8 cm over a pot 60 cm deep.',
  ],
  [
    'height.high',
    { plant: 'Canna', tallMm: 1200, potMm: 180, form: 'pot' },
    'Too tall: Canna reaches 120 cm over a pot 18 cm deep.',
  ],
  ['steps.good', { plant: 'Salvia', tallMm: 520, midMm: 260 }, 'Salvia stands clear of the rest, 52 cm to 26 cm.'],
  [
    'steps.low',
    { plant: 'Salvia', other: 'Cosmos', tallMm: 300, midMm: 280 },
    'Salvia hardly rises over Cosmos, 30 cm to 28 cm.',
  ],
  ['steps.high', { plant: 'Canna', tallMm: 1200, midMm: 200 }, 'Canna towers over the rest, 120 cm to 20 cm.'],
  [
    'steps.none',
    { school: 'Tall centre' },
    'No centrepiece: tall centre asks for one, and everything stops at one height.',
  ],
  ['centrepiece.good', { plant: 'Canna' }, 'Canna leads, and is seen.'],
  [
    'centrepiece.hidden',
    { plant: 'Salvia', other: 'Cosmos', share: 0.3 },
    'Cosmos hides Salvia: 30 % of its upper half is in view.',
  ],
  [
    'centrepiece.gone',
    { plant: 'Lily', weeks: 4, of: 22 },
    'Lily leads for 4 of 22 weeks, and then leaves a hole in the middle.',
  ],
  [
    'front.hides',
    { plant: 'Canna', other: 'Lantana', share: 0.6 },
    'Canna stands before Lantana and hides 60 % of it: set it behind.',
  ],
  ['front.good', {}, 'What stands behind shows over what stands before it.'],
  [
    'colour.pale',
    { pole: 'bright flower', has: 0.09, least: 0.15 },
    'Wants more bright flower: 9 % of all that is seen, 15 % makes it tell.',
  ],
  ['repeat.good', { kinds: 4 }, '4 kinds, and they come back.'],
  ['repeat.busy', { kinds: 9, singles: 8 }, 'A sample tray: 8 of 9 kinds are seen once. Plant two or three of fewer.'],
  ['echo.good', { plant: 'Hosta', other: 'Ivy' }, 'Ivy repeats a colour in the leaf of Hosta.'],
  ['echo.none', { plant: 'Hosta', other: '' }, 'Hardly anything repeats a colour in the leaf of Hosta.'],
  ['staples.good', { share: 0.9 }, '90 % of it is on any nursery’s benches.'],
  ['staples.rare', { plant: 'Sweet flag' }, 'Hard to find: Sweet flag and others have to be hunted for.'],
  [
    'thug.loose',
    { plant: 'Mint' },
    'Mint runs at the root: by August it is the whole pot. Sink it in a pot of its own.',
  ],
  ['texture.good', { strong: 'leaf size, leaf form' }, 'Well set against each other: leaf size, leaf form.'],
  [
    'texture.low',
    { plant: 'Petunia', other: 'Begonia' },
    'Too alike: Petunia and Begonia have much the same leaf and flower.',
  ],
  ['flower-form.good', { forms: 3 }, '3 forms of flower.'],
  [
    'flower-form.alike',
    { plant: 'Cosmos', other: 'Daisy', form: 'daisy' },
    'All one flower: Cosmos, Daisy and the rest are each a daisy. Set a spike or a froth among them.',
  ],
  ['contrast.good', {}, 'Something pale and something deep.'],
  [
    'contrast.same',
    { share: 0.9 },
    'One is seen and several were bought: 90 % of the flower is one shade. Add a pale or a deep one.',
  ],
  ['heat.good', {}, 'None of it minds the heat of this summer.'],
  [
    'heat.tires',
    { plant: 'Fuchsia', share: 0.3 },
    'Fuchsia flowers little in 30 % of the weeks: the afternoons are too hot for it.',
  ],
  [
    'heat.over',
    { plant: 'Viola' },
    'Viola is a plant for cool months: it is over when the heat comes. Plant it in autumn, or lift it in time.',
  ],
  ['plainness.good', { share: 0.2 }, '20 % of what you see is plain green leaf out of flower.'],
  [
    'plainness.high',
    { share: 0.8 },
    'Shapeless: 80 % of what you see is plain green, middling leaf whenever the flowers rest.',
  ],
  ['trail.good', { share: 0.5, wall: 0 }, 'Something falls over 50 % of the rim.'],
  ['trail.good', { share: 0.5, wall: 1 }, 'Something falls over 50 % of the front rim.'],
  ['trail.low', { share: 0.1 }, 'Bare rim: only 10 % has something over it.'],
  ['trail.high', { share: 0.9 }, 'The pot is hidden: 90 % of the rim is covered.'],
  ['drop.good', { trailMm: 210 }, 'Longest trail hangs 21 cm.'],
  [
    'drop.low',
    { plant: 'Thyme', trailMm: 60, potMm: 400, form: 'pot' },
    'Longest trail, Thyme, hangs only 6 cm down a 40 cm pot.',
  ],
  [
    'drop.heads',
    { plant: 'Vine', overMm: 300 },
    'Vine hangs into people’s faces: 30 cm too low over a path. Hang it higher, or plant something shorter.',
  ],
  ['drop.long', { plant: 'Vine', trailMm: 700, potMm: 200 }, 'Vine hangs 70 cm under a container 20 cm deep. Trim it.'],
  ['drop.ground', { plant: 'Vine', trailMm: 690 }, 'Vine reaches the ground by the end, 69 cm down. Trim it then.'],
  ['trail.patchy', { share: 0.4 }, 'All that hangs hangs together: 40 % of the rim is covered, and the rest is bare.'],
  ['sides.good', {}, 'Left and right stand about as high.'],
  ['sides.off', { side: 'left', lean: 0.25 }, 'Heavy on the left: it stands 25 % higher there.'],
  ['colour.good', { scheme: 'Warm', share: 0.06 }, 'Keeps to warm, 6 % accent.'],
  ['colour.stray', { plant: 'Lobelia', share: 0.3 }, '30 % of the colour is off the scheme, most of it Lobelia.'],
  [
    'colour.pole',
    { pole: 'white', has: 0.05, least: 0.12 },
    'Wants more white: 5 % of the colour, 12 % makes it tell.',
  ],
  ['clear.good', {}, 'What hangs before the pot stands clear of its colour.'],
  ['clear.low', { plant: 'Bacopa' }, 'Bacopa is lost against the pot: too close in colour.'],
  ['vigour.good', {}, 'They grow at about one pace: none eats another.'],
  [
    'vigour.eats',
    { plant: 'Viola', bully: 'Vine' },
    'Vine eats Viola beside it: by August there is little else. Choose a weaker cousin.',
  ],
  ['vigour.smothered', { plant: 'Viola', week: 9 }, 'Viola is smothered from week 9.'],
  ['cover.good', { share: 0.95, week: 9 }, 'Leaves cover 95 % of the soil by week 9.'],
  ['cover.low', { share: 0.5, week: 9 }, 'Gappy: 50 % of the soil is covered by week 9.'],
  ['cover.thin', { count: 4, few: 10 }, 'Thin: 4 plants where 10 at least are usual.'],
  ['spread.good', { widthMm: 300, rimMm: 400, plant: 'Vine' }, 'Vine is the widest, 30 cm on a 40 cm rim.'],
  [
    'spread.high',
    { widthMm: 900, rimMm: 400, plant: 'Vine' },
    'Vine grows 90 cm wide on a 40 cm rim and takes the rest with it.',
  ],
  ['fit.good', { count: 7 }, 'All 7 root balls fit.'],
  ['fit.tease', { plant: 'Canna', byMm: 12 }, 'Tight by 1.2 cm: tease the root ball of Canna narrower to get it in.'],
  ['fit.overlap', { plant: 'Canna', other: 'Viola', byMm: 30 }, 'Canna and Viola want the same soil: 3 cm too close.'],
  ['fit.outside', { plant: 'Canna', byMm: 30 }, 'Canna does not fit inside the pot there, by 3 cm.'],
  ['fit.deep', { plant: 'Canna', byMm: 40 }, 'The root ball of Canna is 4 cm too deep for this pot.'],
  ['light.good', { hours: 1 }, '1 hour of sun suits every plant.'],
  [
    'light.low',
    { plant: 'Petunia', low: 6, high: 12, least: 4, hours: 2 },
    'Petunia wants 6 to 12 hours of sun, 4 at least; this spot has 2.',
  ],
  ['light.high', { plant: 'Fern', high: 3, hours: 7 }, 'Fern wants no more than 3 hours of sun; this spot has 7.'],
  ['scorch.good', {}, 'No leaf here minds this much afternoon sun.'],
  [
    'scorch.high',
    { plant: 'Coleus', hours: 5, from: 13, limit: 2, summer: 'hot' },
    'Coleus scorches: 5 hours of sun after 13:00, and it takes 2 in a hot summer.',
  ],
  ['water.good', { usual: 1 }, 'One watering suits them all: before the top dries.'],
  [
    'water.dry',
    { plant: 'Agave', other: 'Lobelia' },
    'Agave must dry out between waterings, and Lobelia beside it must not. Water it apart, or give it a drier neighbour.',
  ],
  [
    'water.wet',
    { plant: 'Fuchsia', other: 'Echeveria' },
    'Fuchsia must stay moist, and Echeveria beside it must dry out between waterings.',
  ],
  [
    'mix.good',
    { plant: 'Heather' },
    'Heather wants ericaceous mix, and nothing here minds it. Water with rain where taps are hard.',
  ],
  [
    'mix.odds',
    { plant: 'Heather', other: 'Lavender' },
    'Heather wants an acid mix and Lavender cannot live in one. Give one of them a pot of its own.',
  ],
  ['worlds.good', { world: 'a woodland pot' }, 'They belong together: a woodland pot.'],
  ['worlds.stray', { plant: 'Basil', world: 'a winter pot' }, 'Basil is a stranger in a winter pot.'],
  ['season.good', { share: 0.5 }, '50 % of what you see is flower or coloured leaf, week after week.'],
  [
    'season.low',
    { share: 0.2, flower: 0.1 },
    'Little colour: in an ordinary week 20 % of what you see, 10 % of it flower.',
  ],
  [
    'season.gap',
    { plant: 'Lily', weeks: 4, of: 22 },
    'Finished early: Lily has 4 good weeks of 22, and nothing takes over.',
  ],
  ['season.brief', { plant: 'Lily', weeks: 4, of: 22 }, 'Too little of it carries on: Lily has 4 good weeks of 22.'],
  [
    'nights.good',
    { night: 11, fifth: 8.5 },
    'Nights of 11 °C, one in five near 9 °C, suit every plant when you set out.',
  ],
  [
    'nights.cold',
    { plant: 'Coleus', need: 11, best: 13, night: 6, fifth: 3.5 },
    'Coleus stands still in nights under 11 °C; expect 6 °C, and 4 °C one night in five. Plant it when nights reach 13 °C, or fleece it.',
  ],
  [
    'nights.frost',
    { plant: 'Coleus', lastFrost: '2026-05-04' },
    'Frost can still come on this date, and it kills Coleus. Plant out after 4 May.',
  ],
  ['safety.good', {}, 'Nothing here is known to harm those who are about.'],
  [
    'safety.care',
    { plant: 'Flax', who: 'cats' },
    'Whether Flax harms cats is not known: treat it as if it did, and keep it out of reach.',
  ],
  [
    'safety.irritant',
    { plant: 'Croton', who: 'children' },
    'Croton irritates the mouth or skin of children. Keep it out of reach.',
  ],
  [
    'safety.mild',
    { plant: 'Tulip', part: 'the bulb', who: 'children' },
    'Tulip (the bulb) upsets the stomach of children if eaten. Keep it out of reach.',
  ],
  [
    'safety.spines',
    { plant: 'Rose', who: 'cats and dogs' },
    'Rose has spines or hooked points: keep it from the faces and feet of cats and dogs.',
  ],
  [
    'safety.sap',
    { plant: 'Spurge', who: 'children' },
    'The sap of Spurge irritates skin and eyes: keep it from children, wear gloves.',
  ],
  [
    'safety.toxic',
    { plant: 'Tulip', part: 'the bulb', who: 'dogs' },
    'Tulip (the bulb) is poisonous to dogs. Choose another; if any is eaten, call a doctor, vet or poison line.',
  ],
  [
    'safety.deadly',
    { plant: 'Lily', part: 'every part, pollen too', who: 'cats' },
    'A little of Lily (every part, pollen too) can kill cats. Never here. If any is eaten, call a doctor, vet or poison line at once.',
  ],
  [
    'safety.edible',
    { plant: 'Lantana', other: 'Rosemary' },
    'Lantana is poisonous and Rosemary is there to be eaten. Never in one pot.',
  ],
  [
    'safety.bulb',
    { plant: 'Tulip', other: 'Chives' },
    'The bulb of Tulip looks like an onion and stands beside Chives: the classic mistake. Never in one pot.',
  ],
  [
    'safety.doubt',
    { plant: 'Croton', other: 'Basil', unknown: 0 },
    'Basil is there to be eaten, and Croton beside it irritates who eats it. Keep them apart.',
  ],
  [
    'safety.doubt',
    { plant: 'Lotus', other: 'Basil', unknown: 1 },
    'Basil is there to be eaten, and whether Lotus may be is not known. Keep them apart.',
  ],
  ['drainage.good', {}, 'It drains. Lay mesh over the holes, no crocks.'],
  ['drainage.none', {}, 'No holes: roots will drown. Drill the base before you plant.'],
  ['cost.good', { each: 31.9, budget: 45 }, '£31.90 of £45.00.'],
  ['cost.high', { each: 50, over: 5 }, '£50.00: £5.00 over the budget.'],
])('%s', (id, facts, sentence) => {
  const [check, says] = id.split('.') as [CheckId, string];
  expect(say(check, says, facts)).toBe(sentence);
});

test('lengths and cold are said in the units asked for', () => {
  expect(say('height', 'good', { plant: 'Canna', tallMm: 610, potMm: 381, form: 'pot' }, 'imperial')).toBe(
    'Canna stands 24 in over a pot 15 in deep.',
  );
  expect(say('nights', 'good', { night: -10, fifth: -12.5 }, 'imperial')).toBe(
    'Nights of 14 °F, one in five near 10 °F, suit every plant when you set out.',
  );
});
