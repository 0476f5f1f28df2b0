import { MATERIALS } from '../containers/materials';
import { sunInMonth } from '../spots/light';
import type { Planting } from '../plantings/schema';
import { monthOf } from '../units/date';

/**
 * What a plant uses with no direct sun at all, against one in sun all day: light from the sky and dry air.
 * Working figure.
 */
const SKY = 0.35;
/** Hours of direct sun a day from which more takes no more water. Working figure. */
const WHOLE_SUN = 8;

/** What wind takes, against the open air that reference evaporation is measured in. Working figures. */
const WIND = { sheltered: 0.85, open: 1, windy: 1.4 } as const;
/**
 * What a container takes against the wide turf that reference evaporation is measured on, by where it stands:
 * warm paving, a house wall, air all round. Working figures.
 */
const PLACE: Record<Planting['container']['mount'], number> = {
  ground: 1.25,
  sill: 1.2,
  rail: 1.3,
  wall: 1.3,
  hook: 1.4,
};

/**
 * The share of its water that a plant uses with so many hours of direct sun a day, 0.35 to 1. More sun never
 * takes less.
 */
export const sunShare = (hours: number): number => SKY + (1 - SKY) * Math.min(1, hours / WHOLE_SUN);

/** Share of full sun’s water on a day, by the hours of its month. */
export const sunShareOn = ({ spot }: Pick<Planting, 'spot'>, date: string): number =>
  sunShare(sunInMonth(spot, monthOf(date)).hours);

/** What wind, place and wall make of the water that the same leaf would use low and level in the open. */
export const exposureOf = ({ spot, container }: Pick<Planting, 'spot' | 'container'>): number =>
  WIND[spot.wind] * PLACE[container.mount] * MATERIALS[container.material].wallFactor;
