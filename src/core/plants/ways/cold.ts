import { clamp } from '../../units/number';
import type { Facts } from '../traits';
import { among, type WaysAsked, listedWays } from './lists';
import { HARDY_C, MILD_HARDY_C } from './life';

/** Cold nights and winters: when plants go out, and how and how warm they are kept. After growers' figures by kind. */

const lifted = among(
  `Caladium, Canna, Dahlia, Gladiolus, Colocasia, Eucomis, Ranunculus, Hedychium, Begonia × tuberhybrida,
  Begonia boliviensis, Zantedeschia hybrid`,
);
const outdoors = among('Erigeron, Jasminum, Passiflora, Trachelospermum, Nerine, Agapanthus, Anemone coronaria');
/** Lives on in theory and is bought anew in practice. */
const notKept = among(
  `Impatiens walleriana, Begonia × semperflorens, Angelonia, Torenia, Rudbeckia hirta, Diascia, Nemesia, Mecardonia,
  Ipomoea batatas, Lagurus, Nierembergia, Bidens, Evolvulus, Matthiola, Gerbera, Lophospermum`,
);
/**
 * What no night under this has checked wants a room, °C. Working figure: no frost-free shed is warmer on a
 * winter night.
 */
const INDOORS_FROM_C = 8;

function keptOf(p: WaysAsked, life: Facts['life']): Facts['kept'] {
  if (life === 'annual' || notKept(p)) return 'not kept';
  if (outdoors(p)) return 'outdoors';
  if (p.coldestWinterC <= HARDY_C || (p.season === 'cool' && p.coldestWinterC <= MILD_HARDY_C)) return 'outdoors';
  if (lifted(p)) return 'lifted dry';
  return p.coldestNightC >= INDOORS_FROM_C || p.coldestWinterC > 5 ? 'indoors' : 'frost-free';
}

const keptAt = listedWays<number>([
  [0, 'Agapanthus, Salvia microphylla, Olea, Laurus, Salvia rosmarinus, Phormium, Cordyline australis, Penstemon'],
  [2, 'Fuchsia, Osteospermum, Argyranthemum, Verbena bonariensis, Lotus, Nerium, Callistemon, Cistus'],
  [4, 'Pelargonium, Plumbago, Helichrysum, Aeonium, Gladiolus, Eucomis, Heliotropium, Abutilon'],
  [5, 'Dahlia, Echeveria, Crassula, Ensete, Brugmansia, Strelitzia, Clivia, Lantana, Petunia, Calibrachoa'],
  [6, 'Canna, Hedychium, Ranunculus, Begonia hybrid'],
  [8, 'Citrus, Bougainvillea, Zantedeschia hybrid, Cyperus, Kroenleinia'],
  [10, 'Begonia × tuberhybrida, Begonia boliviensis, Colocasia, Hippeastrum, Mandevilla, Adenium, Begonia rex'],
  [12, 'Coleus scutellarioides, Hibiscus, Impatiens hawkeri, Musa, Alocasia, Strobilanthes, Kalanchoe, Pentas'],
  [15, 'Codiaeum, Heliconia, Ixora, Aglaonema, Crossandra, Acalypha, Dypsis, Monstera, Goeppertia'],
  [18, 'Caladium'],
]);
const FROST_FREE_C = 3;
/** At rest it takes a night so much colder than while it grows, °C. Working figure. */
const RESTING_C = 2;
/** Indoors so much above the coldest night it takes, within these, °C. Working figures. */
const ABOVE_NIGHT_C = 4;
const INDOORS_C: readonly [number, number] = [10, 15];

function keptAtOf(p: WaysAsked, kept: Facts['kept']): number {
  const said = keptAt(p);
  if (kept === 'outdoors' || kept === 'not kept') return p.coldestWinterC;
  if (said !== undefined) return said;
  return kept === 'indoors'
    ? clamp(p.coldestNightC + ABOVE_NIGHT_C, ...INDOORS_C)
    : Math.max(FROST_FREE_C, p.coldestNightC - RESTING_C);
}

