import type { Facts } from '../traits';
import { among, type WaysAsked, listedWays } from './lists';

/**
 * What a hand does to plants: how far they are cut and when, who roots from a cutting, who is tied, who
 * cleans itself. Practice, species by species.
 */

type Cut = Pick<Facts, 'cutBack' | 'cutMonth'>;
const cut = (cutBack: Facts['cutBack'], cutMonth: number): Cut => ({ cutBack, cutMonth });

const cuts = listedWays<Cut>([
  [
    cut('to the base', 3),
    'Agastache, Cenchrus alopecuroides, Clematis, Cornus, Fuchsia magellanica, Hakonechloa, Imperata, Miscanthus, Panicum, Salvia guaranitica, Salvia yangii, Rudbeckia fulgida, Echinacea, Hylotelephium',
  ],
  [cut('to the base', 4), 'Verbena bonariensis, Eucomis'],
  [cut('to the base', 5), 'Lactuca, Eruca, Petroselinum, Spinacia'],
  [cut('to the base', 6), 'Pulmonaria, Brunnera, Allium, Euphorbia characias, Euphorbia amygdaloides, Lamprocapnos'],
  [
    cut('to the base', 7),
    'Nepeta, Geranium, Veronica spicata, Salvia nemorosa, Mentha, Melissa, Leucanthemum, Scabiosa',
  ],
  [cut('to the base', 8), 'Rubus, Allium schoenoprasum'],
  [cut('to the base', 11), 'Hosta, Astilbe, Athyrium, Chrysanthemum, Symphyotrichum, Hemerocallis, Gaillardia'],
  [
    cut('by half', 3),
    'Hydrangea paniculata, Hibiscus, Mandevilla, Bougainvillea, Plumbago, Abutilon, Brugmansia, Nerium, Rosa, Jasminum, Passiflora, Acalypha, Duranta, Lonicera periclymenum, Heptapleurum, Vitis, Lophospermum, Penstemon, Salvia microphylla, Angelonia, Catharanthus, Cuphea, Euphorbia hypericifolia, Evolvulus, Fuchsia, Heliotropium, Lantana, Pelargonium, Pentas, Salvia farinacea, Salvia splendens, Scaevola',
  ],
  [cut('by half', 4), 'Artemisia, Jacobaea, Muehlenbeckia, Hedera, Vinca, Glechoma, Ceropegia'],
  [cut('by half', 5), 'Aubrieta, Arabis, Phlox subulata, Phlox, Lamium'],
  [cut('by half', 6), 'Viola, Antirrhinum, Dianthus barbatus, Erythranthe, Lysimachia'],
  [
    cut('by half', 6),
    `Alternanthera, Coleus, Dichondra, Helichrysum, Hypoestes, Ipomoea batatas, Iresine, Mecardonia, Perilla,
    Plectranthus, Strobilanthes, Tradescantia`,
  ],
  [
    cut('by half', 7),
    `Argyranthemum, Bidens, Brachyscome, Calibrachoa, Campanula, Chaenostoma, Diascia, Erigeron, Felicia, Gypsophila, Isotoma,
    Lobelia, Lobularia, Nemesia, Nierembergia, Oenothera, Origanum, Osteospermum, Petunia, Phlox drummondii, Verbena`,
  ],
  [cut('by half', 8), 'Coreopsis'],
  [cut('in leaf only', 3), 'Callistemon, Cistus, Euryops, Grevillea, Leucophyta, Olea, Calluna, Erica'],
  [cut('in leaf only', 4), 'Santolina, Salvia rosmarinus, Salvia officinalis, Convolvulus, Leucothoe, Coprosma'],
  [
    cut('in leaf only', 5),
    'Camellia, Choisya, Euonymus, Lonicera ligustrina, Loropetalum, Pieris, Mahonia, Iberis, Saxifraga, Pachysandra',
  ],
  [
    cut('in leaf only', 6),
    'Buxus, Ilex, Taxus, Laurus, Rhododendron, Photinia, Viburnum, Pittosporum, Thuja, Aucuba, Fatsia, Dianthus, Gardenia, Sarcococca, Ocimum, Armeria',
  ],
  [cut('in leaf only', 7), 'Thymus, Impatiens, Abelia, Sanvitalia, Artemisia dracunculus, Origanum majorana'],
  [cut('in leaf only', 8), 'Lavandula, Hebe, Ixora'],
]);
/** What nobody said may be cut is left alone; where it is tidied at all it is in summer. */
const UNCUT = cut('never', 7);

