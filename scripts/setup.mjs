// Installs what is missing, so that every command works from a fresh clone.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';

export const chromiumPath = process.env.CHROMIUM ?? '/usr/bin/chromium';

export function run(command, args, env = {}) {
  const done = spawnSync(command, args, {
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  return done.status ?? 1;
}

function lockedLike(file) {
  return JSON.stringify(
    Object.entries(JSON.parse(readFileSync(file, 'utf8')).packages)
      .filter(([k, v]) => k && !v.optional)
      .map(([k, v]) => [k, v.version])
      .sort(),
  );
}

/**
 * npm packages at the locked versions. Not `npm ci`: it refuses a lock file that lacks other platforms' optional
 * binaries, which some registries do not carry.
 */
export function ensurePackages() {
  const installed = 'node_modules/.package-lock.json';
  if (existsSync(installed) && lockedLike(installed) === lockedLike('package-lock.json')) return;
  console.log('Installing packages …');
  if (run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel', 'error']) !== 0) process.exit(1);
}

/** Debian's Chromium, when absent and we may install it. */
export function ensureChromium() {
  if (existsSync(chromiumPath)) return;
  if (process.platform !== 'linux' || process.getuid?.() !== 0) {
    console.error(
      `Chromium is not at ${chromiumPath}. Install it (apt-get install chromium) or set CHROMIUM to its path, then run this again.`,
    );
    process.exit(1);
  }
  console.log('Installing Chromium …');
  if (
    run('apt-get', ['update', '-qq']) !== 0 ||
    run('apt-get', ['install', '-y', '-qq', 'chromium'], { DEBIAN_FRONTEND: 'noninteractive' }) !== 0
  )
    process.exit(1);
}
