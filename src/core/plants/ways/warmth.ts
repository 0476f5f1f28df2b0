import type { Facts } from '../traits';
import { among, type WaysAsked, listedWays } from './lists';

/**
 * What warm weather does to plants: the afternoons of a summer, the nights of a hot place, and the winter
 * that some must have.
 */

const heat = listedWays<Facts['heat']>([
  [
    'thrives',
    `Acalypha, Adenium, Agave, Alocasia, Aloe, Alternanthera, Angelonia, Bougainvillea, Caladium, Callistemon, Canna,
    Capsicum, Catharanthus, Celosia, Cenchrus, Cistus, Codiaeum, Coleus, Colocasia, Crassula, Crossandra, Cyperus,
    Dichondra, Duranta, Echeveria, Ensete, Epipremnum, Euphorbia hypericifolia, Euphorbia pulcherrima, Evolvulus,
    Gomphrena, Graptopetalum, Hedychium, Heliconia, Hibiscus, Ipomoea, Iresine, Ixora, Kalanchoe, Kroenleinia, Lantana,
    Mandevilla, Musa, Nerium, Ocimum, Oenothera, Olea, Pentas, Plumbago, Portulaca, Gaillardia, Salvia farinacea, Scaevola, Sedum, Strelitzia,
    Solanum melongena, Tradescantia, Zinnia, Vitis`,
  ],
  [
    'stands',
    'Aeonium, Sempervivum, Petrosedum, Phedimus, Hylotelephium, Begonia × semperflorens, Begonia hybrid, Clivia, Neoregelia, Zantedeschia aethiopica',
  ],
  [
    'tires',
    `Alstroemeria, Anethum, Antirrhinum, Arctotis, Argyranthemum, Astilbe, Aubrieta, Begonia, Brachyscome, Brunnera,
    Chaenostoma, Clematis, Dianthus, Diascia, Felicia, Fuchsia, Geranium, Gerbera, Hakonechloa, Helleborus, Heuchera,
    Heucherella, Hosta, Hydrangea, Lathyrus, Lamprocapnos, Lobelia, Lobularia, Nemesia, Nicotiana, Osteospermum,
    Penstemon, Phaseolus coccineus, Pisum, Primula, Pulmonaria, Rhododendron, Skimmia, Soleirolia, Tiarella,
    Tropaeolum, Erythranthe, Digitalis, Raphanus`,
  ],
  [
    'stops',
    `Anemone, Bellis, Calendula, Coriandrum, Crocus, Cyclamen, Eranthis, Eruca, Erysimum cheiri, Fritillaria, Galanthus,
    Hyacinthus, Iris, Lactuca, Leucojum, Matthiola, Muscari, Myosotis, Narcissus, Nemophila, Pericallis, Ranunculus,
    Saxifraga, Scilla, Spinacia, Tulipa, Viola, Primula auricula`,
  ],
]);

function heatOf(p: WaysAsked): Facts['heat'] {
  const said = heat(p);
  if (said) return said;
  if (p.season === 'cool') return 'tires';
  return p.group === 'tropical' || p.group === 'succulent' ? 'thrives' : 'stands';
}

/**
 * The warmest mean night, month after month, °C. After growers of warm places: temperate shrubs, conifers,
 * ivy, heuchera and hosta stand 20–21; pelargoniums and petunias 22–23; Mediterranean greys 22; tropical leaf
 * any.
 */
