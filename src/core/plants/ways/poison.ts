import type { Facts } from '../traits';
import { among, type WaysAsked, listedWays } from './lists';

/**
 * The kind of poison in a genus, as poison lines and garden references class it. It says what to name on the
 * telephone; the grade on the record says how bad it is.
 */
const kind = listedWays<Facts['poisonClass']>([
  [
    'oxalates',
    `Aglaonema, Alocasia, Caladium, Colocasia, Epipremnum, Monstera, Philodendron, Spathiphyllum, Zantedeschia, Begonia,
    Oxalis, Heptapleurum, Portulaca, Mesembryanthemum, Delosperma,
    Hyacinthus, Beta`,
  ],
  ['cardiac glycosides', 'Adenium, Digitalis, Erysimum, Helleborus, Kalanchoe, Nerium, Scilla, Mandevilla'],
  ['cyanogenic glycosides', 'Osteospermum, Cotoneaster, Malus, Nandina, Photinia, Hydrangea, Passiflora, Lotus'],
  [
    'alkaloids',
    `Brugmansia, Buxus, Catharanthus, Clivia, Fritillaria, Galanthus, Hippeastrum, Isotoma, Leucojum, Lobelia, Narcissus,
    Nerine, Nicotiana, Solanum, Taxus, Capsicum, Lamprocapnos, Eranthis, Vinca, Skimmia, Euonymus, Sarcococca,
    Pachysandra, Ipomoea, Lathyrus, Mahonia, Convolvulus`,
  ],
  [
    'pyrrolizidine alkaloids',
    'Ageratum, Curio, Heliotropium, Jacobaea, Pericallis, Senecio, Brunnera, Myosotis, Pulmonaria',
  ],
  ['lectins', 'Phaseolus, Pisum'],
  [
    'saponins',
    `Agapanthus, Aloe, Hosta, Asparagus, Cordyline, Cyclamen, Dracaena, Fatsia, Hedera, Agave, Yucca, Dianthus, Gypsophila,
    Ilex, Aucuba, Ophiopogon, Liriope, Lonicera, Duranta`,
  ],
  ['grayanotoxins', 'Leucothoe, Pieris, Rhododendron, Gaultheria mucronata'],
  ['diterpene esters', 'Euphorbia, Codiaeum, Acalypha, Daphne'],
  ['onion sulphides', 'Allium'],
  ['furanocoumarins', 'Citrus, Ficus, Foeniculum, Petroselinum, Anethum'],
  [
    'essential oils',
    `Artemisia, Laurus, Lavandula, Melissa, Mentha, Origanum, Pelargonium, Thuja, Chamaecyparis, Juniperus, Plectranthus,
    Coleus, Tagetes, Gaultheria procumbens, Glechoma, Nepeta, Acorus`,
  ],
  ['sesquiterpene lactones', 'Argyranthemum, Chrysanthemum, Dahlia, Gaillardia, Leucanthemum, Rudbeckia'],
  ['tuliposides', 'Tulipa, Alstroemeria'],
  ['protoanemonin', 'Anemone, Clematis, Ranunculus'],
  ['kidney poison', 'Lilium, Hemerocallis, Vitis'],
]);

const gradesOf = ({ poison }: Pick<WaysAsked, 'poison'>) => Object.values(poison);

/** Genera that were looked for and stand on no list; of the others *unknown* means that nobody has looked. */
const lookedUp = among(
  `Eucomis, Rhodochiton, Myosotis, Foeniculum, Lotus, Coprosma, Ophiopogon, Liriope, Gaillardia, Brunnera, Pulmonaria,
  Browallia, Dryopteris, Chamaecyparis, Choisya, Cornus, Convolvulus, Santolina, Cleome, Plumbago, Lophospermum,
  Nierembergia, Hemerocallis, Passiflora, Dianella, Grevillea, Euryops, Sarcococca`,
);

export function poisonWays(p: WaysAsked): Pick<Facts, 'poisonClass' | 'unknownMeans'> {
  const harmless = gradesOf(p).every((g) => g === 'none');
  const said = kind(p);
  return {
    poisonClass: harmless
      ? 'none known'
      : (said ?? (gradesOf(p).some((g) => g !== 'none' && g !== 'unknown') ? 'other' : 'none known')),
    unknownMeans: lookedUp(p) ? 'looked up, not listed' : 'not looked up',
  };
}
