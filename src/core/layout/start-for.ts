import { usualWidth } from '../containers/counts';
import { soldIn, STARTS, type StartSize } from '../plants/starts';
import type { Role } from '../plants/traits';
import type { Planting } from '../plantings/schema';
import { isSouthern } from '../climate/hemisphere';
import { isForSpring } from '../plantings/occasion';
import { goesIn } from './packing';

/**
 * Litres of start wished for, by the container's width. Working figures from ordinary practice: the
 * centrepiece goes up first.
 */
function wishedL(role: Role, widthMm: number): number {
  if (role !== 'thriller') return widthMm >= 600 ? 0.95 : 0.4;
  return widthMm >= 480 ? 2 : widthMm >= 290 ? 0.95 : 0.45;
}

/**
 * From autumn to spring nothing grows to its part: the centrepiece is bought so many times larger. Practice:
 * a size up.
 */
const AS_IT_STAYS = 2.1;

/** A pack is bought for less choice of each. Working figure. */
const PACK_COSTS = 0.8;

/**
 * Whether a size will do for a role: what leads is never a cell of a pack, unless there is nothing else to be
 * had. Practice.
 */
export const maySet = (role: Role, size: StartSize, among: readonly StartSize[]): boolean =>
  role !== 'thriller' || !isCell(size) || among.every(isCell);

const isCell = (size: StartSize): boolean => STARTS[size].perPack > 1 && STARTS[size].inLeaf;

/** In a container narrower than this, mm, a cell may lead where nothing larger leaves room. Working figure. */
const SMALL_MM = 290;

/** All that choosing a start reads of a planting. */
type Ground = Pick<Planting, 'container' | 'startDate' | 'spot' | 'brief'>;

/** The month of planting as it would be in the north, 1–12. */
const monthOf = ({ startDate, spot }: Ground): number =>
  ((Number(startDate.slice(5, 7)) - 1 + (isSouthern(spot) ? 6 : 0)) % 12) + 1;

/**
 * The size of start to buy for a role: the nearest to the usual that is sold and goes in; the smallest when cheap.
 * Plants in leaf, save that bulbs are bought dry in autumn.
 */
export function startFor(role: Role, sold: readonly StartSize[], ground: Ground, cheap: boolean): StartSize | null {
  const { container } = ground;
  const month = monthOf(ground);
  const goIn = sold.filter((s) => goesIn(container, s) && soldIn(s, month));
  const small = usualWidth(container) < SMALL_MM;
  const now = goIn.filter((s) => (small && cheap) || maySet(role, s, goIn));
  if (now.includes('bulb')) return 'bulb';
  const stays = role === 'thriller' && isForSpring(ground) ? AS_IT_STAYS : 1;
  const wish = stays * wishedL(role, usualWidth(container));
  const off = (s: StartSize): number =>
    cheap ? STARTS[s].litres : Math.abs(Math.log(STARTS[s].litres / wish)) + (STARTS[s].perPack > 1 ? PACK_COSTS : 0);
  return (
    now.filter((s) => STARTS[s].inLeaf && (!cheap || STARTS[s].litres <= wish)).sort((x, y) => off(x) - off(y))[0] ??
    null
  );
}

/** The same of what a plant is sold in. */
export const startOf = (
  plant: { starts: readonly { size: StartSize }[] },
  role: Role,
  ground: Ground,
  cheap = false,
): StartSize | null =>
  startFor(
    role,
    plant.starts.map((s) => s.size),
    ground,
    cheap,
  );
