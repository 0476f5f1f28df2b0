import { asleep } from './sleep';
import { factsOf } from './facts';
import type { Plant } from './schema';
import type { Facts } from './traits';

/** A leaf or a flower that is told of in a note, as a grower writes it. */
const CUT = /\b(shear|clip|trim)(s|ped)?\b|\bcut (it |them )?(back|down|low|over)\b/i;
const NEVER_DEEP = /never into (old|bare) wood/i;
const SMELLS = /\b(scent(ed)?|smells|fragrant|fragrance)\b/i;
const SAP = /\b(sap|latex)\b[^.]*\b(burns?|itch\w*|irritat\w*|blisters?|redden|stings?|sticky)\b/i;

/** Nights from which a plant is kept in a room, °C: no frost-free shed is so warm. Working figure. */
const ROOM_FROM_C = 8;
/** Under this a plant that is left out lives through an ordinary winter, °C. Working figure. */
const LEFT_OUT_C = -8;
/** Less flower than this in a month is none. */
const BLOOMS = 0.1;

/** What a plant's facts say against each other, or against its note, each a question to its facts. */
const SLIPS: Record<string, (p: Plant, f: Facts) => boolean> = {
  'its note has it cut, and it is never cut': (p, f) => CUT.test(p.note) && f.cutBack === 'never',
  'its note forbids old wood, and it is cut deeper': (p, f) =>
    NEVER_DEEP.test(p.note) && (f.cutBack === 'by half' || f.cutBack === 'to the base'),
  'scented in its note alone': (p, f) => SMELLS.test(p.note) && f.scent === 'none',
  'its note warns of its sap, and the sap is harmless': (p) => SAP.test(p.note) && p.irritantSap === 'no',
  'flowers in months in which its top is down': (p, f) =>
    p.bloom.some((b, month) => b >= BLOOMS && asleep(f, month)) && f.winterLook !== 'evergreen',
  'wants a room, and is kept frost-free': (p, f) => f.kept === 'frost-free' && p.coldestNightC >= ROOM_FROM_C,
  'left out, and dies in an ordinary winter': (p, f) => f.kept === 'outdoors' && p.coldestWinterC > LEFT_OUT_C,
  'kept colder than it bears': (p, f) => f.kept !== 'outdoors' && f.kept !== 'not kept' && f.keptAtC < p.coldestWinterC,
  'goes out in nights colder than it survives': (p, f) => f.outFromC < p.coldestNightC,
  'lives one season, and is kept': (_, f) => f.life === 'annual' && f.kept !== 'not kept',
  'may spread, and nobody says where': (p, f) => p.spreadRisk === 'check local list' && f.runsWild.length === 0,
  'runs wild somewhere, and is said not to spread': (p, f) => p.spreadRisk === 'none known' && f.runsWild.length > 0,
  'poisonous, and of no kind of poison': (p, f) =>
    f.poisonClass === 'none known' && Object.values(p.poison).some((g) => g === 'toxic' || g === 'deadly'),
  'feeds bees without a flower': (p, f) => f.bees !== 'none' && p.flower.form === 'none',
  'a shrub that is over in a season': (p, f) => f.life === 'shrub' && f.kept === 'not kept' && p.group !== 'climber',
};

/** The slips of a record, in words; empty for one that agrees with itself. */
export function slipsOf(p: Plant): string[] {
  const facts = factsOf(p);
  return Object.entries(SLIPS).flatMap(([slip, is]) => (is(p, facts) ? [slip] : []));
}
