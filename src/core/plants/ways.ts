import type { Plant } from './schema';
import type { Facts, FactsSaid } from './traits';

/** How a plant lives: all facts that the table of genera does not hold. */
type Ways = Omit<Facts, 'rhythm' | 'mix' | 'worlds' | 'ease'>;

/** Genera, by what is said of them. Ordinary garden knowledge, read once through by genus; a record may say otherwise. */
const words = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

const SLOW = words(`
  Acer Adenium Agave Aloe Asplenium Buxus Camellia Chamaecyparis Citrus Clivia Convolvulus Crassula Cyathea Dracaena Fatsia
  Galanthus Gaultheria Helleborus Ilex Juniperus Kroenleinia Laurus Leucothoe Liriope Mahonia Nandina Olea Ophiopogon
  Phoenix Picea Pieris Pinus Rhododendron Sarcococca Saxifraga Sempervivum Skimmia Taxus Thuja Trachycarpus Chamaerops
  Yucca Haworthia Gardenia Aucuba Erica Calluna Strelitzia Rhapis Malus Ficus Vaccinium Viburnum
`);
const FAST = words(`
  Bidens Brassica Calendula Canna Cleome Coleus Colocasia Cosmos Cucumis Cucurbita Dahlia Eruca Glechoma Helianthus
  Impatiens Ipomoea Lactuca Mentha Nasturtium Nicotiana Ocimum Petunia Phaseolus Solanum Tagetes Thunbergia Tropaeolum
  Verbena Zinnia Coriandrum
`);

const THRIVES_IN_HEAT = words(`
  Acalypha Adenium Agave Alocasia Aloe Alternanthera Angelonia Bougainvillea Caladium Canna Catharanthus Celosia Cenchrus
  Codiaeum Coleus Colocasia Crassula Crossandra Cyperus Duranta Echeveria Euphorbia Evolvulus Gomphrena Graptopetalum
  Heliconia Hibiscus Ipomoea Iresine Ixora Kalanchoe Kroenleinia Lantana Mandevilla Musa Ensete Oenothera Olea Pentas
  Plumbago Portulaca Sansevieria Scaevola Sedum Strelitzia Tradescantia Zinnia Neoregelia Epipremnum Hedychium
`);
const TIRES_IN_HEAT = words(`
  Antirrhinum Argyranthemum Aubrieta Begonia Brachyscome Chaenostoma Clematis Diascia Felicia Fuchsia Geranium
  Helleborus Heuchera Heucherella Hosta Hydrangea Lathyrus Lobelia Lobularia Nemesia Nicotiana Osteospermum Penstemon
  Primula Astilbe Tropaeolum Arctotis Dianthus Alstroemeria
`);
const STOPS_IN_HEAT = words(`
  Anemone Bellis Calendula Crocus Cyclamen Erysimum Galanthus Hyacinthus Iris Lactuca Matthiola Muscari Myosotis
  Narcissus Nemophila Ranunculus Scilla Tulipa Viola Eruca Coriandrum
`);

const TENDER_PERENNIAL = words(`
  Angelonia Argyranthemum Begonia Bidens Brachyscome Calibrachoa Chaenostoma Chlorophytum Coleus Cuphea Diascia Felicia
  Fuchsia Gazania Glechoma Helichrysum Heliotropium Iresine Jacobaea Lantana Lotus Nemesia Osteospermum Pelargonium
  Pentas Petunia Plectranthus Plumbago Salvia Scaevola Verbena Arctotis Nierembergia Tradescantia Alternanthera
  Strobilanthes Dahlia Canna Mandevilla Oenothera Capsicum
`);

const ANNUAL = words(`
  Beta Brassica Capsicum Coriandrum Cucumis Cucurbita Eruca Helianthus Lactuca Myosotis Ocimum Petroselinum
  Phaseolus Solanum Thunbergia Tropaeolum
`);

const SEMI_EVERGREEN = words(`
  Choisya Erigeron Penstemon Carex Lonicera Muehlenbeckia Ajuga Lamium Dianthus Stachys Thymus Origanum Fragaria
  Nassella Festuca Abelia
`);
const BARE_STEMS = words(`
  Acer Clematis Cornus Fuchsia Hydrangea Rosa Salvia Ficus Malus Ribes Rubus Vaccinium Passiflora
`);

const STAKE = words(`
  Capsicum Cleome Cosmos Dahlia Delphinium Gladiolus Lilium Solanum Phaseolus Malus
`);
const FRAME = words('Bougainvillea Clematis Lathyrus Plumbago Cucumis Rubus');
const TWINES = words('Ipomoea Jasminum Lophospermum Mandevilla Passiflora Rhodochiton Thunbergia Trachelospermum');

