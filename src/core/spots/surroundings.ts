import type { Container } from '../containers/schema';
import type { Surroundings } from '../containers/surfaces';
import type { Spot } from './schema';

/** Limewash. Working figure. */
const PLAIN_WALL = '#cfc9bb';

/**
 * What a container stands or hangs in at its spot: a wall where it is seen against one or is fixed to one, a
 * window over a sill, the ground under what stands.
 */
export function surroundingsOf(
  spot: Pick<Spot, 'seen' | 'backdrop' | 'backdropBuild' | 'ground' | 'beside'>,
  { mount }: Pick<Container, 'mount'>,
): Surroundings {
  const stands = mount === 'ground';
  const beside = spot.beside === 'door' || spot.beside === 'window' ? spot.beside : null;
  const opening = mount === 'sill' ? 'window' : stands ? beside : null;
  const walled = spot.seen === 'wall' || mount === 'wall' || opening !== null;
  // Looked out at, its backdrop is what lies beyond; the wall it is on has a plain colour.
  const colour = spot.seen === 'inside' ? PLAIN_WALL : spot.backdrop;
  return {
    wall: walled ? { colour, build: spot.backdropBuild } : null,
    ground: stands ? spot.ground : null,
    steps: stands && spot.beside === 'steps',
    opening,
    hung: mount === 'hook' ? (walled ? 'arm' : 'beam') : null,
  };
}
