import type { Plant } from '../plants/schema';
import type { Role } from '../plants/traits';

/** With fewer leads than these there is no choice among them. Working figure. */
const LEADS = 6;

/**
 * Those of the plants on offer that may play a part. Where a container is so small that hardly a lead goes into it, the
 * best of the fillers lead: a little taller than the rest is tall enough there.
 */
export function playersOf<P extends Pick<Plant, 'roles'>>(role: Role, offered: readonly P[]): P[] {
  const cast = offered.filter((p) => p.roles.includes(role));
  if (role !== 'thriller' || cast.length >= LEADS) return cast;
  return offered.filter((p) => p.roles.includes('thriller') || p.roles.includes('filler'));
}
