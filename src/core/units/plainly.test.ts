import { z } from 'zod';
import { sayIssues } from '../formats/parse';
import { checkedWith } from './plainly';

const Schema = z
  .object({
    n: z.number().min(3).max(5),
    kind: z.enum(['x', 'y']),
    name: z.string().min(1).max(3),
    list: z.array(z.number()).length(3),
    either: z.union([z.string(), z.object({ hex: z.string() }).strict()]),
    shape: z.discriminatedUnion('kind', [z.object({ kind: z.literal('round') })]),
  })
  .strict();
const good = { n: 4, kind: 'x', name: 'a', list: [1, 2, 3], either: 'b', shape: { kind: 'round' } };
const says = (change: object): string => {
  const r = checkedWith(Schema, { ...good, ...change });
  return r.success ? 'it was taken' : sayIssues(r.error.issues);
};

test.each<[object, string]>([
  [{}, 'it was taken'],
  [{ n: '4' }, 'n: must be a number, is text'],
  [{ n: undefined }, 'n: is missing; it must be a number'],
  [{ n: null }, 'n: must be a number, is null'],
  [{ n: 9 }, 'n: must be 5 or less, is 9'],
  [{ n: 1 }, 'n: must be 3 or more, is 1'],
  [{ kind: 'q' }, 'kind: must be one of "x", "y", is "q"'],
  [{ name: '' }, 'name: must not be empty'],
  [{ name: 'abcd' }, 'name: must have 3 or fewer characters, has 4'],
  [{ list: [1] }, 'list: must have 3 entries'],
  [{ list: {} }, 'list: must be a list, is an object with fields'],
  [{ either: 3 }, 'either: is not one of the types allowed here'],
  [{ either: { hex: 3 } }, 'either.hex: must be text, is a number'],
  [{ shape: { kind: 'flat' } }, 'shape.kind: must be one of "round"'],
  [{ mood: 1 }, 'file: has an unknown field: "mood". Remove it or correct the spelling'],
])('%j: %s', (change, message) => expect(says(change)).toBe(message));
