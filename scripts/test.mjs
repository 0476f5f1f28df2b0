// Every check in order; the last line counts passes and failures over all runners.
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, run } from './setup.mjs';

ensurePackages();
ensureChromium();

const scratch = mkdtempSync(join(tmpdir(), 'rillbank-test-'));
let passed = 0;
let failed = 0;
const count = (ok) => (ok ? (passed += 1) : (failed += 1));

function check(name, command, args) {
  console.log(`\n— ${name}`);
  count(run(command, args) === 0);
}

function runner(name, command, args, env, read) {
  console.log(`\n— ${name}`);
  const status = run(command, args, env);
  try {
    const [p, f] = read();
    passed += p;
    failed += f;
    if (status !== 0 && f === 0) failed += 1;
  } catch {
    failed += 1;
  }
}

check('route types', 'npx', ['next', 'typegen']);
check('types', 'npx', ['tsc', '--noEmit']);
check('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
check('lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
check('rooms', 'npx', ['depcruise', 'src', '--config', '.dependency-cruiser.cjs']);
check('nothing dead', 'npx', ['knip']);

const unit = join(scratch, 'jest.json');
runner('unit tests', 'npx', ['jest', '--json', `--outputFile=${unit}`], {}, () => {
  const r = JSON.parse(readFileSync(unit, 'utf8'));
  return [r.numPassedTests, r.numFailedTests + r.numRuntimeErrorTestSuites];
});

check('production build', 'npm', ['run', 'build', '--silent']);

const e2e = join(scratch, 'e2e.json');
runner(
  'journeys',
  'npx',
  ['playwright', 'test', '--reporter=list,json'],
  { PLAYWRIGHT_JSON_OUTPUT_NAME: e2e, CI: '1' },
  () => {
    const { stats } = JSON.parse(readFileSync(e2e, 'utf8'));
    if (stats.flaky > 0) console.log(`\n${stats.flaky} of the journeys passed only at the second go.`);
    return [stats.expected + stats.flaky, stats.unexpected];
  },
);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
