import { GROUP_FORMAT, readGroup } from '../core/formats/group';
import { BadInputError } from '../core/formats/parse';
import { judgeGroup } from '../core/groups';
import { sceneOf } from '../core/groups/scene';
import { addDays, isDay } from '../core/units/date';
import { valueAfter } from './read';

/** A group is judged so long after the last of it was planted, where no day is named: near the best of most. */
const USUAL_DAYS = 56;

/** Whether data is a group’s file. */
export const isGroup = (data: unknown): boolean =>
  typeof data === 'object' && data !== null && (data as { format?: unknown }).format === GROUP_FORMAT;

/**
 * What `rillbank check` prints of a group: every judgement with its figure and moves, and containers it names
 * that are not in the file. Throws BadInputError.
 */
export function checkGroup(data: unknown, args: readonly string[]): object {
  const { group, containers } = readGroup(data);
  const named = valueAfter(args, '--on');
  if (args.includes('--on') && (named === undefined || !isDay(named)))
    throw new BadInputError('--on: must be a day such as 2026-07-14.');
  const last = containers
    .map((p) => p.startDate)
    .sort()
    .at(-1);
  if (!last) throw new BadInputError('containers: the file has no containers. Add at least one planting.');
  const date = named ?? addDays(last, USUAL_DAYS);
  const scene = sceneOf(group, containers, date);
  return { date, place: group.place, missing: scene.missing, findings: judgeGroup(scene) };
}