const roots = among(
  `Abutilon, Aeonium, Alternanthera, Angelonia, Argyranthemum, Artemisia, -Artemisia dracunculus, Begonia hybrid,
  Begonia rex, Bidens, Brachyscome, Brugmansia, Buxus, Calibrachoa, Ceropegia, Chaenostoma, Chlorophytum, Chrysanthemum,
  Coleus, Coprosma, Cornus, Crassula, Cuphea, Curio, Delosperma, Diascia, Dichondra, Duranta, Echeveria, Epipremnum,
  Erysimum, -Erysimum cheiri, Euonymus, Evolvulus, Felicia, Ficus, Fuchsia, Gazania, Glechoma, Graptopetalum, Hebe,
  Hedera, Helichrysum, Heliotropium, Heptapleurum, Hydrangea, Hypoestes, Hylotelephium, Impatiens, Ipomoea batatas,
  Iresine, Kalanchoe, Lamium, Lampranthus, Lantana, Lavandula, Lysimachia, Mentha, Monstera, Muehlenbeckia, Nemesia,
  Nerium, Ocimum, Opuntia, Origanum, Osteospermum, Oxalis, Passiflora, Pelargonium, Penstemon, Pentas, Petrosedum,
  Petunia, Phedimus, Philodendron, Plectranthus, Plumbago, Portulaca, Portulacaria, Ribes, Salvia, -Salvia farinacea,
  -Salvia splendens, -Salvia nemorosa, Santolina, Scaevola, Sedum, Sempervivum, Soleirolia, Strobilanthes, Thymus,
  Tradescantia, Verbena, -Verbena bonariensis, Vinca, Vitis, Mesembryanthemum, Bougainvillea, Melissa, Pachysandra,
  Acalypha, Codiaeum, Euphorbia pulcherrima, Haworthiopsis, Mammillaria, Fuchsia magellanica`,
);

const stake = among(
  'Capsicum, Cleome, Cosmos, Dahlia, Gladiolus, Lilium, Solanum, Phaseolus coccineus, Malus, Digitalis, Salvia guaranitica, Zinnia elegans',
);
const frame = among('Bougainvillea, Clematis, Lathyrus, Plumbago, Cucumis, Rubus, Vitis, Pisum');
const twines = among(
  'Ipomoea tricolor, Jasminum, Lonicera periclymenum, Lophospermum, Mandevilla, Passiflora, Rhodochiton, Thunbergia, Trachelospermum',
);

const LOW: ReadonlySet<WaysAsked['habit']> = new Set(['mound', 'cascade']);

/** A climber climbs as well as hangs where it may lead; bushes of the same name stand by themselves. */
function supportOf(p: WaysAsked): Facts['support'] {
  const leads = p.roles.includes('thriller');
  if (twines(p)) return leads ? 'twines' : 'none';
  if (frame(p)) return p.habit === 'climber' || (leads && !LOW.has(p.habit)) ? 'frame' : 'none';
  return stake(p) && leads ? 'stake' : 'none';
}

const drops = among(
  `Angelonia, Begonia, -Begonia × tuberhybrida, Bidens, Brachyscome, Browallia, Calibrachoa, Catharanthus, Chaenostoma,
  Cuphea, Diascia, Erigeron, Euphorbia hypericifolia, Evolvulus, Fuchsia, Hibiscus, Impatiens, Ipomoea, Isotoma, Lobelia,
  Lobularia, Lysimachia, Mandevilla, Mecardonia, Nemesia, Nemophila, Nierembergia, Oenothera, Portulaca, Sanvitalia,
  Scaevola, Thunbergia, Torenia, Tradescantia, Plumbago, Myosotis, Gypsophila, Abutilon, Bougainvillea, Lantana,
  Lophospermum, Passiflora, Jasminum, Phlox subulata, Aubrieta, Lampranthus, Mesembryanthemum, Rhodochiton, Camellia`,
);

export function careWays(p: WaysAsked): Cut & Pick<Facts, 'cuttings' | 'support' | 'spent'> {
  return {
    ...(cuts(p) ?? UNCUT),
    cuttings: roots(p) ? 'root easily' : 'no',
    support: supportOf(p),
    spent: drops(p) || p.flower.form === 'none' ? 'falls' : 'stays',
  };
}
