import { PestSchema, type Facts, type Pest } from '../traits';
import { among, type WaysAsked } from './lists';

/** Who is looked over for which pest or disease. Practice; a plant of one's own has those of its genus. */
const ON: Record<Pest, (p: Pick<WaysAsked, 'botanical'>) => boolean> = {
  greenfly: among(
    'Capsicum, Fuchsia, Rosa, Argyranthemum, Hibiscus, Lactuca, Calendula, Abutilon, Osteospermum, Pericallis, Gerbera, Viola, Lonicera, Calibrachoa, Mandevilla',
  ),
  blackfly: among('Tropaeolum, Phaseolus, Dahlia, Hedera, Digitalis'),
  whitefly: among(
    'Solanum, Fuchsia, Pelargonium × domesticum, Abutilon, Hibiscus, Lantana, Euphorbia pulcherrima, Brugmansia, Cucumis',
  ),
  'vine weevil': among(
    'Heuchera, Heucherella, Fuchsia, Sedum, Hylotelephium, Begonia, Cyclamen, Primula, Rhododendron, Tiarella, Sempervivum, Echeveria, Fragaria, Skimmia, Bergenia, Camellia, Saxifraga',
  ),
  slugs: among(
    'Hosta, Dahlia, Tagetes, Lactuca, Petunia, Viola, Bellis, Primula, Ipomoea batatas, Zinnia, Salvia splendens, Ocimum, Lilium, Clematis, Canna, Rudbeckia, Spinacia, Pisum, Fritillaria, Campanula, Hemerocallis, Brassica, Colocasia',
  ),
  'red spider mite': among(
    'Brugmansia, Cucumis, Fuchsia, Impatiens, Picea, Chamaecyparis, Musa, Ensete, Cordyline, Thunbergia, Phaseolus, Dypsis, Hedera, Mandevilla, Solanum melongena, Alocasia, Colocasia, Ipomoea, Strobilanthes, Citrus, Lantana',
  ),
  mealybug: among(
    'Citrus, Crassula, Echeveria, Curio, Kalanchoe, Aeonium, Haworthiopsis, Mammillaria, Kroenleinia, Opuntia, Aloe, Clivia, Hippeastrum, Bougainvillea, Codiaeum, Coleus, Graptopetalum, Adenium, Plumbago, Phormium, Gardenia, Portulacaria, Ceropegia',
  ),
  'scale insect': among(
    'Laurus, Citrus, Camellia, Olea, Nerium, Euonymus, Hedera, Ficus, Gardenia, Strelitzia, Aucuba, Monstera, Heptapleurum, Skimmia, Ilex',
  ),
  'powdery mildew': among(
    'Begonia, Chrysanthemum, Cucumis, Cucurbita, Dahlia, Mahonia, Phlox, Pulmonaria, Rosa, Symphyotrichum, Verbena, Zinnia, Myosotis, Calendula, Euonymus, Vitis, Pericallis, Salvia rosmarinus, Laurus, Lathyrus, Pisum, Malus, Photinia, Ranunculus, Erysimum, Cosmos, Coreopsis, Lonicera, Acer',
  ),
  'downy mildew': among(
    'Impatiens walleriana, Ocimum, Coleus, Viola, Hebe, Lactuca, Spinacia, Helianthus, Antirrhinum, Digitalis',
  ),
  'grey mould': among(
    'Cyclamen, Pelargonium, Primula, Fragaria, Petunia, Lavandula, Senecio, Euphorbia pulcherrima, Gerbera, Viola, Bellis, Anemone, Galanthus, Tagetes erecta',
  ),
  rust: among(
    'Pelargonium × hortorum, Antirrhinum, Fuchsia, Mentha, Chrysanthemum, Bellis, Rosa, Allium, Canna, Vinca, Heuchera',
  ),
  'black spot': among('Rosa, Helleborus'),
  'tomato blight': among('Solanum lycopersicum'),
  budworm: among('Pelargonium, Petunia, Nicotiana, Calibrachoa'),
  'cabbage white': among('Brassica, Tropaeolum, Eruca, Matthiola, Cleome, Raphanus'),
  'box caterpillar': among('Buxus'),
  'lily beetle': among('Lilium, Fritillaria'),
  earwigs: among('Dahlia, Clematis, Chrysanthemum, Zinnia elegans'),
};

export const pestWays = (p: WaysAsked): Pick<Facts, 'pests'> => ({
  pests: PestSchema.options.filter((pest) => ON[pest](p)),
});
