import type { Plant } from './schema';

/**
 * Genera with thorns, spines, stiff points, or awns that lodge in ears and paws. Ordinary garden knowledge; the careful
 * side where species differ.
 */
const ARMED = new Set([
  'Agave',
  'Aloe',
  'Asparagus',
  'Berberis',
  'Bougainvillea',
  'Chaenomeles',
  'Chamaerops',
  'Citrus',
  'Cleome',
  'Euphorbia milii',
  'Gymnocalycium',
  'Ilex',
  'Juniperus',
  'Kroenleinia',
  'Lagurus',
  'Mahonia',
  'Mammillaria',
  'Nassella',
  'Neoregelia',
  'Opuntia',
  'Phoenix',
  'Pyracantha',
  'Rosa',
  'Rubus',
  'Stipa',
  'Yucca',
]);

/** Whether a plant has spines, thorns, stiff points or hooked awns, by its species or its genus. */
export function isSpiny({ botanical }: Pick<Plant, 'botanical'>): boolean {
  const [genus = '', species = ''] = botanical.replace(/^× ?/, '').split(' ');
  return ARMED.has(genus) || ARMED.has(`${genus} ${species}`);
}
