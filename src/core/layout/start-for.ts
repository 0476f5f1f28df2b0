import { usualWidth } from '../containers/counts';
import type { Container } from '../containers/schema';
import { STARTS, type StartSize } from '../plants/starts';
import type { Role } from '../plants/traits';
import { goesIn } from './packing';

/** Litres of start wished for, by the container's width. Working figures from ordinary practice: the centrepiece goes up first. */
function wishedL(role: Role, widthMm: number): number {
  if (role !== 'thriller') return widthMm >= 600 ? 0.95 : 0.4;
  return widthMm >= 480 ? 2 : widthMm >= 290 ? 0.95 : 0.45;
}

/** A pack is bought for less choice of each. Working figure. */
const PACK_COSTS = 0.8;

/** The size of start to buy for a role in a container: the nearest to the usual that is sold and goes in; the smallest when cheap. */
export function startFor(
  role: Role,
  sold: readonly StartSize[],
  container: Container,
  cheap: boolean,
): StartSize | null {
  const wish = wishedL(role, usualWidth(container));
  const off = (s: StartSize): number =>
    cheap ? STARTS[s].litres : Math.abs(Math.log(STARTS[s].litres / wish)) + (STARTS[s].perPack > 1 ? PACK_COSTS : 0);
  return (
    sold
      .filter((s) => goesIn(container, s) && (!cheap || STARTS[s].litres <= wish))
      .sort((x, y) => off(x) - off(y))[0] ?? null
  );
}

/** The same of what a plant is sold in. */
export const startOf = (
  plant: { starts: readonly { size: StartSize }[] },
  role: Role,
  container: Container,
  cheap = false,
): StartSize | null =>
  startFor(
    role,
    plant.starts.map((s) => s.size),
    container,
    cheap,
  );
