import type { Plant } from './schema';
import { among } from './ways/lists';

/**
 * Thorns, spines, stiff points, edges that cut, or awns that lodge in ears and paws. Ordinary garden
 * knowledge; a minus before a species that has none of its genus's.
 */
const armed = among(`
  Agave, Aloe, Asparagus, Bougainvillea, Chamaerops, Citrus, Cleome, Duranta,   Gaultheria mucronata, Ilex, -Ilex crenata, Juniperus, -Juniperus horizontalis, Kroenleinia, Lagurus,
  Mahonia, -Mahonia eurybracteata, Mammillaria, Miscanthus, Nassella, Neoregelia, Opuntia, Phoenix, Rosa,
  Rubus, Solanum melongena, Trachycarpus, Yucca
`);

/** Whether a plant has spines, thorns, stiff points, cutting edges or hooked awns, by its species or its genus. */
export const isSpiny = (p: Pick<Plant, 'botanical'>): boolean => armed(p);
