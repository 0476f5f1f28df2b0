import { readFileSync } from 'node:fs';
import { BadInputError, parseJson } from '../core/formats/parse';
import { readPlanting } from '../core/formats/planting';
import type { Planting } from '../core/plantings/schema';

/** Flags that stand alone; every other takes the word after it. */
const ALONE = new Set(['--drip', '--coverage']);

/** The word after a flag; undefined where the flag is not there, or nothing comes after it. */
export function valueAfter(args: readonly string[], flag: string): string | undefined {
  const at = args.indexOf(flag);
  return at < 0 ? undefined : args[at + 1];
}

/** The value after a flag, one of a few; the first where the flag is not there. Throws BadInputError. */
export function chosenAfter<T extends string>(args: readonly string[], flag: string, of: readonly T[]): T {
  const found = args.includes(flag) ? of.find((v) => v === valueAfter(args, flag)) : of[0];
  if (found === undefined) throw new BadInputError(`${flag}: must be one of ${of.join(', ')}.`);
  return found;
}

/** The arguments that name files: no flags and no flag’s value. */
export const filesIn = (args: readonly string[]): string[] =>
  args.filter((a, i) => !a.startsWith('--') && !(args[i - 1]?.startsWith('--') && !ALONE.has(args[i - 1] ?? '')));

/**
 * A file’s text without a byte-order mark; standard input for “-”. `as` names what is read in the message.
 * Throws BadInputError.
 */
export function textOf(path: string, as = 'file'): string {
  try {
    return readFileSync(path === '-' ? 0 : path, 'utf8').replace(/^\uFEFF/, '');
  } catch {
    throw new BadInputError(`${as}: could not read ${path === '-' ? 'standard input' : path}. Check the name.`);
  }
}

export const readJson = (path: string): unknown => parseJson(textOf(path));

/** The plantings that the arguments name, at least one. Throws BadInputError. */
export function plantingsIn(verb: string, args: readonly string[]): Planting[] {
  const files = filesIn(args);
  if (files.length === 0) throw new BadInputError(`file: give at least one planting after \`${verb}\`.`);
  return files.map((path) => readPlanting(readJson(path)));
}

/** What comes of one file; of several, each with its name, and a fault says in which. Throws BadInputError. */
export function eachOf(args: readonly string[], of: (data: unknown) => object): unknown {
  const files = filesIn(args);
  const [only] = files;
  if (only === undefined) throw new BadInputError('file: give a JSON file after the command, or - for standard input.');
  if (files.length === 1) return of(readJson(only));
  return files.map((file) => {
    try {
      return { file, ...of(readJson(file)) };
    } catch (e) {
      throw e instanceof BadInputError ? new BadInputError(`${file}: ${e.message}`) : e;
    }
  });
}
