import { freshPlanting } from '@/core/plantings/fresh';
import { startDay } from '@/core/plantings/start-day';
import type { Planting } from '@/core/plantings/schema';
import { diaryToday } from '../shell/diary';
import { startPlanting } from '@/storage/plantings';
import { askForPromise } from '@/storage/room';
import { newId } from '../shell/ids';
import { stationPath } from '../shell/stations';

/** Starts a container, in the same spot as another when one is given; the path to its first station. */
export async function startContainer(like?: Planting): Promise<string> {
  const fresh = freshPlanting(newId(), 'New container', diaryToday());
  const p = like ? { ...fresh, spot: like.spot, startDate: startDay(like.spot, diaryToday()) } : fresh;
  await startPlanting(p);
  // From the first container on there is something to lose. No answer is waited for: a browser may ask its user.
  void askForPromise().catch(() => false);
  return stationPath(p.id, like ? 'container' : 'spot');
}
