import { PROFILES } from '@/core/climate/profiles';
import { freshPlanting } from '@/core/plantings/fresh';
import type { Spot } from '@/core/spots/schema';
import { raised } from '@/core/spots/sun-clock';

const coast = PROFILES.find((p) => p.id === 'kelp-street');
const LATITUDE = 52;
const flat = Array<number>(36).fill(0);

/** What all of the lido shares: its coast, and nobody special about. */
const lidoSpot: Spot = {
  ...freshPlanting('lido', 'Lido', '2026-03-01').spot,
  coldestWinterC: -9,
  lastFrost: '05-02',
  firstFrost: '10-24',
  climate: coast ? { name: coast.name, highC: coast.highC, lowC: coast.lowC, rainMm: coast.rainMm } : null,
};

/** South, hot and windy: hours noted by a volunteer who stood there. */
export const entrance: Spot = {
  ...lidoSpot,
  name: 'Entrance steps',
  wind: 'windy',
  climate: null,
  light: { kind: 'noted', hours: [9, 10, 11, 12, 13, 14, 15], dappled: false },
  seen: 'all-round',
  beside: 'steps',
  backdrop: '#d8d3c4',
  tapM: 22,
};

/** East: morning sun over a low wall, looked out at from the desk by a tall and a short volunteer. */
export const ticketWindow: Spot = {
  ...lidoSpot,
  name: 'Ticket-office window',
  light: {
    kind: 'clock',
    latitude: LATITUDE,
    facing: 90,
    wall: true,
    skyline: raised(raised(flat, 0, 180, 6), 30, 80, 17),
    roofDeg: 52,
    trees: [],
    dappled: false,
  },
  seen: 'inside',
  sight: {
    viewers: [
      { name: 'tall', eyeMm: 1520 },
      { name: 'short', eyeMm: 1190 },
    ],
    distanceMm: 820,
    sillMm: 960,
    beyondMm: 190,
    soilMm: 770,
  },
  backdrop: '#c9cfd2',
  walkway: true,
};

/** North: six matching baskets under the arcade's edge. */
export const arcade: Spot = {
  ...lidoSpot,
  name: 'Changing-room arcade',
  light: {
    kind: 'clock',
    latitude: LATITUDE,
    facing: 0,
    wall: true,
    skyline: raised(flat, 60, 130, 22),
    roofDeg: 60,
    trees: [],
    dappled: false,
  },
  seen: 'all-round',
  backdrop: '#e3dccb',
  rain: 'part',
  walkway: true,
};

/** West: hot afternoons, toddlers, things to eat. */
export const terrace: Spot = {
  ...lidoSpot,
  name: 'Café terrace',
  light: {
    kind: 'clock',
    latitude: LATITUDE,
    facing: 250,
    wall: true,
    skyline: raised(flat, 40, 110, 30),
    roofDeg: null,
    trees: [{ fromDeg: 285, toDeg: 310, altitudeDeg: 34, leafMonths: [5, 6, 7, 8, 9, 10] }],
    dappled: false,
  },
  seen: 'row',
  backdrop: '#cfd6cf',
  children: true,
  eaten: true,
  tapM: 6,
};

/** The shady side of the boiler house, planted for the whole year. */
export const boilerHouse: Spot = {
  ...lidoSpot,
  name: 'Boiler-house wall',
  light: {
    kind: 'clock',
    latitude: LATITUDE,
    facing: 45,
    wall: true,
    skyline: raised(flat, 0, 80, 24),
    roofDeg: null,
    trees: [],
    dappled: false,
  },
  seen: 'wall',
  backdrop: '#a9745c',
  backdropBuild: 'brick',
  backdropBloom: { colour: '#efe3ea', months: [4, 5] },
};
