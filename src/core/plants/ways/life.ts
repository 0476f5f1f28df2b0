import type { Facts } from '../traits';
import { among, type WaysAsked, listedWays } from './lists';

/**
 * How long plants live, what is to be seen of them in winter, and in which months they stand. Ordinary garden
 * knowledge, species by species where a genus has two ways.
 */

/** A plant that lives through less cold than this does not winter outdoors where frost is hard, °C. Working figure. */
export const HARDY_C = -12;
/** What lives through so much cold stands through an ordinary mild winter, °C. Working figure. */
export const MILD_HARDY_C = -8;

const life = listedWays<Facts['life']>([
  [
    'annual',
    `Anethum, Beta, Brassica, Browallia, Capsicum, Cenchrus americanus, Coriandrum, Cucumis, Cucurbita, Digitalis,
    Dorotheanthus, Dianthus barbatus, Eruca, Erysimum cheiri, Erythranthe, Helianthus, Ipomoea tricolor, Isotoma,
    Lactuca, Lagurus, Lathyrus, Myosotis, Ocimum, Origanum majorana, Perilla, Pericallis, Petroselinum, Phaseolus,
    Phlox drummondii, Pisum, Portulaca, Raphanus, Rudbeckia hirta, Solanum, Spinacia, Thunbergia, Torenia, Tropaeolum,
    Allium fistulosum`,
  ],
  [
    'tender perennial',
    `Alternanthera, Angelonia, Arctotis, Argyranthemum, Begonia, Bidens, Brachyscome, Calibrachoa, Canna, Chaenostoma,
    Chlorophytum, Coleus, Cuphea, Dahlia, Diascia, Evolvulus, Felicia, Fuchsia, Fuchsia × hybrida, Fuchsia triphylla,
    Gazania, Gerbera, Helichrysum, Heliotropium, Impatiens, Iresine, Lantana, Lophospermum, Lotus, Mandevilla,
    Mecardonia, Nemesia, Nierembergia, Osteospermum, Pelargonium, Pentas, Petunia, Plectranthus, Plumbago,
    Salvia farinacea, Salvia splendens, Salvia guaranitica, Salvia microphylla, Scaevola, Strobilanthes, Tradescantia,
    Verbena × hybrida, Verbena bonariensis`,
  ],
  [
    'hardy perennial',
    'Jacobaea, Erigeron, Glechoma, Oenothera, Artemisia, Cyclamen coum, Cyclamen hederifolium, Senecio',
  ],
  [
    'shrub',
    `Abutilon, Acalypha, Bougainvillea, Brugmansia, Chamaerops, Clematis, Codiaeum, Duranta, Dypsis, Fuchsia magellanica,
    Hibiscus, Ixora, Jasminum, Lavandula, Lonicera, Nerium, Passiflora, Phoenix, Rosa, Salvia rosmarinus, Salvia officinalis,
    Salvia yangii, Thymus, Trachelospermum, Euphorbia pulcherrima, Vitis, Portulacaria, Heptapleurum, Hedera`,
  ],
]);

function lifeOf(p: WaysAsked): Facts['life'] {
  const said = life(p);
  if (said) return said;
  if (p.group === 'bulb') return 'bulb';
  if (p.group === 'shrub') return 'shrub';
  if (p.coldestWinterC <= HARDY_C) return 'hardy perennial';
  return p.group === 'warm bedding' || p.group === 'cool bedding' ? 'annual' : 'tender perennial';
}

const winterLook = listedWays<Facts['winterLook']>([
  [
    'evergreen',
    `Carex, Choisya, Dianthus, Festuca, Lonicera ligustrina, Thymus, Agapanthus, Cyclamen coum, Cyclamen hederifolium,
    Juncus, Asplenium, Polystichum`,
  ],
  [
    'semi-evergreen',
    `Abelia, Ajuga, Erigeron, Fragaria, Lamium, Muehlenbeckia, Nassella, Origanum, Passiflora, Penstemon, Stachys,
    Lysimachia nummularia, Tiarella, Salvia microphylla, Dryopteris`,
  ],
  ['stands dry', 'Cenchrus alopecuroides, Hakonechloa, Hylotelephium, Imperata, Miscanthus, Panicum'],
  [
    'bare stems',
    `Acer, Clematis, Cornus, Ficus, Fuchsia magellanica, Jasminum, Lonicera periclymenum, Malus, Ribes, Rosa, Rubus,
    Salvia yangii, Vaccinium, Vitis`,
  ],
  ['gone', 'Chrysanthemum, Salvia nemorosa, Digitalis, Origanum majorana'],
]);

function winterLookOf(p: WaysAsked): Facts['winterLook'] {
  const said = winterLook(p);
  if (said) return said;
  if (p.season === 'year-round') return 'evergreen';
  if (p.season === 'hardy') return p.group === 'shrub' ? 'bare stems' : 'gone';
  if (p.season === 'cool' && p.group !== 'bulb' && p.coldestWinterC <= MILD_HARDY_C) return 'evergreen';
  return 'gone';
}

/** Months in which a leafy perennial's top stands in an ordinary temperate garden. Working figure. */
const LEAFY: Facts['top'] = [4, 11];
const ALL_YEAR: Facts['top'] = [1, 12];
/** A bulb's leaves come so many months before its flowers and go so many after. Working figures. */
const LEAVES_BEFORE = 2;
const LEAVES_AFTER = 1;

/** Soft leaf that the first cold weeks of October take. Practice. */
const earlyToBed = among('Hosta, Astilbe, Athyrium, Adiantum, Lamprocapnos');

/**
 * First and last month of bloom, 0–11, round the end of the year where it must; null for what never blooms,
 * or always.
 */
function bloomSpan({ bloom }: Pick<WaysAsked, 'bloom'>): [number, number] | null {
  const flowers = (m: number) => (bloom[m] ?? 0) > 0;
  const first = bloom.findIndex((_, m) => flowers(m) && !flowers((m + 11) % 12));
  const last = bloom.findIndex((_, m) => flowers(m) && !flowers((m + 1) % 12));
  return first < 0 || last < 0 ? null : [first, last];
}

/** A bulb's leaves stand from before its first month of bloom until after its last. */
function bulbTop(p: WaysAsked): Facts['top'] {
  const span = bloomSpan(p);
  return span ? [((span[0] - LEAVES_BEFORE + 12) % 12) + 1, ((span[1] + LEAVES_AFTER) % 12) + 1] : LEAFY;
}

/** What dies down stands at least as long as it flowers. */
function leafyTop(p: WaysAsked): Facts['top'] {
  const span = bloomSpan(p);
  const [from, to] = earlyToBed(p) ? [LEAFY[0], 10] : LEAFY;
  return span ? [Math.min(from, span[0] + 1), Math.max(to, span[1] + 1)] : [from, to];
}

function topOf(p: WaysAsked, look: Facts['winterLook']): Facts['top'] {
  if (p.group === 'bulb' && p.season !== 'year-round') return p.season === 'warm' ? leafyTop(p) : bulbTop(p);
  return look === 'gone' && p.season === 'hardy' ? leafyTop(p) : ALL_YEAR;
}

export function lifeWays(p: WaysAsked): Pick<Facts, 'life' | 'winterLook' | 'top'> {
  const look = winterLookOf(p);
  return { life: lifeOf(p), winterLook: look, top: topOf(p, look) };
}