const warmestNight = listedWays<number | null>([
  [16, 'Viola, Bellis, Myosotis, Matthiola, Ranunculus, Erysimum cheiri, Nemophila, Pericallis, Primula, Cyclamen'],
  [18, 'Lathyrus, Aubrieta, Saxifraga, Astilbe, Lamprocapnos, Pisum, Spinacia, Lactuca, Calluna, Erica, Picea'],
  [20, 'Acer, Skimmia, Pieris, Gaultheria, Leucothoe, Fuchsia, Lobelia, Diascia, Nemesia, Helleborus, Hakonechloa'],
  [
    22,
    `Artemisia, Cistus, Convolvulus, Helichrysum, Jacobaea, Lavandula, Leucophyta, Olea, Salvia officinalis,
    Salvia rosmarinus, Santolina, Senecio, Stachys, Thymus, Begonia × tuberhybrida, Begonia boliviensis, Dicksonia,
    Hylotelephium, Salvia nemorosa, Hydrangea, Clematis, Rosa, Agapanthus`,
  ],
  [
    23,
    'Pelargonium, Petunia, Calibrachoa, Chaenostoma, Osteospermum, Argyranthemum, Verbena, Dahlia, Camellia, Bidens',
  ],
  [
    24,
    `Abelia, Agave, Cenchrus alopecuroides, Echinacea, Fatsia, Ficus, Gaillardia, Gardenia, Hemerocallis,
    Liriope, Loropetalum, Miscanthus, Nandina, Oenothera, Ophiopogon, Panicum, Photinia, Pittosporum, Rudbeckia,
    Trachycarpus, Vitis, Yucca, Tropaeolum, Antirrhinum, Dianthus, Cosmos, Phormium, Cordyline australis`,
  ],
  [
    null,
    `Aloe, Asparagus, Caladium, Chamaerops, Cyperus, Fargesia, Mentha, Salvia splendens, Salvia farinacea, Trachelospermum,
    Zantedeschia, Begonia × semperflorens, Begonia hybrid, Begonia rex, Nephrolepis, Adiantum, Impatiens, Torenia,
    Catharanthus, Celosia, Cleome, Cuphea, Euphorbia hypericifolia, Gomphrena, Lantana, Mecardonia, Pentas, Portulaca,
    Sanvitalia, Tagetes, Xerochrysum, Zinnia, Angelonia, Scaevola, Evolvulus, Helianthus, Plumbago, Ageratum,
    Strobilanthes, Coleus, Hypoestes, Ipomoea, Iresine, Alternanthera, Perilla, Dichondra, Chlorophytum, Jasminum,
    Passiflora, Thunbergia, Ocimum, Capsicum, Solanum melongena, Cucumis, Citrus, Hippeastrum, Callistemon, Nerium,
    Brugmansia, Abutilon`,
  ],
]);

/**
 * Where nothing is said: what lives through hard frost wants cool nights, bedding bears warm ones, the
 * tropics anything. °C, working figures.
 */
const TEMPERATE_C = 21;
const COOL_SEASON_C = 18;
const BEDDING_C = 24;

function warmestNightOf(p: WaysAsked): number | null {
  const said = warmestNight(p);
  if (said !== undefined) return said;
  if (p.group === 'tropical') return null;
  if (p.group === 'succulent') return p.season === 'warm' ? null : BEDDING_C;
  if (p.season === 'cool') return COOL_SEASON_C;
  return p.season === 'warm' ? BEDDING_C : TEMPERATE_C;
}

const weeks = (n: number, belowC: number): Facts['chill'] => ({ weeks: n, belowC });

/**
 * Winters that plants must have to come again. Growers' figures: spring bulbs 12–14 weeks under 9°C, hosta,
 * apple, maple 8–10 under 7, box, heuchera and ivy 8 under 10.
 */
const chill = listedWays<Facts['chill']>([
  [
    weeks(13, 9),
    'Tulipa, Hyacinthus, Narcissus, Allium hybrid, Fritillaria, Leucojum, Scilla, Crocus, Galanthus, Eranthis',
  ],
  [weeks(10, 9), 'Muscari, Iris, Anemone blanda, Lilium'],
  [
    weeks(9, 7),
    'Acer, Astilbe, Hosta, Lamprocapnos, Malus, Ribes, Rubus, Vaccinium, Brunnera, Pulmonaria, Helleborus, Cornus',
  ],
  [weeks(6, 10), 'Hydrangea, Camellia, Rosa, Clematis, Lonicera periclymenum, Vitis, Daphne'],
  [
    null,
    `Abelia, Agave, Cenchrus, Chamaerops, Cordyline, Dianella, Erigeron, Fargesia, Fatsia, Ficus,
    Gaillardia, Glechoma, Hemerocallis, Hylotelephium, Juncus, Liriope, Loropetalum, Mentha, Nassella, Oenothera,
    Ophiopogon, Panicum, Petrosedum, Phedimus, Photinia, Salvia, Trachycarpus, Yucca, Jacobaea, Digitalis, Cyclamen,
    Viola, Primula, Bellis, Dianthus barbatus, Erysimum, Nandina, Carex, Acorus, Soleirolia, Melissa`,
  ],
]);

/** What lives through so much cold is used to a winter, °C. Working figure. */
const WINTERED_C = -15;
const annual = among('Brassica, Myosotis, Antirrhinum, Lactuca, Eruca, Spinacia');

function chillOf(p: WaysAsked): Facts['chill'] {
  const said = chill(p);
  if (said !== undefined) return said;
  return p.coldestWinterC <= WINTERED_C && p.season !== 'warm' && !annual(p) ? weeks(8, 10) : null;
}

export const warmthWays = (p: WaysAsked): Pick<Facts, 'heat' | 'warmestNightC' | 'chill'> => ({
  heat: heatOf(p),
  warmestNightC: warmestNightOf(p),
  chill: chillOf(p),
});
