import { LIBRARY } from '.';
import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { signature } from './signature';

test.each([
  ['heuchera-silver', 'silver'],
  ['brunnera', 'silver'],
  ['lamium-white', 'silver'],
  ['fern-painted', 'silver'],
  ['dianthus-pink', 'pink'],
  ['dianthus-white', 'white'],
  ['lavender-white', 'white'],
  ['arctotis-orange', 'orange'],
  ['pelargonium-scarlet', 'red'],
  ['fennel-bronze', 'bronze'],
  ['eucomis', 'wine'],
  ['fern-sword', 'green'],
])('%s is remembered as %s', (id, name) => {
  const plant = LIBRARY.find((p) => p.id === id);
  expect(plant && family(lch(signature(plant)))).toBe(name);
});
