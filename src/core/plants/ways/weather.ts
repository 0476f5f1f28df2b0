import type { Facts } from '../traits';
import { type WaysAsked, listedWays } from './lists';

/** What wind, rain, dull days and one drying-out do to plants. Ordinary garden knowledge. */

const wind = listedWays<Facts['wind']>([
  [
    'tears',
    `Acer, Alocasia, Brugmansia, Caladium, Canna, Colocasia, Cucurbita, Dicksonia, Ensete, Hedychium, Heliconia, Monstera,
    Musa, Nephrolepis, Strelitzia, Trachycarpus, Zantedeschia, Adiantum, Athyrium, Begonia rex, Hosta, Spathiphyllum,
    Goeppertia`,
  ],
  [
    'snaps',
    `Abutilon, Aeonium, Begonia, Capsicum, Cleome, Coleus, Cosmos, Crassula, Dahlia, Digitalis, Gladiolus, Helianthus,
    Impatiens, Iresine, Kalanchoe, Lathyrus, Lilium, Plectranthus, Salvia guaranitica, Sedum morganianum, Solanum,
    Strobilanthes, Zinnia elegans, Pericallis, Euphorbia pulcherrima, Gerbera, Tulipa hybrid, Hyacinthus,
    Perilla, Fuchsia triphylla, Phaseolus, Pisum, Hippeastrum`,
  ],
]);

const wilt = listedWays<Facts['wilt']>([
  ['dies', 'Adiantum, Calluna, Erica, Dicksonia, Isolepis, Picea, Chamaecyparis, Cryptomeria'],
  [
    'drops its flowers',
    `Abutilon, Ageratum, Argyranthemum, Astilbe, Erythranthe, Lobelia, Nemophila, Begonia × tuberhybrida, Begonia boliviensis, Brugmansia, Camellia, Capsicum,
    Chaenostoma, Citrus, Diascia, Fuchsia, Gardenia, Hibiscus, Lathyrus, Lobularia, Nemesia, Petunia, Phaseolus, Pisum,
    Primula, Rhododendron, Salvia splendens, Solanum, Torenia, Viola, Vaccinium, Pieris, Skimmia, Mandevilla, Heliotropium,
    Calibrachoa, Ranunculus, Gaultheria, Cucumis, Cucurbita, Angelonia, Browallia, Lysimachia, Pericallis, Isotoma`,
  ],
]);

const rain = listedWays<Facts['rain']>([
  [
    'shuts',
    `Arctotis, Crocus, Delosperma, Dorotheanthus, Eranthis, Evolvulus, Gazania, Ipomoea tricolor, Lampranthus,
    Mesembryanthemum, Osteospermum, Oxalis, Portulaca`,
  ],
  [
    'bruises',
    `Begonia × tuberhybrida, Brugmansia, Camellia, Cosmos, Gardenia, Hibiscus, Matthiola, Pelargonium × hortorum,
    Pelargonium × domesticum, Petunia, Ranunculus, Rosa, Viola × wittrockiana, Zinnia elegans, Tagetes erecta,
    Anemone coronaria, Hydrangea macrophylla, Clematis`,
  ],
  [
    'rots',
    `Adenium, Artemisia, Catharanthus, Celosia, Ceropegia, Convolvulus, Crassula, Curio, Echeveria, Graptopetalum,
    Haworthiopsis, Helichrysum, Jacobaea, Kalanchoe, Kroenleinia, Lavandula, Leucophyta, Mammillaria, Opuntia, Portulacaria,
    Santolina, Sedum, Senecio, Stachys, Agave, Aloe, Lotus, Dianthus hybrid`,
  ],
]);

export const weatherWays = (p: WaysAsked): Pick<Facts, 'wind' | 'wilt' | 'rain'> => ({
  wind: wind(p) ?? 'stands',
  wilt: wilt(p) ?? 'recovers',
  rain: rain(p) ?? 'stands',
});
