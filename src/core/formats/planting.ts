import { libraryPlant } from '../plants';
import { resolve, UnknownPlantError } from '../plantings/resolve';
import { PlantingSchema, type Planting } from '../plantings/schema';
import { checkedWith } from '../units/plainly';
import { isLater, restored, setAside } from './later';
import { BadInputError, sayIssues } from './parse';
import { climbed, PLANTING_LADDER, type Raw } from './versions';

/** What is set aside may leave something without its footing, which then goes after it. */
const ROUNDS = 3;

/** Placements of plants that a later library has are set aside as a whole. */
function withKnownPlants(data: Raw): Raw {
  const placements: unknown[] = Array.isArray(data.placements) ? data.placements : [];
  const known = placements.filter((p) => {
    const plant = (p as { plant?: unknown } | null)?.plant;
    return typeof plant !== 'string' || libraryPlant(plant) !== undefined;
  });
  if (known.length === placements.length) return data;
  const aside = placements.filter((p) => !known.includes(p)).map((is) => ({ at: ['placements'], is }));
  return { ...data, placements: known, later: [...((data.later as unknown[] | undefined) ?? []), ...aside] };
}

/** Data of a planting checked; of a later minor version, what is new in it is kept beside it. */
function read(data: Raw): Planting {
  const later = isLater(data);
  let now = later ? withKnownPlants(data) : data;
  for (let round = 1; ; round += 1) {
    const checked = checkedWith(PlantingSchema, now);
    if (checked.success) return checked.data;
    const { issues } = checked.error;
    const less = later && round <= ROUNDS ? setAside(now, issues) : null;
    if (!less) throw new BadInputError(sayIssues(issues));
    now = less;
  }
}

/**
 * Reads one planting of any version. Throws BadInputError; every plant in it is known afterwards. What a later minor
 * version wrote and this one does not know is kept in `later`, and put back when it is read by one that does.
 */
export function readPlanting(data: unknown): Planting {
  const planting = read(restored(climbed(PLANTING_LADDER, data)));
  try {
    resolve(planting);
  } catch (e) {
    if (e instanceof UnknownPlantError) throw new BadInputError(e.message);
    throw e;
  }
  return planting;
}
