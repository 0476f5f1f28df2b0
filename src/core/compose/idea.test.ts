import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { ideaOf } from './idea';

const named = (id: string): Plant => {
  const found = LIBRARY.find((p) => p.id === id);
  if (!found) throw new Error(id);
  return found;
};

test.each([
  [['salvia-blue', 'marigold-orange'], /orange/],
  [['salvia-violet', 'impatiens-rose'], /violet.*pink/],
  [['petunia-white', 'petunia-black'], /white.*wine|wine.*white/],
  [['calibrachoa-orange', 'lantana-sunset', 'marigold-orange'], /orange/],
  [['kale-black', 'basil-purple'], /leaves to pick, in /],
  [['kale-black', 'strawberry'], /fruit and leaves to pick, in /],
  [['kale-black', 'petunia-white'], /white.*(dark foliage|near black|black)|(dark foliage|black).*white/],
  [['lavender', 'liquorice-plant-silver', 'dichondra-silver'], /silver/],
])('%p is told by its colours: %s', (ids, says) => {
  const kinds = ids.map(named);
  expect(ideaOf(kinds, kinds[0])).toMatch(says);
});

test('a flower that repeats the edge of the leading leaf is what the pot is about', () => {
  const edged: Plant = {
    ...named('cordyline-wine'),
    colours: [
      { part: 'leaf', hex: '#5e1a2b', share: 0.7 },
      { part: 'edge', hex: '#f28a22', share: 0.3 },
    ],
  };
  expect(ideaOf([edged, named('calibrachoa-orange')], edged)).toBe(
    'the calibrachoas repeat the colour of its leaf edge',
  );
});
