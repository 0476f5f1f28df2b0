import type { Station } from '../shell/stations';

/** Where a rule that left plants out can be loosened. */
export const LOOSENED: Partial<Record<string, { station: Station; text: string }>> = {
  light: { station: 'spot', text: 'Read the light again' },
  scorch: { station: 'spot', text: 'Read the light again' },
  safety: { station: 'spot', text: 'Change who is about' },
  nights: { station: 'spot', text: 'Change the frosts' },
  winter: { station: 'spot', text: 'Change the winter' },
  height: { station: 'container', text: 'Take another container' },
  fit: { station: 'container', text: 'Take another container' },
};
