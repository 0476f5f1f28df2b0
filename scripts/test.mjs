// Every check; those that only read the code side by side. The last line counts passes and failures over all runners.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
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

/** One check by itself, its words held back until it ends so that no two run together. */
const aside = ([name, command, args]) =>
  new Promise((done) => {
    const said = [];
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'] });
    for (const from of [child.stdout, child.stderr]) from.on('data', (chunk) => said.push(chunk));
    child.on('error', (e) => said.push(Buffer.from(`${e.message}\n`)));
    child.on('close', (status) => {
      console.log(`\n— ${name}`);
      process.stdout.write(Buffer.concat(said));
      count(status === 0);
      done();
    });
  });

/** Checks as many at a time as there are cores, the longest first. */
async function sideBySide(checks) {
  const left = [...checks];
  const lane = async () => {
    for (let next = left.shift(); next; next = left.shift()) await aside(next);
  };
  await Promise.all(Array.from({ length: availableParallelism() }, lane));
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
await sideBySide([
  ['lint', 'npx', ['eslint', '.', '--max-warnings', '0']],
  ['types', 'npx', ['tsc', '--noEmit']],
  ['format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['rooms', 'npx', ['depcruise', 'src', '--config', '.dependency-cruiser.cjs']],
  ['nothing dead', 'npx', ['knip']],
]);

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
