import { pot } from '../testing/pots';
import { SMALL_LIBRARY } from '../testing/small';
import { compose, composePart, isThin, joinedParts } from './compose';
import { PARTS, THEME_IDS } from './themes';

const base = pot({ placements: [] });
const options = { library: SMALL_LIBRARY, seed: 3 };
const parts = PARTS.map((themes) => composePart(base, themes, false, options));

test('every theme is in one part', () => expect(PARTS.flat().sort()).toEqual([...THEME_IDS].sort()));

test('searched apart and joined, the same comes out as in one go', () => {
  const apart = joinedParts(
    base,
    isThin(parts) ? [...parts, ...PARTS.map((t) => composePart(base, t, true, options))] : parts,
  );
  const whole = compose(base, options);
  expect(apart.proposals.map((p) => p.planting.placements)).toEqual(whole.proposals.map((p) => p.planting.placements));
  expect(apart.refused).toEqual(whole.refused);
});

test('what a part found goes over the wire between workers as it is', () =>
  expect(structuredClone(parts)).toEqual(parts));

test('a part with nothing in it says why, and is thin', () => {
  const none = PARTS.map((themes) => composePart(base, themes, false, { library: [], seed: 1 }));
  expect(isThin(none)).toBe(true);
  expect(joinedParts(base, none)).toMatchObject({ proposals: [], problem: expect.stringMatching(/library/) });
});
