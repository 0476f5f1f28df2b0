import { pot, roundPot } from '../testing/pots';
import { startFor } from './start-for';

const wide = pot({ container: roundPot(400, 290, 360) });
const small = pot({ container: roundPot(220, 170, 200) });

test('what leads is never a cell of a pack while it is sold singly, however little there is to spend', () => {
  for (const cheap of [false, true]) expect(startFor('thriller', ['pack6', 'p9'], wide, cheap)).toBe('p9');
  expect(startFor('filler', ['pack6', 'p9'], wide, true)).toBe('pack6');
});
test('sold in nothing else it is, and in a small container where a ball leaves no room', () => {
  expect(startFor('thriller', ['pack6'], wide, true)).toBe('pack6');
  expect(startFor('thriller', ['pack6', 'p9'], small, true)).toBe('pack6');
  expect(startFor('thriller', ['pack6', 'p9'], small, false)).toBe('p9');
});
test('what goes in nowhere has no size', () => {
  expect(startFor('thriller', ['l3'], pot({ container: roundPot(140, 110, 120) }), false)).toBeNull();
});
