import { partnerName } from './partner-name';

test.each([
  ['Left-hand pot', 'Left-hand pot, partner'],
  ['Left-hand pot, partner', 'Left-hand pot, partner 2'],
  ['Left-hand pot, partner 9', 'Left-hand pot, partner 10'],
])('%s has %s', (name, partner) => expect(partnerName(name)).toBe(partner));

test('a long name is cut, not its ending', () => {
  expect(partnerName('x'.repeat(90))).toHaveLength(80);
  expect(partnerName('x'.repeat(90))).toMatch(/x, partner$/);
});
