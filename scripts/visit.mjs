// Serves the build with the demonstration on it and opens a browser, for whatever is measured or pictured.
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromiumPath, ensureChromium, run } from './setup.mjs';

export const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--enable-unsafe-swiftshader',
];

/** Serves a build on a port, with the demonstration on it, once it answers. */
export async function serve(port, build = '.next') {
  const server = spawn('npx', ['next', 'start', '-p', String(port)], {
    env: { ...process.env, RILLBANK_DEMO: '1', RILLBANK_DIST: build },
    stdio: 'ignore',
    detached: true,
  });
  const base = `http://localhost:${port}`;
  const up = () =>
    fetch(base).then(
      (r) => r.ok,
      () => false,
    );
  const stop = () => process.kill(-server.pid, 'SIGKILL');
  for (let i = 0; !(await up()); i += 1) {
    if (i > 60) {
      stop();
      throw new Error('The server did not start.');
    }
    await new Promise((r) => setTimeout(r, 500));
  }
  return { base, stop };
}

/**
 * Does `work` with a browser and the address of a server; ends both. Builds first where there is no build, or
 * when asked.
 */
export async function visit(work, { port = 4104, build = false } = {}) {
  ensureChromium();
  if ((build || !existsSync('.next/BUILD_ID')) && run('npm', ['run', 'build', '--silent']) !== 0) process.exit(1);
  const server = await serve(port);
  const browser = await chromium.launch({ executablePath: chromiumPath, args: ARGS });
  try {
    await work({ browser, base: server.base });
  } finally {
    await browser.close();
    server.stop();
  }
}
