import { climateKind, mayEscape } from './kind';
import { PROFILES } from './profiles';

const profile = (id: string) => {
  const found = PROFILES.find((p) => p.id === id);
  if (!found) throw new Error(id);
  return { name: found.name, highC: found.highC, lowC: found.lowC, rainMm: found.rainMm };
};

test('places are told by winter, summer and rain, in the south too', () => {
  const kinds = Object.fromEntries(PROFILES.map((p) => [p.id, climateKind(profile(p.id))]));
  expect(kinds).toMatchObject({
    'kelp-street': 'temperate',
    'bayou-road': 'subtropical',
    'olive-terrace': 'dry summer',
    'southern-quay': 'temperate',
  });
  const bayou = profile('bayou-road');
  const hotter = { ...bayou, highC: bayou.highC.map(() => 31), lowC: bayou.lowC.map(() => 22) };
  expect(climateKind(hotter)).toBe('tropical');
  const turned = (list: readonly number[]) => [...list.slice(6), ...list.slice(0, 6)];
  const olive = profile('olive-terrace');
  const south = {
    ...olive,
    highC: turned(olive.highC),
    lowC: turned(olive.lowC),
    rainMm: turned(olive.rainMm),
  };
  expect(climateKind(south)).toBe('dry summer');
});

test('what runs wild under olives need not by the sea; where the place is not known it may', () => {
  expect(mayEscape(['dry summer'], profile('olive-terrace'))).toBe(true);
  expect(mayEscape(['dry summer'], profile('kelp-street'))).toBe(false);
  expect(mayEscape(['dry summer'], null)).toBe(true);
  expect(mayEscape([], null)).toBe(false);
});
