export const STATIONS = ['spot', 'container', 'plants', 'make'] as const;
export type Station = (typeof STATIONS)[number];

export const STATION_NAME: Record<Station, string> = {
  spot: 'Spot',
  container: 'Container',
  plants: 'Plants',
  make: 'Make',
};

export const isStation = (text: string): text is Station => (STATIONS as readonly string[]).includes(text);

export const stationPath = (id: string, station: Station): string => `/pot/${id}/${station}`;
