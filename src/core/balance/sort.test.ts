import { placed, pot } from '../testing/pots';
import { some } from '../testing/some';
import { ONLY, type Only } from '../plants/sorts';
import { say } from './finding';
import { CHECKS } from './index';
import { measure } from './assess';

const asked = (only: Only, ...plants: readonly (readonly [id: string, role: 'thriller' | 'filler' | 'spiller'])[]) => {
  const base = pot();
  const planting = {
    ...base,
    brief: { ...base.brief, only },
    placements: plants.map(([id, role], i) => placed(`p${i}`, id, role, 60 * i, 0)),
  };
  return measure(planting, undefined, [['sort', CHECKS.sort]]).readings[0];
};

const succulents = [
  ['aloe-vera', 'thriller'],
  ['echeveria-dark', 'filler'],
] as const;

test('nothing is said where anything goes', () => {
  expect(asked('anything', ['fescue-blue', 'filler'])).toBeUndefined();
});

test('a fescue likes the same grit and is no succulent', () => {
  expect(asked('succulents', ...succulents)).toMatchObject({ severity: 'good', measured: 0, quality: 1 });
  const leak = asked('succulents', ...succulents, ['fescue-blue', 'filler']);
  expect(leak).toMatchObject({ severity: 'watch', culprits: ['p2'], measured: 1 / 3 });
  expect(leak && say(leak.check, leak.says, leak.facts, 'metric')).toMatch(/asked for succulents: .*fescue/i);
});

test('a star of another sort costs more than a filler of it', () => {
  const filler = asked('succulents', ...succulents, ['fescue-blue', 'filler']);
  const star = asked('succulents', ['fescue-blue', 'thriller'], ['echeveria-dark', 'filler'], ['aloe-vera', 'filler']);
  expect(star?.quality).toBeLessThan(filler?.quality ?? 0);
});

test.each(some(ONLY.filter((only) => only !== 'anything')))(
  '%s keeps to one sort, and turns something down',
  (only) => {
    const all = ['aloe-vera', 'thyme-lemon', 'tulip-red', 'box-ball', 'lavender', 'petunia-white'] as const;
    const found = asked(only, ...all.map((id) => [id, 'filler'] as const));
    expect(found?.culprits.length).toBeGreaterThan(0);
    expect(found?.culprits.length).toBeLessThan(all.length);
  },
);
