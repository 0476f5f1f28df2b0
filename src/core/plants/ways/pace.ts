import type { Facts } from '../traits';
import { type WaysAsked, listedWays } from './lists';

/** How fast plants fill out within a season, and how many seasons they take to the size on their record. */

const pace = listedWays<Facts['pace']>([
  [
    'slow',
    `Acer, Adenium, Agave, Aloe, Asplenium, Aucuba, Buxus, Calluna, Camellia, Chamaecyparis, Chamaerops, Citrus, Clivia,
    Convolvulus, Crassula, Cryptomeria, Daphne, Dicksonia, Dracaena, Erica, Fatsia, Ficus, Galanthus, Gardenia,
    Gaultheria, Haworthiopsis, Helleborus, Ilex, Juniperus, Kroenleinia, Laurus, Leucothoe, Liriope, Mahonia, Malus,
    Mammillaria, Nandina, Olea, Ophiopogon, Opuntia, Pachysandra, Phoenix, Picea, Pieris, Pinus, Rhododendron,
    Sarcococca, Saxifraga, Sempervivum, Skimmia, Strelitzia, Taxus, Thuja, Trachycarpus, Vaccinium, Viburnum, Yucca,
    Primula auricula, Aglaonema, Neoregelia`,
  ],
  [
    'fast',
    `Anethum, Bidens, Brassica, Brugmansia, Calendula, Canna, Cleome, Coleus, Colocasia, Coriandrum, Cosmos, Cucumis,
    Cucurbita, Dahlia, Eruca, Glechoma, Helianthus, Impatiens, Ipomoea, Lactuca, Mentha, Nicotiana, Ocimum, Petunia,
    Phaseolus, Pisum, Raphanus, Solanum, Spinacia, Tagetes, Thunbergia, Tropaeolum, Verbena, Zinnia`,
  ],
]);

/**
 * Seasons to the middle of a record's range, from the start it is ordinarily bought in. After growers'
 * figures: bedding 1, soft perennials 2, hostas and ferns 2–3, shrubs and spikes 3–4, conifers, box and palms
 * 5–8.
 */
const seasons = listedWays<number>([
  [2, 'Abutilon, Rosa, Miscanthus, Panicum, Heuchera, Hedera'],
  [
    1,
    `Canna, Colocasia, Fragaria, Mandevilla, Nephrolepis, Ensete, Musa, Hedychium, Dahlia, Rudbeckia hirta, Verbena bonariensis, Oenothera, Penstemon,
    Chrysanthemum, Symphyotrichum, Salvia guaranitica, Salvia microphylla, Brugmansia, Nassella, Cenchrus setaceus,
    Cenchrus hybrid, Cenchrus americanus, Lagurus, Isolepis, Hypoestes, Ceropegia, Tradescantia, Dianthus barbatus,
    Caladium, Plumbago, Fuchsia, Thunbergia, Ipomoea, Lathyrus, Rhodochiton, Cucumis, Portulaca, Mesembryanthemum,
    Kalanchoe, Lampranthus, Digitalis, Begonia hybrid, Begonia × tuberhybrida, Begonia boliviensis, Impatiens,
    Torenia, Browallia, Coleus, Euphorbia pulcherrima, Dorotheanthus`,
  ],
  [
    3,
    `Hosta, Asplenium, Athyrium, Dryopteris, Polystichum, Heucherella, Hakonechloa, Lavandula, Convolvulus,
    Helleborus, Ophiopogon, Liriope, Aeonium, Clivia, Agapanthus, Clematis, Euonymus, Jasminum, Lonicera,
    Bougainvillea, Trachelospermum, Erica, Calluna, Vinca, Salvia officinalis, Pachysandra, Aglaonema, Neoregelia`,
  ],
  [
    4,
    `Cordyline, Phormium, Yucca, Dracaena, Vitis, Dianella, Strelitzia, Monstera, Crassula,
    Haworthiopsis, Salvia rosmarinus, Salvia yangii, Acalypha, Codiaeum, Duranta, Hibiscus, Ixora, Heptapleurum,
    Agave, Aloe, Fargesia`,
  ],
  [
    6,
    `Acer, Buxus, Camellia, Chamaecyparis, Chamaerops, Cryptomeria, Dicksonia, Dypsis, Ilex, Juniperus, Kroenleinia,
    Laurus, Malus, Mammillaria, Olea, Opuntia, Phoenix, Picea, Pinus, Taxus, Thuja, Trachycarpus, Adenium`,
  ],
]);

const BY_GROUP: Record<WaysAsked['group'], number> = {
  'warm bedding': 1,
  'cool bedding': 1,
  foliage: 1,
  grass: 2,
  tropical: 2,
  succulent: 2,
  shade: 2,
  perennial: 2,
  shrub: 4,
  herb: 1,
  bulb: 1,
  climber: 2,
};
/** Leaf that lives through a hard winter is no summer bedding, whatever shelf it stands on. */
const LASTS = 2;

export function paceWays(p: WaysAsked): Pick<Facts, 'pace' | 'seasons'> {
  const usual =
    p.season === 'year-round' || p.season === 'hardy' ? Math.max(LASTS, BY_GROUP[p.group]) : BY_GROUP[p.group];
  return { pace: pace(p) ?? 'ordinary', seasons: seasons(p) ?? usual };
}
