import type { Found } from '../water/ahead';
import type { LogEntry } from './schema';

/** What of a log says how wet a container was: brimful after the can, as the probe found it. */
export const foundIn = (log: readonly LogEntry[]): Found[] =>
  log.flatMap((e): Found[] =>
    e.kind === 'water' ? [{ on: e.on, share: 1 }] : e.kind === 'probe' ? [{ on: e.on, share: e.share }] : [],
  );
