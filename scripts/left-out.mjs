// How the laws of growth forecast kinds that they were not fitted to, as JSON lines; the last line is the
// total: `npm run left-out [-- --folds N --only K,K…]`. Kinds are left out in turn, N lots of them. For each
// lot every constant that was fitted starts up to 30 % off at random and is fitted to the other kinds.
// Constants that growers give as a figure stay as they are: their comment says so, and they never came from
// these rows.
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { build } from 'esbuild';

const OUT = '.next/left-out.mjs';
const LAWS =
  /src\/core\/growth\/(bench|pace|goal|warmth|room|flowering|fading|sun-share|shaded|hunger|seeding|step|light)\.ts$/;

/** Whether a comment says that growers give the figure, and nothing of it was fitted. */
const given = (comment) => /growers’ figure|practice/i.test(comment) && !/fitted|working figure/i.test(comment);

/** The constants of a file that are to be fitted: a comment is of all that follow it without a gap. */
const fittedIn = (source) =>
  source.split(/\n\s*\n/).flatMap((part) => {
    const pieces = part.split(/(\/\*\*[^]*?\*\/)/);
    return pieces.flatMap((text, i) =>
      given(pieces[i - 1] ?? '')
        ? []
        : [...text.matchAll(/^(?:export )?const ([A-Z][A-Z_0-9]*)/gm)].map(([, name]) => name),
    );
  });

/** Hands the constants of a file of laws to be changed, and remembers nothing that was worked out with the old. */
const live = {
  name: 'live constants',
  setup(b) {
    b.onLoad({ filter: LAWS }, ({ path }) => {
      const written = readFileSync(path, 'utf8');
      const names = fittedIn(written);
      const source = written
        .replace(/^(export )?const ([A-Z][A-Z_0-9]*)(: [^=\n]+)? = /gm, '$1let $2$3 = ')
        .replace(
          /import \{ [^}]*\} from '\.\.\/units\/keep';/,
          'const keptBy = (work: any): any => work; const keptIn = (_map: any, _key: any, work: any): any => work();',
        );
      const file = basename(path, '.ts');
      const handed = names.map((name) => `hand('${file}.${name}', () => ${name}, (v: any) => { ${name} = v; });`);
      return {
        contents: [source, `const hand = (globalThis as any).handConstant;`, ...handed].join('\n'),
        loader: 'ts',
      };
    });
  },
};

await build({
  entryPoints: ['scripts/left-out/fit.ts'],
  bundle: true,
  platform: 'node',
  format: 'esm',
  outfile: OUT,
  plugins: [live],
  logLevel: 'error',
  banner: {
    js: 'globalThis.constants = []; globalThis.handConstant = (name, get, set) => globalThis.constants.push({ name, get, set });',
  },
});
await import(new URL(`../${OUT}`, import.meta.url).href);
