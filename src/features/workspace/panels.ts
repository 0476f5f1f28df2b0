import { container } from '../container/station';
import { make } from '../make/station';
import { plants } from '../plants/station';
import type { Panels } from '../shell/panels';
import type { Station } from '../shell/stations';
import { seasonStation } from '../season/station';
import { spotStation } from '../spot/station';
import { tend } from '../tend/station';

/** What each station puts round the portrait. */
export const PANELS: Record<Station, Panels> = {
  spot: spotStation,
  container,
  plants,
  season: seasonStation,
  make,
  tend,
};