const dryInWinter = among('Pelargonium, Plumbago, Agapanthus, Bougainvillea, Hippeastrum, Adenium, Fuchsia, Clivia');
const watered = among('Citrus, Cyperus, Heliotropium, Ensete, Musa, Nephrolepis, Adiantum, Asparagus, Dicksonia');

function keptWetOf(p: WaysAsked, kept: Facts['kept']): Facts['keptWet'] {
  if (kept === 'lifted dry') return 'dry';
  if (p.group === 'succulent' && kept !== 'outdoors') return 'dry';
  if (kept === 'outdoors') return 'watered';
  if (dryInWinter(p)) return 'barely moist';
  if (kept === 'indoors' || watered(p)) return 'watered';
  return 'barely moist';
}

/** Mean nights under which growth stops, °C, and what growers add before a plant goes out. Growers' figures by kind. */
const stops = listedWays<number>([
  [
    11,
    `Ocimum, Coleus, Caladium, Catharanthus, Cucumis, Solanum melongena, Codiaeum, Acalypha, Crossandra, Heliconia,
    Ixora, Aglaonema, Philodendron, Monstera, Goeppertia, Spathiphyllum, Heptapleurum, Hypoestes, Cordyline fruticosa,
    Euphorbia pulcherrima`,
  ],
  [10, 'Colocasia, Ipomoea batatas'],
  [
    9,
    `Canna, Ipomoea, Impatiens, Dahlia, Alocasia, Musa, Ensete, Celosia, Pentas, Torenia, Alternanthera,
    Iresine, Strobilanthes, Capsicum, Cucurbita, Phaseolus, Zinnia, Gomphrena, Portulaca, Mandevilla, Hibiscus,
    Begonia rex, Angelonia, Perilla, Cenchrus americanus, Evolvulus`,
  ],
  [6, 'Coleus argentatus, Coleus forsteri'],
  [8, 'Begonia, Solanum, Lantana, Thunbergia, Salvia splendens, Tagetes erecta, Helianthus, Cleome, Cosmos'],
]);
const COOL_STOP_C = 3;
const BEDDING_STOP_C = 6;
const ADDED_C = 2;
/**
 * What has lived through a frost needs no such care; what is sold for cool months is soft from under glass
 * until it bears more. °C, working figures.
 */
const HARDENED_C = -3;
const COOL_HARDENED_C = -5;

function outFromOf(p: WaysAsked): number {
  const stop = stops(p);
  if (stop !== undefined) return stop + ADDED_C;
  if (p.coldestNightC <= (p.season === 'cool' ? COOL_HARDENED_C : HARDENED_C)) return p.coldestNightC + ADDED_C;
  if (p.season === 'cool') return COOL_STOP_C + ADDED_C;
  return Math.max(p.coldestNightC, p.season === 'warm' ? BEDDING_STOP_C : COOL_STOP_C) + ADDED_C;
}

/** The cold at which roots die, °C, where growers have measured it. */
const rootsTo = listedWays<number>([
  [-6, 'Olea, Laurus, Phormium, Cordyline australis'],
  [-8, 'Lavandula, Carex, Pittosporum'],
  [-9, 'Hedera, Euonymus, Vinca, Ilex, Skimmia'],
  [-10, 'Buxus, Taxus, Pieris, Rhododendron, Camellia'],
  [-12, 'Heuchera, Heucherella'],
  [-20, 'Picea, Cornus, Bergenia, Sempervivum, Pinus, Juniperus'],
]);

export function coldWays(
  p: WaysAsked,
  life: Facts['life'],
): Pick<Facts, 'kept' | 'keptAtC' | 'keptWet' | 'outFromC' | 'rootsToC'> {
  const kept = p.facts?.kept ?? keptOf(p, life);
  return {
    kept,
    keptAtC: keptAtOf(p, kept),
    keptWet: keptWetOf(p, kept),
    outFromC: outFromOf(p),
    rootsToC: rootsTo(p) ?? null,
  };
}
