import { LIBRARY } from '.';
import { flowerWords } from './flower-words';

test.each([
  ['hyacinth-blue', 'spike 11 cm long'],
  ['muscari-white', 'spike 4.5 cm long'],
  ['lavender', 'spike of flowers 0.9 cm across'],
  ['astilbe-pink', 'plume 15 cm long'],
  ['petunia-white', /^trumpet, \d+(\.\d)? cm across$/],
  ['coleus-lime', ''],
])('%s: its size is of %s', (id, says) => {
  const words = LIBRARY.filter((p) => p.id === id).map((p) => flowerWords(p, 'metric'))[0];
  if (says instanceof RegExp) expect(words).toMatch(says);
  else expect(words).toBe(says);
});
