import { factsOf, genusOf } from './facts';
import type { Plant } from './schema';
import type { Facts } from './traits';

const from = (genera: string): ReadonlySet<string> => new Set(genera.split(' '));
const isOf =
  (genera: ReadonlySet<string>) =>
  ({ botanical }: Pick<Plant, 'botanical'>): boolean =>
    genera.has(genusOf(botanical));

/**
 * Whose yellow leaves show, and are picked off. Growers' figure: pelargonium and tomato; never succulents,
 * conifers or grasses.
 */
export const showsYellow = isOf(from('Pelargonium Solanum'));

/** Of whom cuttings are taken in late summer. Growers' list: what is raised from seed or by its tuber is not. */
export const isRooted = isOf(
  from('Pelargonium Fuchsia Coleus Argyranthemum Plectranthus Heliotropium Penstemon Osteospermum Helichrysum'),
);

/** Yellow at the tips for want of iron in July. Growers' figure. */
export const wantsIron = isOf(from('Calibrachoa'));

/** Hungry from its first fruit: a feed high in potash. Growers' list. */
export const fruits = isOf(from('Solanum Cucumis Cucurbita Capsicum'));

/** Fed without phosphate. Growers' list. */
export const bearsNoPhosphate = isOf(from('Anigozanthos Grevillea Leucadendron Leucospermum'));

/** Clipped by the calendar. Growers' list. */
export const isTopiary = isOf(from('Buxus Ilex Laurus'));
export const isConifer = isOf(from('Chamaecyparis Cryptomeria Juniperus Picea Pinus Taxus Thuja'));

/** Cut low in March, combed through, or tidied of its old leaves. Growers' lists. */
const CUT_LOW = from('Cornus Fuchsia Nepeta');
/** Of hydrangeas those that flower on new wood: cutting a mophead costs its flower. */
const ON_NEW_WOOD = /^Hydrangea (paniculata|arborescens)/;
const COMBED = from('Nassella Stipa Festuca');
const TIDIED = from('Epimedium Dryopteris Polystichum Athyrium Asplenium Heuchera Heucherella Tiarella');

/**
 * What March asks of a plant that stays out: *comb*, *tidy*, *cut low*, or *cut to 8 cm* for straw; null for
 * nothing.
 */
export function inMarch(plant: Plant): 'comb' | 'tidy' | 'cut low' | 'cut to 8 cm' | null {
  const { winterLook, cutBack, cutMonth } = factsOf(plant);
  if (isOf(COMBED)(plant)) return 'comb';
  if (isOf(TIDIED)(plant)) return 'tidy';
  if (winterLook === 'stands dry') return 'cut to 8 cm';
  if (plant.botanical.startsWith('Hydrangea')) return ON_NEW_WOOD.test(plant.botanical) ? 'cut low' : null;
  return isOf(CUT_LOW)(plant) || (cutBack === 'to the base' && cutMonth === MARCH) ? 'cut low' : null;
}
const MARCH = 3;

/**
 * Woody and fibrous kinds branch by themselves, or not for the pinch: nobody goes round periwinkle, ivy or
 * begonias. Chrysanthemums are hardy and pinched all the same. Growers' list.
 */
const BRANCHES = ['Begonia', 'Lobelia', 'Viola'];
/** What lives for one summer where frosts come. */
export const SOFT: readonly Facts['life'][] = ['annual', 'tender perennial'];
export const isPinched = (p: Plant): boolean =>
  p.pinch === 'helps' &&
  p.group !== 'succulent' &&
  !BRANCHES.includes(genusOf(p.botanical)) &&
  (SOFT.includes(factsOf(p).life) || genusOf(p.botanical) === 'Chrysanthemum');
