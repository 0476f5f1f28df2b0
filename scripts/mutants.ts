// Changes one law of the living plant at a time by hand and asks whether a test turns red; JSON lines, the
// last the totals. `npm run mutants`.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

/** A file, what stands in it, what it is changed to, and the tests that should notice. */
type Mutant = readonly [file: string, was: string, is: string, test: string];

const of = (file: string, test: string, ...changes: readonly (readonly [was: string, is: string])[]): Mutant[] =>
  changes.map(([was, is]) => [`src/core/${file}`, was, is, `src/core/${test}`] as const);

const MUTANTS: readonly Mutant[] = [
  ...of(
    'growth/bench.ts',
    'growth/bench.test.ts',
    ['aSummer: 0.72', 'aSummer: 0.1'],
    ['MOST = 0.85', 'MOST = 0.3'],
    ['LEAF_TO_BALL = 0.9', 'LEAF_TO_BALL = 0.2'],
    ['BEGUN = 0.02', 'BEGUN = 0.3'],
    ['runsMm: 54', 'runsMm: 5'],
    ['leans: 0.026', 'leans: 0.5'],
    ['fan: 1.4', 'fan: 0.9'],
    ['UPRIGHT = 1.17', 'UPRIGHT = 0.8'],
    ['LEAFY = 1.3', 'LEAFY = 0.9'],
    ['ON_CANES = 1.7', 'ON_CANES = 0.9'],
    ['GROWN = 0.81', 'GROWN = 0.4'],
    ['IN_FLOWER = 1.07', 'IN_FLOWER = 1'],
    ['CROWN = 0.2', 'CROWN = 0.9'],
    ['CUT_DOWN = 0.35', 'CUT_DOWN = 1'],
  ),
  ...of(
    'growth/seeding.ts',
    'growth/seeding.test.ts',
    ['from: 3, until: 7', 'from: 3, until: 12'],
    ['UP_IN_WEEKS = 4', 'UP_IN_WEEKS = 12'],
  ),
  ...of(
    'plants/seeding.ts',
    'growth/seeding.test.ts',
    ['Lactuca: { weeks: 9', 'Lactuca: { weeks: 4'],
    ['Eruca: { weeks: 5, stalkMm: 700', 'Eruca: { weeks: 5, stalkMm: 200'],
  ),
  ...of(
    'growth/bound.ts',
    'growth/bound.test.ts',
    ['POTTED_WEEKS = 125', 'POTTED_WEEKS = 20'],
    ['flower: 0.85', 'flower: 1'],
    ['flower: 0.6', 'flower: 0.1'],
  ),
  ...of(
    'growth/warmth.ts',
    'growth/pace.test.ts',
    ['warm: 8.8', 'warm: 3'],
    ['cool: 0.75', 'cool: 8'],
    ['BY_NIGHT = 0.25', 'BY_NIGHT = 0'],
    ['TO_FULL_C = 6', 'TO_FULL_C = 30'],
  ),
  ...of(
    'growth/pace.ts',
    'growth/pace.test.ts',
    ['fast: 0.4', 'fast: 0.15'],
    ['bulb: 0.53', 'bulb: 0.1'],
    ['BY_SUMMERS = 0.83', 'BY_SUMMERS = -1'],
    ['BY_VIGOUR = 0.048', 'BY_VIGOUR = -0.048'],
    ['crown: 5', 'crown: 1'],
    ['faster: 2.6', 'faster: 1'],
    ['ON_THE_DAY = 0.37', 'ON_THE_DAY = 1'],
    ['DARK = 0.25', 'DARK = 0'],
    ['RESTS = 8.5', 'RESTS = 12'],
    ['SCORCH_C = 30', 'SCORCH_C = 40'],
    ['TROPICS_DEG = 23', 'TROPICS_DEG = 0'],
  ),
  ...of(
    'growth/goal.ts',
    'growth/pace.test.ts',
    ['STOPPED_SHORT = 0.35', 'STOPPED_SHORT = 0'],
    ['A_SUMMER = 1.15', 'A_SUMMER = 0.3'],
    ['BY_SUMMERS = 0.62', 'BY_SUMMERS = -0.62'],
  ),
  ...of(
    'growth/room.ts',
    'growth/room.test.ts',
    ['BY_LEAF = 0.8', 'BY_LEAF = 0.2'],
    ['WIDTH_BY = 0.33', 'WIDTH_BY = 0'],
    ['HEIGHT_BY = 0.15', 'HEIGHT_BY = 0.5'],
    ['FLOWER_BY = 0.4', 'FLOWER_BY = 0'],
  ),
  ...of(
    'growth/sun-share.ts',
    'growth/sun-share.test.ts',
    ['NARROWER = 0.5', 'NARROWER = 0'],
    ['DRAWN = 0.1', 'DRAWN = -0.1'],
    ['flower: 0.3', 'flower: 0'],
    ['SCORCHED = 0.25', 'SCORCHED = 0'],
    ['BY_SUN = 1.1', 'BY_SUN = 0.2'],
  ),
  ...of(
    'growth/shaded.ts',
    'growth/shaded.test.ts',
    ['ENOUGH = 0.5', 'ENOUGH = 0.9'],
    ['STANDS_STILL = 0.35', 'STANDS_STILL = 0.1'],
    ['HALF_FLOWER = 0.5', 'HALF_FLOWER = 0.9'],
  ),
  ...of('growth/shaded.ts', 'growth/step.test.ts', ['STARVES_WEEKS = 6', 'STARVES_WEEKS = 60']),
  ...of(
    'growth/flowering.ts',
    'growth/flowering.test.ts',
    ['BEST = 0.86', 'BEST = 1'],
    ['OPENS_AT = 0.14', 'OPENS_AT = 0.6'],
    ['LATER = 1.12', 'LATER = 0'],
    ['TIRES = 0.036', 'TIRES = 0'],
    ['FULL_WARM = 1.07', 'FULL_WARM = 0.3'],
    ['[0.05, 0.1, 0.3', '[0.9, 0.9, 0.9'],
    ['[0.1, 0.35, 0.6]', '[0.8, 0.9, 1]'],
    ['AGAIN = 0.95', 'AGAIN = 0'],
    ['SECOND_FLUSH = 0.6', 'SECOND_FLUSH = 0'],
    ['SETS_SEED = 0.62', 'SETS_SEED = 1'],
    ['FIRST_FLOWERS = 0.42', 'FIRST_FLOWERS = 0'],
    ['WEEKS_TO_FULL = 4.5', 'WEEKS_TO_FULL = 1'],
    ['CROWN_FLOWERS_AT = 0.63', 'CROWN_FLOWERS_AT = 0'],
  ),
  ...of(
    'growth/fading.ts',
    'growth/fading.test.ts',
    ['A_WEEK = 0.045', 'A_WEEK = 0'],
    ['FADES_MONTHS = 1.5', 'FADES_MONTHS = 6'],
  ),
  ...of(
    'growth/in-months.ts',
    'growth/in-months.test.ts',
    ['if (a === 0)', 'if (a < 0)'],
    ['if (b === 0)', 'if (b < 0)'],
  ),
  ...of('growth/step.ts', 'growth/fading.test.ts', ['NEXT_SPRING_WEEKS = 30', 'NEXT_SPRING_WEEKS = 0']),
  ...of(
    'growth/hunger.ts',
    'growth/flowering.test.ts',
    ['hungry: 0.4', 'hungry: 0.95'],
    ['HUNGER_WEEKS = 6', 'HUNGER_WEEKS = 30'],
    ['light: 0.9', 'light: 0.5'],
  ),
  ...of(
    'growth/thirst.ts',
    'growth/thirst.test.ts',
    ['moderate: [0.3', 'moderate: [1'],
    ['thirsty: [0, 0,', 'thirsty: [1, 1,'],
    ['BEARS_WEEKS = 1', 'BEARS_WEEKS = -1'],
    ['BEARS_TIMES = 2', 'BEARS_TIMES = 9'],
    ['sinceDry / Math.max(1, times)', 'sinceDry / 1'],
  ),
  ...of('plants/heat.ts', 'growth/flowering.test.ts', ['stands: 31', 'stands: 45'], ['stops: 24.5', 'stops: 40']),
  ...of(
    'growth/light.ts',
    'growth/growth.test.ts',
    ['VEILS = 0.4', 'VEILS = 0'],
    ['OVERHEAD = 0.74', 'OVERHEAD = 0'],
    ['STANDING = [0.3, 0.75]', 'STANDING = [0.45, 0.8]'],
    ['MAT = [0.45, 0.8]', 'MAT = [0.3, 0.75]'],
  ),
  ...of('growth/sky.ts', 'growth/sky.test.ts', ['dx: -(x * cos', 'dx: (x * cos'], ['dy: -(x * sin', 'dy: (x * sin']),
  ...of(
    'water/canopy.ts',
    'water/laws.test.ts',
    ['thirsty: 1.1', 'thirsty: 0.6'],
    ['UPRIGHT = 0.832', 'UPRIGHT = 0.2'],
    ['CURTAIN = 0.37', 'CURTAIN = 1'],
  ),
  ...of('water/reach.ts', 'water/laws.test.ts', ['ROUND_MM = 16', 'ROUND_MM = 80'], ['COOL = 0.5', 'COOL = 1']),
  ...of(
    'water/demand.ts',
    'water/laws.test.ts',
    ['SOIL = 0.28', 'SOIL = 1.5'],
    ['MOST_MM = 6.5', 'MOST_MM = 3'],
    ['thirsty: 0.5', 'thirsty: 0.95'],
    ['TANK_SPENT = 0.95', 'TANK_SPENT = 0.2'],
  ),
  ...of('water/stand.ts', 'water/laws.test.ts', ['windy: 1.4', 'windy: 1'], ['SKY = 0.35', 'SKY = 0.9']),
  ...of('water/rain.ts', 'water/laws.test.ts', ['KEPT_MM = 2.5', 'KEPT_MM = 0'], ['dome: 0.75', 'dome: 0']),
];

