#!/usr/bin/env node
// The core from a terminal, wherever one stands: as it was built, or where nothing was built yet, as it is written.
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const at = (path) => new URL(`../${path}`, import.meta.url);
const built = at('dist/cli/main.mjs');
if (!existsSync(built)) {
  const { register } = await import('tsx/esm/api');
  process.env.TSX_TSCONFIG_PATH = fileURLToPath(at('tsconfig.json'));
  register();
}
const { main } = await import(existsSync(built) ? built : at('src/cli/main.ts'));
process.exitCode = await main(process.argv.slice(2));
