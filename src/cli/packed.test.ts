import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { version } from '../../package.json';
import { warmPot } from '../core/testing/pots';

const dir = mkdtempSync(join(tmpdir(), 'rillbank-packed-'));
execFileSync('npm', ['pack', '--silent', '--pack-destination', dir], { stdio: 'ignore' });
const archive = readdirSync(dir).find((name) => name.endsWith('.tgz')) ?? '';
execFileSync('tar', ['-xzf', archive], { cwd: dir });
const bin = join(dir, 'package/bin/rillbank.mjs');

/** The packed command, from a folder of its own that has nothing to do with it. */
const run = (args: readonly string[], input = '') => {
  const { status, stdout, stderr } = spawnSync('node', [bin, ...args], { cwd: dir, input, encoding: 'utf8' });
  return { status, stdout, stderr };
};

const text = JSON.stringify({ ...warmPot(), format: 'rillbank.planting' });
const planting = join(dir, 'pot.json');
writeFileSync(planting, text);

test('the packed command works from any folder, with nothing installed beside it', () => {
  expect(run(['--help'])).toMatchObject({ status: 0, stderr: '', stdout: expect.stringContaining('rillbank compose') });
  expect(run(['--version'])).toMatchObject({ status: 0, stdout: `${version}\n` });
  expect(run(['jobs', '--help']).stdout).toMatch(/--ics FILE/);
  const { status, stdout } = run(['steps', planting]);
  expect(status).toBe(0);
  expect((JSON.parse(stdout) as { steps: unknown[] }).steps.length).toBeGreaterThan(5);
});

test('it reads standard input, with a byte-order mark too', () => {
  const [one, marked] = [run(['check', '-'], text), run(['check', '-'], `\uFEFF${text}`)];
  expect(one.status).toBe(0);
  expect(marked.stdout).toBe(one.stdout);
});

test('it sets papers in the fonts it brought', () => {
  const out = join(dir, 'plan.pdf');
  expect(run(['template', planting, '--out', out]).status).toBe(0);
  expect(readFileSync(out).subarray(0, 5).toString()).toBe('%PDF-');
});
