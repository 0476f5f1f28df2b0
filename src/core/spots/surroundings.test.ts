import { pot } from '../testing/pots';
import { SpotSchema } from './schema';
import { surroundingsOf } from './surroundings';

const spot = (change = {}) => ({ ...pot().spot, ...change });

test('in the open it stands on its ground, with nothing behind', () =>
  expect(surroundingsOf(spot({ seen: 'all-round', ground: 'gravel' }), { mount: 'ground' })).toEqual({
    wall: null,
    ground: 'gravel',
    steps: false,
    opening: null,
    hung: null,
  }));

test('against a wall the wall has its colour and build', () =>
  expect(
    surroundingsOf(spot({ seen: 'wall', backdrop: '#aa5533', backdropBuild: 'brick' }), { mount: 'ground' }).wall,
  ).toEqual({ colour: '#aa5533', build: 'brick' }));

test('a sill has its window and the wall round it, whatever one stands by; looked out at, the wall is not the view', () => {
  const box = surroundingsOf(spot({ seen: 'all-round', beside: 'steps', backdrop: '#102030' }), { mount: 'sill' });
  expect(box).toMatchObject({ opening: 'window', steps: false, ground: null, wall: { colour: '#102030' } });
  expect(surroundingsOf(spot({ seen: 'inside', backdrop: '#102030' }), { mount: 'sill' }).wall?.colour).not.toBe(
    '#102030',
  );
});

test('what hangs is on an arm where there is a wall, else under a beam', () => {
  expect(surroundingsOf(spot({ seen: 'wall' }), { mount: 'hook' }).hung).toBe('arm');
  expect(surroundingsOf(spot({ seen: 'below' }), { mount: 'hook' })).toMatchObject({
    hung: 'beam',
    wall: null,
    ground: null,
  });
});

test('beside a door there is a wall for it to be in; on steps it stands on one', () => {
  expect(surroundingsOf(spot({ seen: 'all-round', beside: 'door' }), { mount: 'ground' })).toMatchObject({
    opening: 'door',
    wall: { build: 'render' },
  });
  expect(surroundingsOf(spot({ seen: 'all-round', beside: 'steps' }), { mount: 'ground' })).toMatchObject({
    steps: true,
    opening: null,
    wall: null,
  });
});

test('a spot written before there was a ground stands on paving by nothing', () => {
  const old: Record<string, unknown> = { ...pot().spot };
  delete old.ground;
  delete old.beside;
  expect(SpotSchema.parse(old)).toMatchObject({ ground: 'paving', beside: 'nothing' });
});
