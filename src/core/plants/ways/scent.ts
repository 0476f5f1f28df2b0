import type { Facts } from '../traits';
import { type WaysAsked, listedWays } from './lists';

/** Who smells, of what, how strongly, when and how far. Ordinary garden knowledge. */

const of = listedWays<Facts['scent']>([
  [
    'leaf',
    `Agastache, Anethum, Artemisia, Cistus, Coleus argentatus, Coleus forsteri, Coriandrum, Foeniculum,
    Glechoma, Helichrysum, Laurus, Lavandula, Melissa, Mentha, Nepeta, Ocimum, Origanum, Pelargonium graveolens, Perilla,
    Petroselinum, Salvia guaranitica, Salvia microphylla, Salvia nemorosa, Salvia officinalis, Salvia rosmarinus,
    Salvia yangii, Santolina, Tagetes, Thymus`,
  ],
  [
    'flower',
    `Brugmansia, Choisya, Citrus, Daphne, Dianthus, Erysimum cheiri, Galanthus, Gardenia, Hedychium,
    Heliotropium, Hyacinthus, Iris reticulata, Jasminum, Lathyrus, Lobularia, Lonicera periclymenum, Mahonia, Matthiola,
    Muscari, Narcissus, Nemesia, Nicotiana, Phlox drummondii, Primula auricula, Primula vulgaris, Sarcococca, Skimmia,
    Trachelospermum, Viola cornuta, Rosa, Crocus chrysanthus, Petunia, Verbena × hybrida, Nerium`,
  ],
]);

const strength = listedWays<Facts['scentStrength']>([
  [
    'strong',
    `Brugmansia, Citrus, Daphne, Gardenia, Hedychium, Hyacinthus, Jasminum, Lathyrus, Lavandula, Lilium,
    Lonicera periclymenum, Matthiola, Mentha, Pelargonium graveolens, Salvia rosmarinus, Sarcococca, Trachelospermum,
    Ocimum`,
  ],
  [
    'faint',
    `Crocus chrysanthus, Galanthus, Glechoma, Helichrysum, Iris reticulata, Mahonia, Muscari, Nerium, Petroselinum, Petunia,
    Phlox drummondii, Primula vulgaris, Rosa, Salvia nemorosa, Verbena × hybrida, Viola cornuta, Salvia guaranitica,
    Dianthus barbatus, Perilla, Cistus`,
  ],
]);

const dusk = listedWays<Facts['scentTime']>([
  ['at dusk', 'Brugmansia, Hedychium, Lonicera periclymenum, Nicotiana, Petunia, Jasminum'],
]);
const reach = listedWays<Facts['scentReach']>([
  ['close to', 'Heliotropium, Dianthus, Primula, Narcissus, Nemesia, Skimmia'],
  ['in passing', 'Lathyrus, Gardenia, Citrus, Lobularia, Matthiola'],
]);

const FROM_AFAR: Record<Facts['scentStrength'], Facts['scentReach']> = {
  faint: 'close to',
  clear: 'in passing',
  strong: 'across a terrace',
};

export function scentWays(p: WaysAsked): Pick<Facts, 'scent' | 'scentStrength' | 'scentTime' | 'scentReach'> {
  const scent = of(p) ?? 'none';
  const strong = strength(p) ?? 'clear';
  return {
    scent,
    scentStrength: strong,
    scentTime: scent === 'leaf' ? 'when touched' : (dusk(p) ?? 'by day'),
    scentReach: scent === 'leaf' ? 'close to' : (reach(p) ?? FROM_AFAR[strong]),
  };
}
