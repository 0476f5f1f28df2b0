import type { Facts } from '../traits';
import { type WaysAsked, listedWays } from './lists';

/**
 * How much mix a plant must have by itself, and what it makes of tight roots. Half of what growers give it
 * for its full size: with less than that it is a third smaller and over sooner.
 */

const least = listedWays<number>([
  [0.3, 'Crocus, Eranthis, Galanthus, Scilla, Muscari, Iris reticulata, Leucojum, Fritillaria, Sempervivum, Raphanus'],
  [
    0.5,
    'Echeveria, Sedum, Petrosedum, Phedimus, Curio, Mammillaria, Haworthiopsis, Soleirolia, Cyclamen, Viola, Primula',
  ],
  [3, 'Lilium, Penstemon, Lathyrus, Pisum, Brassica oleracea, Beta, Capsicum, Salvia rosmarinus'],
  [4, 'Dahlia, Agapanthus, Rosa, Hedychium, Phaseolus coccineus, Hosta sieboldiana, Miscanthus, Abutilon, Cosmos'],
  [
    6,
    'Solanum, Colocasia, Alocasia, Hibiscus, Cordyline australis, Phormium, Clematis, Jasminum, Passiflora, Strelitzia, Laurus, Hydrangea, Camellia, Pieris, Olea, Cucumis, Lonicera periclymenum, Mandevilla',
  ],
  [
    8,
    'Canna, Acer, Citrus, Nerium, Viburnum, Fatsia, Bougainvillea, Trachycarpus, Phoenix, Dypsis, Chamaerops, Callistemon, Photinia, Monstera',
  ],
  [12, 'Cucurbita, Ensete, Musa, Ribes, Rubus, Vaccinium, Ficus, Fargesia, Dicksonia, Brugmansia, Vitis'],
  [20, 'Malus'],
]);

const BY_GROUP: Record<WaysAsked['group'], number> = {
  'warm bedding': 1.5,
  'cool bedding': 1,
  foliage: 1.5,
  grass: 2,
  tropical: 3,
  succulent: 0.8,
  shade: 1.5,
  perennial: 2,
  shrub: 3,
  herb: 1.2,
  bulb: 0.5,
  climber: 3,
};

const tight = listedWays<Facts['tight']>([
  [
    'likes it',
    `Agapanthus, Clivia, Strelitzia, Ficus, Pelargonium, Bougainvillea, Hippeastrum, Crassula, Dracaena trifasciata,
    Spathiphyllum, Chlorophytum, Aloe, Agave, Chamaerops, Phormium, Nerine, Haworthiopsis, Passiflora`,
  ],
  [
    'sulks',
    `Anethum, Brassica, Coriandrum, Cucumis, Cucurbita, Eruca, Hydrangea, Lathyrus, Lactuca, Phaseolus, Pisum, Raphanus,
    Solanum, Spinacia, Canna, Dahlia, Clematis, Rosa, Lilium, Colocasia, Ensete, Musa, Brugmansia, Helianthus, Cosmos`,
  ],
]);

export const rootWays = (p: WaysAsked): Pick<Facts, 'rootL' | 'tight'> => ({
  rootL: least(p) ?? BY_GROUP[p.group],
  tight: tight(p) ?? 'bears it',
});
