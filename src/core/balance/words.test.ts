import type { CheckId } from './index';
import { say } from './finding';

/** Each sentence with ordinary facts, as a gardener reads it. */
test.each<[string, Record<string, string | number>, string]>([
  [
    'height.good',
    { plant: 'Canna', tallMm: 612, potMm: 380, form: 'pot' },
    'Canna stands 61 cm above a pot 38 cm deep.',
  ],
  [
    'height.low',
    { plant: 'Thyme', tallMm: 80, potMm: 600, form: 'pot' },
    'Too low: Thyme reaches only 8 cm above a pot 60 cm deep.',
  ],
  [
    'height.high',
    { plant: 'Canna', tallMm: 1200, potMm: 180, form: 'pot' },
    'Too tall: Canna reaches 120 cm above a pot 18 cm deep.',
  ],
  [
    'steps.good',
    { plant: 'Salvia', tallMm: 520, midMm: 260 },
    'Salvia rises well above the rest: 52 cm against 26 cm.',
  ],
  [
    'steps.low',
    { plant: 'Salvia', other: 'Cosmos', tallMm: 300, midMm: 280 },
    'Salvia is barely taller than Cosmos: 30 cm against 28 cm.',
  ],
  ['steps.high', { plant: 'Canna', tallMm: 1200, midMm: 200 }, 'Canna towers over the rest: 120 cm against 20 cm.'],
  [
    'steps.none',
    { school: 'Tall centre' },
    'No centrepiece: tall centre needs one, but everything is the same height.',
  ],
  ['centrepiece.good', { plant: 'Canna' }, 'Canna is a clear centrepiece.'],
  [
    'centrepiece.hidden',
    { plant: 'Salvia', other: 'Cosmos', share: 0.3 },
    'Cosmos hides Salvia: only 30% of its upper half shows.',
  ],
  [
    'centrepiece.gone',
    { plant: 'Lily', weeks: 4, of: 22 },
    'Lily looks good for 4 of 22 weeks, then leaves a gap in the middle.',
  ],
  [
    'front.hides',
    { plant: 'Canna', other: 'Lantana', share: 0.6 },
    'Canna is in front of Lantana and hides 60% of it. Move it behind.',
  ],
  ['front.good', {}, 'The plants at the back show above those in front.'],
  [
    'colour.pale',
    { pole: 'bright flower', has: 0.09, least: 0.15 },
    'Needs more bright flower: 9% of what you see; aim for 15%.',
  ],
  ['repeat.good', { kinds: 4 }, '4 kinds, well repeated.'],
  [
    'repeat.busy',
    { kinds: 9, singles: 8 },
    'Bitty: 8 of 9 kinds appear only once. Use fewer kinds, two or three of each.',
  ],
  ['echo.good', { plant: 'Hosta', other: 'Ivy' }, 'Ivy repeats a colour from the leaves of Hosta.'],
  ['echo.none', { plant: 'Hosta', other: '' }, 'Few other plants repeat a colour from the leaves of Hosta.'],
  ['staples.good', { share: 0.9 }, 'Any nursery sells 90% of these plants.'],
  ['staples.rare', { plant: 'Sweet flag' }, 'Hard to find: Sweet flag and others may take some searching for.'],
  [
    'thug.loose',
    { plant: 'Mint' },
    'Mint spreads by its roots and fills the container by August. Sink it in its own pot.',
  ],
  ['texture.good', { strong: 'leaf size, leaf form' }, 'Good contrast in leaf size, leaf form.'],
  [
    'texture.low',
    { plant: 'Petunia', other: 'Begonia' },
    'Too alike: Petunia and Begonia have much the same leaf and flower.',
  ],
  ['flower-form.good', { forms: 3 }, '3 forms of flower.'],
  [
    'flower-form.alike',
    { plant: 'Cosmos', other: 'Daisy', form: 'daisy' },
    'All the same flower shape: Cosmos, Daisy and the rest are daisy. Add spikes or tiny, airy flowers.',
  ],
  ['contrast.good', {}, 'A good range of pale and dark.'],
  [
    'contrast.same',
    { share: 0.9 },
    'Flat: 90% of the flowers are one shade, so several plants look like one. Add a paler or darker one.',
  ],
  ['heat.good', {}, 'Every plant copes with summer heat here.'],
  [
    'heat.tires',
    { plant: 'Fuchsia', share: 0.3 },
    'Fuchsia flowers little in 30% of the weeks: the afternoons are too hot for it.',
  ],
  [
    'heat.over',
    { plant: 'Viola' },
    'Viola is a cool-season plant: it finishes when hot weather arrives. Plant it in autumn, or replace it by then.',
  ],
  ['plainness.good', { share: 0.2 }, '20% of what you see is plain green foliage.'],
  ['plainness.high', { share: 0.8 }, 'Too plain: between flushes, 80% of what you see is ordinary green leaf.'],
  ['trail.good', { share: 0.5, wall: 0 }, 'Trailing plants cover 50% of the rim.'],
  ['trail.good', { share: 0.5, wall: 1 }, 'Trailing plants cover 50% of the front rim.'],
  ['trail.low', { share: 0.1 }, 'Bare rim: only 10% is covered.'],
  ['trail.high', { share: 0.9 }, 'The pot is hidden: 90% of the rim is covered.'],
  ['drop.good', { trailMm: 210 }, 'The longest trail is 21 cm.'],
  [
    'drop.low',
    { plant: 'Thyme', trailMm: 60, potMm: 400, form: 'pot' },
    'The longest trail, Thyme, reaches only 6 cm down a container 40 cm deep.',
  ],
  [
    'drop.heads',
    { plant: 'Vine', overMm: 300 },
    'Vine trails 30 cm too low over a path, at face height. Hang the container higher or choose a shorter plant.',
  ],
  [
    'drop.long',
    { plant: 'Vine', trailMm: 700, potMm: 200 },
    'Vine trails 70 cm below a container 20 cm deep. Trim it.',
  ],
  [
    'drop.ground',
    { plant: 'Vine', trailMm: 690 },
    'Vine reaches the ground by the end of the season, a 69 cm trail. Trim it then.',
  ],
  ['trail.patchy', { share: 0.4 }, 'The trailing plants are bunched: 40% of the rim is covered and the rest is bare.'],
  ['sides.good', {}, 'Left and right are about the same height.'],
  ['sides.off', { side: 'left', lean: 0.25 }, 'Lopsided: the left is 25% taller.'],
  ['colour.good', { scheme: 'Warm', share: 0.06 }, 'Keeps to warm, 6% accent.'],
  ['colour.stray', { plant: 'Lobelia', share: 0.3 }, '30% of the colour is outside the scheme, mostly Lobelia.'],
  ['colour.pole', { pole: 'white', has: 0.05, least: 0.12 }, 'Needs more white: 5% of the colour; aim for 12%.'],
  ['clear.good', {}, 'The trailing colours show up against the container.'],
  ['clear.low', { plant: 'Bacopa' }, 'Bacopa disappears against the container: the colours are too similar.'],
  ['vigour.good', {}, 'They grow at a similar pace.'],
  [
    'vigour.eats',
    { plant: 'Viola', bully: 'Vine' },
    'Vine will smother Viola: by August little else is left. Choose a less vigorous relative.',
  ],
  ['vigour.smothered', { plant: 'Viola', week: 9 }, 'Viola is smothered from week 9.'],
  ['cover.good', { share: 0.95, week: 9 }, 'Leaves cover 95% of the soil by week 9.'],
  ['cover.low', { share: 0.5, week: 9 }, 'Gappy: only 50% of the soil is covered by week 9.'],
  ['cover.thin', { count: 4, few: 10 }, 'Sparse: 4 plants; at least 10 is usual.'],
  ['spread.good', { widthMm: 300, rimMm: 400, plant: 'Vine' }, 'Vine is the widest, 30 cm on a 40 cm rim.'],
  [
    'spread.high',
    { widthMm: 900, rimMm: 400, plant: 'Vine' },
    'Vine grows 90 cm wide on a 40 cm rim and swamps the rest.',
  ],
  ['fit.good', { count: 7 }, 'All 7 root balls fit.'],
  ['fit.tease', { plant: 'Canna', byMm: 12 }, '1.2 cm too tight: gently squeeze the root ball of Canna to get it in.'],
  ['fit.overlap', { plant: 'Canna', other: 'Viola', byMm: 30 }, 'The root balls of Canna and Viola overlap by 3 cm.'],
  ['fit.outside', { plant: 'Canna', byMm: 30 }, 'Canna is 3 cm too wide for that position.'],
  ['fit.deep', { plant: 'Canna', byMm: 40 }, 'The root ball of Canna is 4 cm too deep for this container.'],
  ['light.good', { hours: 1 }, '1 hour of sun suits every plant.'],
  [
    'light.low',
    { plant: 'Petunia', low: 6, high: 12, least: 4, hours: 2 },
    'Petunia does best in 6 to 12 hours of sun and needs at least 4; this spot gets 2.',
  ],
  ['light.high', { plant: 'Fern', high: 3, hours: 7 }, 'Fern needs at most 3 hours of sun; this spot gets 7.'],
  ['scorch.good', {}, 'No leaves will scorch in this much afternoon sun.'],
  [
    'scorch.high',
    { plant: 'Coleus', hours: 5, from: 13, limit: 2, summer: 'hot' },
    'Coleus will scorch: it gets 5 hours of sun after 13:00 and copes with 2 in a hot summer.',
  ],
  ['water.good', { usual: 1 }, 'They all need the same watering: before the top dries.'],
  [
    'water.dry',
    { plant: 'Agave', other: 'Lobelia' },
    'Agave must dry out between waterings and Lobelia must not. Plant it in its own container, or with plants that like it dry.',
  ],
  [
    'water.wet',
    { plant: 'Fuchsia', other: 'Echeveria' },
    'Fuchsia must stay moist and Echeveria must dry out between waterings.',
  ],
  [
    'mix.good',
    { plant: 'Heather' },
    'Heather needs ericaceous (acid) mix, and the other plants will grow in it too. In hard-water areas, use rainwater.',
  ],
  [
    'mix.odds',
    { plant: 'Heather', other: 'Lavender' },
    'Heather needs an acid mix and Lavender cannot grow in one. Plant one of them in its own container.',
  ],
  ['worlds.good', { world: 'a woodland pot' }, 'They belong together: a woodland pot.'],
  ['worlds.stray', { plant: 'Basil', world: 'a winter planting' }, 'Basil looks out of place in a winter planting.'],
  ['season.good', { share: 0.5 }, 'In a typical week, 50% of what you see is flowers or coloured foliage.'],
  [
    'season.low',
    { share: 0.2, flower: 0.1 },
    'Little colour: in a typical week 20% of what you see, 10% of it flowers.',
  ],
  [
    'season.gap',
    { plant: 'Lily', weeks: 4, of: 22 },
    'Over too soon: Lily looks good for 4 of 22 weeks and nothing follows it.',
  ],
  [
    'season.brief',
    { plant: 'Lily', weeks: 4, of: 22 },
    'Too little lasts the season: Lily looks good for 4 of 22 weeks.',
  ],
  [
    'nights.good',
    { night: 11, fifth: 8.5 },
    'Nights of 11°C at planting time, one in five near 9°C, suit every plant.',
  ],
  [
    'nights.cold',
    { plant: 'Coleus', need: 11, best: 13, night: 6, fifth: 3.5 },
    'Coleus needs nights above 11°C; expect 6°C, and 4°C one night in five. Plant it once nights reach 13°C, or cover it with fleece.',
  ],
  [
    'nights.frost',
    { plant: 'Coleus', lastFrost: '2026-05-04' },
    'Frost is still possible on this date and kills Coleus. Plant it after 4 May.',
  ],
  ['safety.good', {}, 'Nothing here is known to harm anyone you said can reach it.'],
  [
    'safety.care',
    { plant: 'Flax', who: 'cats' },
    'Nobody has recorded whether Flax harms cats. Treat it as harmful and keep it out of reach.',
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
    'Rose has spines or thorns. Keep it away from the faces and feet of cats and dogs.',
  ],
  [
    'safety.sap',
    { plant: 'Spurge', who: 'children' },
    'The sap of Spurge irritates skin and eyes. Keep it away from children, and wear gloves.',
  ],
  [
    'safety.toxic',
    { plant: 'Tulip', part: 'the bulb', who: 'dogs' },
    'Tulip (the bulb) is poisonous to dogs. Choose another plant. If any is eaten, call a doctor, vet or poisons helpline.',
  ],
  [
    'safety.deadly',
    { plant: 'Lily', part: 'every part, pollen too', who: 'cats' },
    'A small amount of Lily (every part, pollen too) can kill cats. Do not plant it here. If any is eaten, call a doctor, vet or poisons helpline at once.',
  ],
  [
    'safety.edible',
    { plant: 'Lantana', other: 'Rosemary' },
    'Lantana is poisonous and Rosemary is a food crop. Never plant them together.',
  ],
  [
    'safety.bulb',
    { plant: 'Tulip', other: 'Chives' },
    'The bulbs of Tulip look like onions and are next to Chives, so someone could eat one by mistake. Never plant them together.',
  ],
  [
    'safety.doubt',
    { plant: 'Croton', other: 'Basil', unknown: 0 },
    'Basil is a food crop, and Croton next to it irritates the mouth if eaten. Keep them apart.',
  ],
  [
    'safety.doubt',
    { plant: 'Lotus', other: 'Basil', unknown: 1 },
    'Basil is a food crop, and Lotus is not known to be safe to eat. Keep them apart.',
  ],
  ['drainage.good', {}, 'Good drainage. Cover the holes with mesh, not crocks.'],
  ['drainage.none', {}, 'No drainage holes: roots will rot. Drill the base before you plant.'],
  ['cost.good', { each: 31.9, budget: 45 }, '£31.90 of £45.00.'],
  ['cost.high', { each: 50, over: 5 }, '£50.00, which is £5.00 over budget.'],
])('%s', (id, facts, sentence) => {
  const [check, says] = id.split('.') as [CheckId, string];
  expect(say(check, says, facts)).toBe(sentence);
});

test('lengths and cold are said in the units asked for', () => {
  expect(say('height', 'good', { plant: 'Canna', tallMm: 610, potMm: 381, form: 'pot' }, 'imperial')).toBe(
    'Canna stands 24 in above a pot 15 in deep.',
  );
  expect(say('nights', 'good', { night: -10, fifth: -12.5 }, 'imperial')).toBe(
    'Nights of 14°F at planting time, one in five near 10°F, suit every plant.',
  );
});