const COMES_AGAIN = words(`
  Agastache Alyssum Antirrhinum Argyranthemum Bacopa Bidens Brachyscome Calibrachoa Catharanthus Chaenostoma Coleus
  Cuphea Diascia Erigeron Fuchsia Gaura Geranium Glechoma Helichrysum Heliotropium Impatiens Ipomoea Lantana Lobelia
  Lobularia Mentha Nemesia Nepeta Ocimum Oenothera Origanum Pelargonium Penstemon Petunia Plectranthus Salvia Sanvitalia
  Scaevola Thymus Tradescantia Verbena Viola Angelonia Pentas Plumbago Petroselinum Allium Lactuca Dianthus Felicia
  Alternanthera Iresine Muehlenbeckia Hedera Euphorbia Evolvulus Cenchrus
`);

const SCENTED_LEAF = words(`
  Agastache Artemisia Foeniculum Glechoma Helichrysum Laurus Lavandula Mentha Nepeta Ocimum Origanum Perilla Petroselinum
  Plectranthus Salvia Santolina Thymus Tagetes Coriandrum Chamaemelum Citrus
`);
const SCENTED_FLOWER = words(`
  Choisya Convallaria Dianthus Erysimum Gardenia Heliotropium Hyacinthus Jasminum Lathyrus Lilium Lobularia Matthiola
  Muscari Narcissus Nemesia Nicotiana Sarcococca Trachelospermum Hedychium Mahonia
`);

const NOT_FOR_BEES = words(`
  Begonia Bougainvillea Canna Chrysanthemum Cyclamen Fuchsia Hemerocallis Hibiscus Hosta Hydrangea Impatiens Lilium
  Mandevilla Pelargonium Petunia Tagetes Tulipa Celosia Camellia Gladiolus Catharanthus Dahlia Calibrachoa Heuchera
`);

const LIFTED = words('Begonia Caladium Canna Dahlia Gladiolus Colocasia Eucomis Ranunculus Hedychium');
/** Of a genus that is lifted, those without a tuber. */
const NO_TUBER: ReadonlySet<string> = new Set([
  'Begonia × semperflorens',
  'Begonia hybrid',
  'Begonia × corallina',
  'Begonia rex',
]);
const NO_CUTTINGS = words(`
  Antirrhinum Cosmos Cleome Tagetes Zinnia Nicotiana Calendula Lobelia Ageratum Celosia Gomphrena Viola Primula
  Cyclamen Lactuca Beta Petroselinum Foeniculum Brassica Ensete Cordyline Phormium
`);
const ROOTS_EASILY = words(`
  Argyranthemum Begonia Bidens Brachyscome Calibrachoa Chaenostoma Coleus Coprosma Crassula Cuphea Diascia Echeveria
  Euonymus Felicia Fuchsia Glechoma Graptopetalum Hedera Helichrysum Heliotropium Hydrangea Impatiens Ipomoea Iresine
  Lantana Lavandula Lysimachia Mentha Nemesia Osteospermum Pelargonium Pentas Penstemon Petunia Plectranthus Plumbago
  Salvia Santolina Scaevola Sedum Strobilanthes Tradescantia Verbena Alternanthera Vinca Thymus Origanum Epipremnum
`);

/** Where each has run wild, as weed lists of such climates commonly have it. It never stands in for a local list. */
const RUNS_WILD: Record<string, Facts['runsWild']> = {
  Agapanthus: ['dry summer', 'subtropical'],
  Ajuga: ['temperate'],
  Asparagus: ['subtropical', 'dry summer'],
  Canna: ['subtropical', 'tropical'],
  Catharanthus: ['subtropical', 'tropical'],
  Cenchrus: ['dry summer', 'subtropical'],
  Colocasia: ['subtropical', 'tropical'],
  Coprosma: ['dry summer'],
  Cotoneaster: ['temperate'],
  Duranta: ['subtropical', 'tropical'],
  Epipremnum: ['subtropical', 'tropical'],
  Erigeron: ['dry summer', 'subtropical'],
  Euonymus: ['temperate'],
  Gazania: ['dry summer'],
  Glechoma: ['temperate'],
  Hedera: ['temperate', 'dry summer'],
  Hedychium: ['subtropical', 'tropical'],
  Impatiens: ['subtropical', 'tropical'],
  Imperata: ['subtropical'],
  Ipomoea: ['subtropical', 'tropical'],
  Jasminum: ['subtropical'],
  Lamium: ['temperate'],
  Lantana: ['subtropical', 'tropical', 'dry summer'],
  Lysimachia: ['temperate'],
  Mesembryanthemum: ['dry summer'],
  Nandina: ['subtropical'],
  Nassella: ['dry summer', 'temperate'],
  Nephrolepis: ['subtropical', 'tropical'],
  Passiflora: ['subtropical', 'tropical'],
  Plectranthus: ['subtropical'],
  Thunbergia: ['subtropical', 'tropical'],
  Tradescantia: ['subtropical', 'tropical'],
  Tropaeolum: ['subtropical', 'dry summer'],
  Verbena: ['dry summer', 'subtropical'],
  Vinca: ['temperate', 'dry summer'],
};

