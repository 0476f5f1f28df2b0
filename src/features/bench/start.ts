import { freshPlanting } from '@/core/plantings/fresh';
import { startDay } from '@/core/plantings/start-day';
import type { Planting } from '@/core/plantings/schema';
import { today } from '../shell/diary';
import { savePlanting } from '@/storage/plantings';
import { newId } from '../shell/ids';
import { stationPath } from '../shell/stations';

/** Keeps a new container, in the same spot as another when one is given; the path to its first station. */
export async function startContainer(like?: Planting): Promise<string> {
  const fresh = freshPlanting(newId(), 'New pot', today());
  const p = like ? { ...fresh, spot: like.spot, startDate: startDay(like.spot, today()) } : fresh;
  await savePlanting(p);
  return stationPath(p.id, like ? 'container' : 'spot');
}
