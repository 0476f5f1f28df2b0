import type { Facts, Forage } from '../traits';
import { type WaysAsked, listedWays } from './lists';

/**
 * What flowers give to bees, butterflies and moths. Ordinary garden knowledge: open singles, spikes and
 * umbels feed them; doubles and windborne grasses do not.
 */

const bees = listedWays<Forage>([
  [
    'none',
    `Begonia, Bougainvillea, Bellis, Camellia, Celosia, Chrysanthemum, Codiaeum, Euphorbia pulcherrima, Gardenia, Hydrangea,
    Impatiens, Pelargonium, Tagetes, Dahlia, Xerochrysum, Ranunculus, Rosa, Spathiphyllum, Brugmansia, Mandevilla,
    Gerbera, Petunia, Calibrachoa, Viola × wittrockiana, Dianthus hybrid, Zantedeschia, Hippeastrum, Adenium`,
  ],
  [
    'some',
    `Canna, Catharanthus, Chaenostoma, Cyclamen, Heliconia, Mammillaria, Oxalis, Salvia splendens, Strelitzia, Vitis, Fuchsia, Gladiolus, Hemerocallis,
    Heucherella, Hibiscus, Hosta, Lilium, Lobelia, Tulipa, Viola, Pelargonium graveolens, Pelargonium peltatum, Primula,
    Narcissus, Nicotiana, Skimmia, Sarcococca, Euryops, Gazania, Osteospermum, Angelonia, Argyranthemum,
    Brachyscome, Plumbago, Citrus, Thunbergia, Ipomoea, Clematis, Hydrangea paniculata, Zinnia, Verbena, Nerium`,
  ],
  [
    'good',
    `Heuchera, Cuphea, Tagetes patula, Fuchsia magellanica, Bidens, Bergenia, Cosmos, Erigeron, Felicia, Gaillardia, Coreopsis, Rudbeckia,
    Phaseolus, Fragaria, Cucurbita, Campanula, Aubrieta, Arabis, Iberis, Lobularia, Heliotropium, Sanvitalia, Scaevola,
    Myosotis, Tiarella, Cleome, Verbena bonariensis, Tropaeolum, Antirrhinum, Passiflora, Leucanthemum, Cistus, Abelia`,
  ],
  [
    'best',
    `Agastache, Allium, Calluna, Cotoneaster, Crocus, Digitalis, Echinacea, Eranthis, Erica, Galanthus, Geranium,
    Helianthus, Helleborus, Hylotelephium, Lamium, Lavandula, Malus, Melissa, Mentha, Muscari, Nepeta, Origanum, Petrosedum,
    Pulmonaria, Ribes, Rubus, Salvia nemorosa, Salvia yangii, Salvia officinalis, Salvia rosmarinus, Scabiosa, Scilla,
    Symphyotrichum, Thymus, Vaccinium, Mahonia, Salvia farinacea, Ajuga, Foeniculum, Coriandrum, Anethum, Veronica`,
  ],
]);

const butterflies = listedWays<Forage>([
  ['best', 'Echinacea, Hylotelephium, Lantana, Pentas, Symphyotrichum, Verbena bonariensis'],
  [
    'good',
    `Aubrieta, Coreopsis, Cosmos, Erigeron, Erysimum, Gomphrena, Heliotropium, Lavandula, Nepeta, Origanum, Scabiosa,
    Tagetes, Verbena, Zinnia, Duranta, Plumbago, Rudbeckia, Lobularia, Phlox, Abelia, Dahlia, Oenothera, Helianthus, Ixora`,
  ],
  [
    'some',
    'Agastache, Allium, Bidens, Dianthus, Gaillardia, Iberis, Lampranthus, Leucanthemum, Myosotis, Salvia, Thymus',
  ],
]);
const moths = listedWays<Forage>([
  ['best', 'Lonicera periclymenum, Nicotiana'],
  ['good', 'Brugmansia, Hedychium, Jasminum, Matthiola, Oenothera, Trachelospermum'],
  ['some', 'Gardenia, Petunia, Phlox, Verbena, Zantedeschia aethiopica'],
]);

/** Where nothing is said: what a flower of such a form gives. Working figures. */
const BY_FORM: Record<WaysAsked['flower']['form'], Forage> = {
  spike: 'good',
  daisy: 'good',
  airy: 'good',
  bell: 'good',
  round: 'some',
  trumpet: 'some',
  ball: 'some',
  plume: 'none',
  none: 'none',
};

export function visitorWays(p: WaysAsked): Pick<Facts, 'bees' | 'butterflies' | 'moths'> {
  // Grasses are pollinated by the wind, and what never flowers feeds nobody.
  if (p.flower.form === 'none' || p.flower.show === 0 || (p.group === 'grass' && p.flower.form === 'plume'))
    return { bees: 'none', butterflies: 'none', moths: 'none' };
  return {
    bees: bees(p) ?? BY_FORM[p.flower.form],
    butterflies: butterflies(p) ?? 'none',
    moths: moths(p) ?? 'none',
  };
}
