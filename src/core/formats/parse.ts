import type { z } from 'zod';
import { maxBy } from '../units/number';
import { checkedWith } from '../units/plainly';

/** Input that could not be read. `message` names the field, what is wrong and what to do, one line a problem. */
export class BadInputError extends Error {}

const MOST_SHOWN = 6;

/**
 * Where several kinds may stand, the faults of the one that was most likely meant: the one that was read the
 * furthest.
 */
function meant(issue: z.core.$ZodIssue): readonly z.core.$ZodIssue[] {
  if (issue.code !== 'invalid_union') return [issue];
  const furthest = maxBy(issue.errors, (list) => Math.max(...list.map((i) => i.path.length)));
  return furthest?.some((i) => i.path.length > 0)
    ? furthest.map((i) => ({ ...i, path: [...issue.path, ...i.path] }))
    : [issue];
}

/** A schema's issues as sentences a person can act on, with the path to the field. */
export function sayIssues(all: readonly z.core.$ZodIssue[]): string {
  const issues = all.flatMap(meant);
  const lines = issues
    .slice(0, MOST_SHOWN)
    .map((i) => `${i.path.length > 0 ? i.path.join('.') : 'file'}: ${i.message}`);
  if (issues.length > MOST_SHOWN) lines.push(`… and ${issues.length - MOST_SHOWN} more`);
  return lines.join('\n');
}

/** Data against a schema; throws BadInputError that names the field. */
export function parseWith<T>(schema: z.ZodType<T>, data: unknown): T {
  const r = checkedWith(schema, data);
  if (!r.success) throw new BadInputError(sayIssues(r.error.issues));
  return r.data;
}

/** JSON text; throws BadInputError for text that is none, telling whether it broke off. */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (e) {
    const cut = /end of JSON/i.test(String(e))
      ? 'The file is incomplete. Download it again.'
      : 'This is not a JSON file. Choose a file saved by Rillbank.';
    throw new BadInputError(`file: ${cut}`);
  }
}
