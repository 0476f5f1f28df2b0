import { family } from './family';
import { lch } from './oklch';
import { hexOfWord } from './words';

test.each([
  ['#C8146C', '#c8146c'],
  ['rose pink', '#d9597f'],
  ['Deep Rose Pink', '#d9597f'],
  ['salmon', '#fa8072'],
  ['pale pink', '#f2b9cc'],
  ['red/white', '#f7f6f0'],
])('%s is %s', (word, hex) => expect(hexOfWord(word)).toBe(hex));
test.each(['', 'blurple', '#12345', 'tall'])('“%s” is no colour', (word) => expect(hexOfWord(word)).toBeNull());

test.each([
  ['white', 'white'],
  ['yellow', 'yellow'],
  ['orange', 'orange'],
  ['scarlet', 'red'],
  ['pink', 'pink'],
  ['wine', 'wine'],
  ['violet', 'violet'],
  ['blue', 'blue'],
  ['lime', 'lime'],
  ['green', 'green'],
  ['bronze', 'bronze'],
  ['silver', 'silver'],
  ['black', 'black'],
] as const)('the word %s means a colour of the family %s', (word, name) =>
  expect(family(lch(hexOfWord(word) ?? ''))).toBe(name),
);