/** A copy of all that the tests read: the sources themselves are never touched. */
const copy = mkdtempSync(join(tmpdir(), 'rillbank-mutants-'));
for (const part of ['src', 'package.json', 'tsconfig.json', 'jest.config.mjs'])
  cpSync(part, join(copy, part), { recursive: true });
symlinkSync(resolve('node_modules'), join(copy, 'node_modules'));

const passes = (test: string): boolean => {
  try {
    execFileSync('npx', ['jest', test, '--silent', '--bail'], { cwd: copy, stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
};

for (const test of new Set(MUTANTS.map(([, , , t]) => t)))
  if (!passes(test)) throw new Error(`${test} is red before anything was changed.`);
let killed = 0;
for (const [file, was, is, test] of MUTANTS) {
  const path = join(copy, file);
  const source = readFileSync(path, 'utf8');
  if (source.split(was).length !== 2) throw new Error(`${file}: “${was}” must stand in it once.`);
  writeFileSync(path, source.replace(was, is));
  const red = !passes(test);
  writeFileSync(path, source);
  killed += red ? 1 : 0;
  console.log(JSON.stringify({ file, was, is, test, red }));
}
rmSync(copy, { recursive: true, force: true });
console.log(JSON.stringify({ mutants: MUTANTS.length, red: killed }));
