import { clearance, way } from './clearance';
import type { GroupCheck, GroupJudged, Shift } from './check';
import { heights, inFront } from './heights';
import { numbers, potColours, repeatInGroup } from './repeat';
import type { Group } from './schema';
import type { Scene } from './scene';
import { shaded } from './shaded';
import { twins } from './twins';

/** What a group is judged by. A new one is an object and a line here. */
export const GROUP_CHECKS = {
  clearance,
  way,
  heights,
  inFront,
  repeat: repeatInGroup,
  potColours,
  numbers,
  twins,
  shaded,
} satisfies Record<string, GroupCheck>;
export type GroupCheckId = keyof typeof GROUP_CHECKS;
const ALL = Object.entries(GROUP_CHECKS) as [GroupCheckId, GroupCheck][];

export interface GroupFinding extends GroupJudged {
  check: GroupCheckId;
  name: string;
}

/** Judges a group as one. What does not apply is absent, not good. */
export const judgeGroup = (scene: Scene): GroupFinding[] =>
  ALL.flatMap(([check, { name, of }]) => {
    const found = of(scene);
    return found ? [{ check, name, ...found }] : [];
  });

/** A group with some of its containers moved. */
export function moved(group: Group, shifts: readonly Shift[]): Group {
  const by = new Map(shifts.map((s) => [s.id, s]));
  return { ...group, stands: group.stands.map((s) => ({ ...s, ...by.get(s.id) })) };
}
