import type { Plant } from '../plants/schema';
import type { Role } from '../plants/traits';

/** With fewer leads than these there is no choice among them. Working figure. */
const LEADS = 6;

/** Tall enough to lead a spring pot, mm. Working figure. */
const SPRING_LEAD_MM = 300;

/** A tulip or a tall daffodil leads in spring, and is over before summer. */
const isSpringLead = (p: Pick<Plant, 'group' | 'season' | 'heightMm'>): boolean =>
  p.group === 'bulb' && p.season === 'cool' && p.heightMm[1] >= SPRING_LEAD_MM;

/**
 * Those of the plants on offer that may play a part. Where a container is so small that hardly a lead goes into it, the
 * best of the fillers lead: a little taller than the rest is tall enough there.
 */
export function playersOf<P extends Pick<Plant, 'roles' | 'group' | 'season' | 'heightMm'>>(
  role: Role,
  offered: readonly P[],
  spring = false,
): P[] {
  const leads = (p: P) => role === 'thriller' && spring && isSpringLead(p);
  const cast = offered.filter((p) => p.roles.includes(role) || leads(p));
  if (role !== 'thriller' || cast.length >= LEADS) return cast;
  return offered.filter((p) => p.roles.includes('thriller') || p.roles.includes('filler'));
}
