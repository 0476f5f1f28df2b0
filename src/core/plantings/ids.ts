/** Ids are a letter and a number; no number is given out twice in the life of a planting. */
const NUMBERED = /^[a-z](\d+)$/;

const numberOf = (id: string): number => Number(NUMBERED.exec(id)?.[1] ?? 0);

/** The least number that is over every id in use. */
export function nextAfter(ids: Iterable<string>): number {
  let most = 0;
  for (const id of ids) most = Math.max(most, numberOf(id));
  return most + 1;
}

/** The id the next placement gets; `ahead` of it when several are put in at once. */
export const freeId = ({ nextId }: { nextId: number }, ahead = 0): string => `p${nextId + ahead}`;

interface Counted {
  nextId: number;
  placements: readonly { id: string }[];
  deeds: readonly { id: string }[];
}

/** The same with its next number over all that it holds, and over `atLeast`: it never falls. */
export function counted<P extends Counted>(p: P, atLeast = 1): P {
  const nextId = Math.max(p.nextId, atLeast, nextAfter([...p.placements, ...p.deeds].map((x) => x.id)));
  return nextId === p.nextId ? p : { ...p, nextId };
}
