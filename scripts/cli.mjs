// Builds the command line into dist/cli: one file to a command, with the fonts its papers are set in. Part of
// `npm run build`.
import { cpSync, mkdirSync, rmSync } from 'node:fs';
import { build } from 'esbuild';

const OUT = 'dist/cli';

rmSync(OUT, { recursive: true, force: true });
await build({
  entryPoints: ['src/cli/main.ts'],
  bundle: true,
  splitting: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  outdir: OUT,
  outExtension: { '.js': '.mjs' },
  chunkNames: '[name]-[hash]',
  minifySyntax: true,
  minifyWhitespace: true,
  // Packages that were written before modules ask for Node’s own in the old way.
  banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  logLevel: 'error',
});
mkdirSync(`${OUT}/fonts`, { recursive: true });
for (const weight of [400, 600])
  cpSync(`public/fonts/bricolage-grotesque-${weight}.ttf`, `${OUT}/fonts/bricolage-grotesque-${weight}.ttf`);
