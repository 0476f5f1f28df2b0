import { version } from '../../package.json';
import { BadInputError } from '../core/formats/parse';
import { helpOf, usageOf, VERBS } from './verbs';

const HELP = new Set(['--help', '-h', 'help']);
const VERSION = new Set(['--version', '-V', 'version']);

const print = (text: string): Promise<void> => new Promise((done) => process.stdout.write(`${text}\n`, () => done()));

/** Runs one command; the exit code. */
export async function main(args: readonly string[]): Promise<number> {
  const [name, ...rest] = args;
  // Its error is told to `print` too.
  process.stdout.on('error', () => undefined);
  if (name === undefined || HELP.has(name)) {
    await print(usageOf());
    return name === undefined ? 2 : 0;
  }
  if (VERSION.has(name)) {
    await print(version);
    return 0;
  }
  const verb = Object.hasOwn(VERBS, name) ? VERBS[name] : undefined;
  if (!verb) {
    console.error(`rillbank: there is no command "${name.slice(0, 40)}".\n\n${usageOf()}`);
    return 2;
  }
  if (rest.some((a) => HELP.has(a))) {
    await print(helpOf(verb));
    return 0;
  }
  try {
    const answer = await (await verb.load()).run(rest);
    await print(typeof answer === 'string' ? answer : JSON.stringify(answer, null, 2));
    return 0;
  } catch (e) {
    if (!(e instanceof BadInputError)) throw e;
    console.error(e.message);
    return 2;
  }
}
