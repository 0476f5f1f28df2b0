import type { Station } from '../shell/stations';

/** Where a rule that left plants out can be loosened. */
export const LOOSENED: Partial<Record<string, { station: Station; text: string }>> = {
  light: { station: 'spot', text: 'Check the sun' },
  scorch: { station: 'spot', text: 'Check the sun' },
  safety: { station: 'spot', text: 'Change who might touch or eat it' },
  nights: { station: 'spot', text: 'Change the frost dates' },
  winter: { station: 'spot', text: 'Change the winter low' },
  height: { station: 'container', text: 'Choose another container' },
  fit: { station: 'container', text: 'Choose another container' },
};
