import type { z } from 'zod';

type Issue = z.core.$ZodRawIssue;

const KIND: Record<string, string> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  tuple: 'a list',
  object: 'an object with fields',
  record: 'an object with fields',
  null: 'null',
};

/** The kind of a value in words. */
function kindOf(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (value === null) return 'null';
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'number') return Number.isFinite(value) ? 'a number' : 'not a finite number';
  return KIND[typeof value] ?? typeof value;
}

/** A value as it stands in a file, short enough for a sentence. */
function shown(value: unknown): string {
  const text = JSON.stringify(value) ?? 'nothing';
  return text.length > 40 ? `${text.slice(0, 39)}…` : text;
}

const orList = (values: readonly unknown[]): string => values.map((v) => shown(v)).join(', ');

function endSays(issue: Extract<Issue, { code: 'too_small' | 'too_big' }>): string {
  const small = issue.code === 'too_small';
  const end = String(small ? issue.minimum : issue.maximum);
  const many = issue.exact ? end : `${end} or ${small ? 'more' : 'fewer'}`;
  if (issue.origin === 'string')
    return small && end === '1'
      ? 'must not be empty'
      : `must have ${many} characters, has ${String(issue.input).length}`;
  if (issue.origin === 'array') return `must have ${many} entries`;
  return `must be ${end} or ${small ? 'more' : 'less'}, is ${shown(issue.input)}`;
}

/**
 * What is wrong with a piece of data and what belongs there, for every fault that a schema has no words of
 * its own for.
 */
export function plainly(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? `is missing; it must be ${KIND[issue.expected] ?? issue.expected}`
        : `must be ${KIND[issue.expected] ?? issue.expected}, is ${kindOf(issue.input)}`;
    case 'invalid_value':
      return `must be ${issue.values.length > 1 ? 'one of ' : ''}${orList(issue.values)}, is ${shown(issue.input)}`;
    case 'too_small':
    case 'too_big':
      return endSays(issue);
    case 'unrecognized_keys':
      return `has ${issue.keys.length > 1 ? 'unknown fields' : 'an unknown field'}: ${orList(issue.keys)}. Remove ${issue.keys.length > 1 ? 'them' : 'it'} or correct the spelling`;
    case 'not_multiple_of':
      return `must be a multiple of ${issue.divisor}`;
    case 'invalid_union':
      return 'options' in issue && Array.isArray(issue.options)
        ? `must be one of ${orList(issue.options)}`
        : 'is not one of the types allowed here';
    default:
      return 'is not valid';
  }
}

/** Data against a schema, every fault told in plain words. */
export const checkedWith = <T>(schema: z.ZodType<T>, data: unknown): z.ZodSafeParseResult<T> =>
  schema.safeParse(data, { error: plainly });
