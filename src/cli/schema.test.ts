import { createHash } from 'node:crypto';
import { PLANTING_MINOR } from '../core/plantings/later';
import { run } from './schema';

/** What a schema says, whatever order its words are in. */
const sorted = (x: unknown): unknown =>
  Array.isArray(x)
    ? x.map(sorted)
    : typeof x === 'object' && x !== null
      ? Object.fromEntries(
          Object.entries(x)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([k, v]) => [k, sorted(v)]),
        )
      : x;
const hashOf = (name: string): string =>
  createHash('sha256')
    .update(JSON.stringify(sorted(run([name]))))
    .digest('hex')
    .slice(0, 12);

/**
 * Each format as it was last written. A schema that says something else is another format: a new field,
 * choice or kind of entry of a planting takes the next minor version (`PLANTING_MINOR`), which an earlier
 * Rillbank reads and sets aside; anything else a rung of its ladder (`core/formats/versions`). Then write the
 * new hash down here.
 */
const WRITTEN: Record<string, string> = {
  planting: 'e4f7f6b45fb9',
  brief: 'badea8cec031',
  plant: '63f71e3cacfc',
  plants: 'b606fdd8b507',
  group: '922bca64f8a9',
  bundle: '1555c19c654f',
  backup: '9f61e2917858',
};

test.each(Object.entries(WRITTEN))(
  'the schema of a %s is the one that was written down with its version',
  (name, hash) => {
    expect([name, hashOf(name)]).toEqual([name, hash]);
  },
);

test('a planting takes its minor version with it', () => expect(PLANTING_MINOR).toBe(0));