/** A plant that lives through less cold than this does not winter outdoors where frost is hard, °C. Working figure. */
const HARDY_C = -12;
/** What lives through so much cold stands through an ordinary mild winter, °C. Working figure. */
const MILD_HARDY_C = -8;
/** Months in which a leafy perennial's top stands in an ordinary temperate garden. Working figure. */
const LEAFY: Facts['top'] = [4, 11];
const ALL_YEAR: Facts['top'] = [1, 12];
/** A bulb's leaves come so many months before its flowers and go so many after. Working figures. */
const LEAVES_BEFORE = 2;
const LEAVES_AFTER = 1;

type Known = Pick<Plant, 'botanical' | 'group' | 'season' | 'bloom' | 'coldestWinterC' | 'flower' | 'roles'>;

function lifeOf(p: Known, genus: string): Facts['life'] {
  if (p.group === 'bulb') return 'bulb';
  if (p.group === 'shrub') return 'shrub';
  if (ANNUAL.has(genus)) return 'annual';
  if (p.coldestWinterC <= HARDY_C) return 'hardy perennial';
  if (TENDER_PERENNIAL.has(genus)) return 'tender perennial';
  return p.group === 'warm bedding' || p.group === 'cool bedding' ? 'annual' : 'tender perennial';
}

function winterLookOf(p: Known, genus: string): Facts['winterLook'] {
  if (p.season === 'year-round') return SEMI_EVERGREEN.has(genus) ? 'semi-evergreen' : 'evergreen';
  if (p.season === 'hardy') return BARE_STEMS.has(genus) || p.group === 'shrub' ? 'bare stems' : 'gone';
  if (p.season === 'cool' && p.group !== 'bulb' && p.coldestWinterC <= MILD_HARDY_C) return 'evergreen';
  return 'gone';
}

/** A bulb's leaves stand from before its first month of bloom until after its last. */
function bulbTop({ bloom }: Known): Facts['top'] {
  const flowers = (m: number) => (bloom[m] ?? 0) > 0;
  const first = bloom.findIndex((_, m) => flowers(m) && !flowers((m + 11) % 12));
  const last = bloom.findIndex((_, m) => flowers(m) && !flowers((m + 1) % 12));
  if (first < 0 || last < 0) return LEAFY;
  return [((first - LEAVES_BEFORE + 12) % 12) + 1, ((last + LEAVES_AFTER) % 12) + 1];
}

function topOf(p: Known, look: Facts['winterLook']): Facts['top'] {
  if (p.group === 'bulb' && p.season !== 'year-round') return p.season === 'warm' ? LEAFY : bulbTop(p);
  return look === 'gone' && p.season === 'hardy' ? LEAFY : ALL_YEAR;
}

function heatOf(p: Known, genus: string): Facts['heat'] {
  if (STOPS_IN_HEAT.has(genus)) return 'stops';
  if (TIRES_IN_HEAT.has(genus) || p.season === 'cool') return 'tires';
  return THRIVES_IN_HEAT.has(genus) || p.group === 'tropical' || p.group === 'succulent' ? 'thrives' : 'stands';
}

function supportOf(p: Known, genus: string): Facts['support'] {
  if (TWINES.has(genus) && !p.roles.includes('spiller')) return 'twines';
  if (FRAME.has(genus) && p.roles.includes('thriller')) return 'frame';
  return STAKE.has(genus) && p.roles.includes('thriller') ? 'stake' : 'none';
}

function keptOf(p: Known, genus: string, life: Facts['life']): Facts['kept'] {
  if (life === 'annual') return 'not kept';
  if (p.coldestWinterC <= HARDY_C || (p.season === 'cool' && p.coldestWinterC <= MILD_HARDY_C)) return 'outdoors';
  if (LIFTED.has(genus) && !NO_TUBER.has(p.botanical)) return 'lifted dry';
  return p.coldestWinterC > 5 ? 'indoors' : 'frost-free';
}

/** How a plant lives, as is usual for its genus and its group. */
export function waysOf(p: Known, genus: string): Ways {
  const life = lifeOf(p, genus);
  const winterLook = winterLookOf(p, genus);
  const flowers = p.flower.form !== 'none' && p.flower.show > 0;
  const scent: FactsSaid['scent'] = SCENTED_LEAF.has(genus) ? 'leaf' : SCENTED_FLOWER.has(genus) ? 'flower' : 'none';
  return {
    life,
    winterLook,
    top: topOf(p, winterLook),
    heat: heatOf(p, genus),
    pace: SLOW.has(genus) ? 'slow' : FAST.has(genus) ? 'fast' : 'ordinary',
    support: supportOf(p, genus),
    cutBack: COMES_AGAIN.has(genus) ? 'comes again' : 'no',
    scent,
    bees: flowers && !NOT_FOR_BEES.has(genus) ? 'yes' : 'no',
    kept: keptOf(p, genus, life),
    cuttings: ROOTS_EASILY.has(genus) && !NO_CUTTINGS.has(genus) ? 'root easily' : 'no',
    runsWild: RUNS_WILD[genus] ?? [],
  };
}
