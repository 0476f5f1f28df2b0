import { judgeScheme } from '../judge';
import { lch } from '../oklch';
import { darkBright } from './tone';

const seen = (hex: string, isFlower: boolean, area: number) => ({ colour: lch(hex), isFlower, area });
const BRIGHT = seen('#f6c82f', true, 0.6);
const missing = (dark: ReturnType<typeof seen>) =>
  judgeScheme(darkBright, [BRIGHT, dark], null).missing.map((m) => m.name);

describe('dark and bright', () => {
  test('a wine leaf is dark, and a flower that is nearly black', () => {
    expect(missing(seen('#5a1f33', false, 0.4))).toEqual([]);
    expect(missing(seen('#2a1020', true, 0.4))).toEqual([]);
  });
  test('a deep violet flower is a colour and no dark; nor is a green leaf', () => {
    expect(missing(seen('#5a2a86', true, 0.4))).toEqual(['something dark']);
    expect(missing(seen('#7a9a4f', false, 0.4))).toEqual(['something dark']);
  });
});
