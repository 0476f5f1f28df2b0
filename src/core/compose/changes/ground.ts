import type { Finding } from '../../balance/finding';
import type { Plant } from '../../plants/schema';
import type { Command } from '../../plantings/commands';
import type { Placed } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';

/** Something to try. */
export interface Try {
  label: string;
  commands: Command[];
}

/** Each kind once, by its first place. */
export const kindsOf = (list: readonly Placed[]): Placed[] => [...new Map(list.map((p) => [p.plant.id, p])).values()];

/** What a remedy is looked for in. */
export interface RemedyGround {
  planting: Planting;
  finding: Finding;
  placed: readonly Placed[];
  /** Those that are not kept: nothing is done to the others. */
  free: readonly Placed[];
  /** Those to blame that are not kept; where nobody is, all that are not kept. */
  targets: readonly Placed[];
  library: readonly Plant[];
}
