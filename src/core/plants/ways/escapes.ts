import type { Facts } from '../traits';
import { type WaysAsked, listedWays } from './lists';

/** Where plants have run wild, as weed lists of such climates commonly have it. It never stands in for a local list. */
const wild = listedWays<Facts['runsWild']>([
  [['temperate'], 'Ajuga, Cotoneaster, Euonymus, Glechoma, Lysimachia, Campanula, Lonicera, Brunnera, Cornus'],
  [
    ['temperate', 'dry summer'],
    'Hedera, Vinca, Muscari, Mentha, Nassella, Foeniculum, Melissa, Erythranthe, Pulmonaria',
  ],
  [['temperate', 'subtropical'], 'Miscanthus, Perilla, Soleirolia, Lonicera periclymenum, Digitalis, Pachysandra'],
  [['dry summer'], 'Coprosma, Delosperma, Gazania, Helichrysum, Mesembryanthemum, Muehlenbeckia, Lampranthus'],
  [
    ['dry summer', 'subtropical'],
    'Agapanthus, Asparagus, Cenchrus, Erigeron, Tropaeolum, Verbena bonariensis, Phormium, Cistus, Opuntia, Nerium',
  ],
  [['subtropical'], 'Imperata, Jasminum, Nandina, Plectranthus, Fatsia, Aucuba, Oxalis'],
  [
    ['subtropical', 'tropical'],
    `Ageratum, Canna, Catharanthus, Colocasia, Duranta, Epipremnum, Hedychium, Impatiens, Ipomoea, Nephrolepis, Passiflora,
    Thunbergia, Tradescantia, Brugmansia, Heptapleurum, Ceropegia`,
  ],
  [['subtropical', 'tropical', 'dry summer'], 'Lantana'],
]);

/** Where it is said to spread, that is where; where nobody knows harm of it, nowhere. */
export const escapeWays = (p: WaysAsked): Pick<Facts, 'runsWild'> => ({
  runsWild: p.spreadRisk === 'none known' ? [] : (wild(p) ?? ['temperate', 'dry summer', 'subtropical', 'tropical']),
});
