import type { Climate } from './schema';

/** A place to start from: its twelve months, and the dates and depths a gardener would name. */
export interface Profile extends Climate {
  id: string;
  latitude: number;
  /** MM-DD. */
  lastFrost: string;
  firstFrost: string;
  coldestWinterC: number;
}

const profile = (id: string, name: string, latitude: number, lastFrost: string, firstFrost: string, coldestWinterC: number, highC: number[], lowC: number[], rainMm: number[]): Profile => ({ id, name, latitude, lastFrost, firstFrost, coldestWinterC, highC, lowC, rainMm });

/**
 * Twelve made-up places. Working figures, rounded from the shape of real kinds of climate (oceanic, continental,
 * Mediterranean, humid, high, arid, southern); no one station. January first.
 */
export const PROFILES: readonly Profile[] = [
  profile('kelp-street', 'Kelp Street, mild sea coast', 52, '04-20', '11-06', -7, [8, 8, 10, 13, 16, 19, 21, 21, 18, 15, 11, 9], [3, 3, 4, 6, 9, 12, 14, 14, 12, 9, 6, 4], [75, 55, 50, 48, 48, 55, 50, 62, 65, 85, 90, 85]),
  profile('harbour-wick', 'Harbour Wick, cool north coast', 57, '05-06', '10-18', -11, [6, 6, 8, 11, 14, 16, 18, 18, 16, 12, 8, 6], [1, 1, 2, 4, 6, 9, 11, 11, 9, 6, 3, 1], [95, 70, 75, 55, 55, 60, 70, 80, 90, 105, 105, 100]),
  profile('orchard-vale', 'Orchard Vale, inland and temperate', 51, '05-02', '10-22', -11, [7, 8, 11, 15, 18, 21, 24, 24, 20, 15, 10, 7], [1, 1, 3, 5, 8, 11, 13, 13, 11, 8, 4, 2], [60, 45, 45, 50, 55, 52, 50, 60, 55, 70, 65, 65]),
  profile('mill-plain', 'Mill Plain, continental', 50, '05-12', '10-08', -19, [2, 4, 10, 16, 21, 24, 26, 26, 20, 14, 7, 3], [-4, -3, 1, 5, 9, 13, 15, 14, 10, 6, 1, -2], [35, 30, 38, 42, 65, 72, 75, 68, 48, 40, 40, 38]),
  profile('birch-lake', 'Birch Lake, cold continental', 46, '05-24', '09-22', -31, [-7, -4, 3, 12, 19, 25, 27, 26, 21, 12, 4, -4], [-17, -15, -7, 1, 8, 13, 16, 15, 10, 3, -4, -12], [20, 20, 42, 65, 85, 105, 95, 95, 75, 60, 40, 25]),
  profile('river-bend', 'River Bend, warm humid', 39, '04-16', '10-26', -15, [6, 8, 13, 19, 24, 29, 32, 31, 27, 20, 14, 8], [-4, -3, 2, 7, 12, 18, 20, 19, 15, 9, 3, -1], [75, 70, 90, 90, 105, 100, 105, 90, 95, 85, 80, 80]),
  profile('bayou-road', 'Bayou Road, hot and humid', 30, '02-24', '12-02', -5, [17, 19, 22, 26, 30, 32, 33, 33, 31, 27, 22, 18], [7, 9, 12, 16, 20, 23, 24, 24, 22, 17, 11, 8], [130, 125, 115, 120, 115, 175, 160, 150, 125, 90, 105, 125]),
  profile('olive-terrace', 'Olive Terrace, Mediterranean', 41, '03-10', '12-04', -4, [13, 14, 16, 19, 23, 27, 30, 30, 27, 22, 17, 14], [5, 5, 7, 9, 13, 17, 20, 20, 17, 13, 8, 6], [45, 38, 38, 45, 45, 25, 18, 45, 70, 85, 60, 45]),
  profile('red-mesa', 'Red Mesa, high and dry', 35, '05-04', '10-14', -14, [9, 12, 16, 21, 26, 32, 33, 31, 28, 21, 14, 9], [-5, -3, 1, 5, 10, 15, 18, 17, 13, 6, -1, -5], [10, 11, 14, 14, 14, 14, 40, 42, 28, 24, 12, 12]),
  profile('saltpan', 'Saltpan, hot desert', 33, '02-10', '12-08', -3, [20, 22, 25, 30, 35, 40, 41, 40, 38, 31, 24, 19], [8, 10, 13, 16, 21, 26, 29, 29, 25, 18, 12, 8], [20, 20, 22, 7, 3, 1, 25, 25, 16, 14, 15, 20]),
  profile('high-saddle', 'High Saddle, mountain valley', 46, '05-28', '09-20', -22, [1, 4, 9, 13, 17, 21, 24, 23, 18, 13, 6, 1], [-7, -6, -2, 1, 5, 8, 10, 10, 7, 3, -2, -6], [50, 45, 55, 70, 95, 110, 110, 115, 85, 65, 60, 55]),
  profile('southern-quay', 'Southern Quay, mild southern coast', -37, '08-20', '06-08', -1, [26, 26, 24, 20, 17, 14, 14, 15, 17, 20, 22, 24], [15, 15, 14, 11, 9, 7, 6, 7, 8, 10, 11, 13], [45, 47, 48, 55, 58, 50, 48, 52, 58, 65, 62, 58]),
];
