/** The stations of a container, in the order of the job, each with what leads on to the next. */
export const STATIONS = {
  spot: { name: 'Spot', onward: 'Next: the container' },
  container: { name: 'Container', onward: 'Next: the plants' },
  plants: { name: 'Plants', onward: 'Next: the season' },
  season: { name: 'Season', onward: 'Next: the shopping list' },
  make: { name: 'Plant up', onward: 'Next: caring for it' },
  tend: { name: 'Care', onward: null },
} as const satisfies Record<string, { name: string; onward: string | null }>;

export type Station = keyof typeof STATIONS;
export const STATION_IDS = Object.keys(STATIONS) as Station[];

export const isStation = (text: string): text is Station => Object.hasOwn(STATIONS, text);

export const stationPath = (id: string, station: Station): string => `/pot/${id}/${station}`;

/** The container that a path is of; empty where it is of none. */
export const potIn = (path: string): string => /^\/pot\/([^/]+)\//.exec(path)?.[1] ?? '';

/** The station after one, or null for the last. */
export const stationAfter = (station: Station): Station | null => STATION_IDS[STATION_IDS.indexOf(station) + 1] ?? null;
