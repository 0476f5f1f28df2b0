import { GUST, holdsAgainst } from '../balance/push';
import { GALE_MS, isExpected, type KnownDay } from '../climate/days';
import { plantedMass } from '../containers';
import { LIFT_KG } from '../containers/cautions';
import { ballsL } from '../plantings/resolve';
import { factsOf } from '../plants/facts';
import { addDays, formatDay } from '../units/date';
import type { Asked, Due, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';

/** Leaf and stem that do not stand the wind are tied from this height on, mm. Growers’ figure. */
const TALL_MM = 400;
/** A plant’s outline fills so much of its height by its width: an ellipse. */
const OUTLINE = Math.PI / 4;

/** A gust as it is felt at the spot, m/s: less in a yard, more on a roof. */
const feltAt = ({ planting }: Asked, gustMs: number): number => (gustMs * GUST[planting.spot.wind]) / GUST.open;

/** What is to be done before a day’s gust, or null. */
function secured(asked: Asked, { date, gustMs = 0 }: KnownDay): string | null {
  const felt = feltAt(asked, gustMs);
  if (felt < GALE_MS) return null;
  const { container, placements } = asked.planting;
  const standing = aliveOn(asked, date);
  if (container.mount !== 'ground') return container.mount === 'hook' ? 'take it down' : 'check its fixings';
  const sails = standing.map(({ grown: { heightMm, spreadMm } }) => ({ mm2: heightMm * spreadMm * OUTLINE, heightMm }));
  if (holdsAgainst(container, ballsL(placements), sails, felt) < 1)
    return plantedMass(container, ballsL(placements), 'soaked').totalKg <= LIFT_KG
      ? 'move it into the lee'
      : 'wedge it or tie it back';
  const tall = standing.filter(
    ({ placed, grown }) => grown.heightMm >= TALL_MM && factsOf(placed.plant).wind !== 'stands',
  );
  return tall.length > 0 ? `tie ${namesOf(tall)}` : null;
}

/** A gale is forecast: for its first day, what would fall or snap. */
export const gale: JobKind = {
  // What falls breaks, and can hurt somebody: it comes before all that can wait.
  matters: 'dies',
  withinDays: 0,
  of: (asked) => {
    if (!isPlanted(asked)) return [];
    const first = asked.weather.find((d) => d.date >= asked.today && isExpected(d) && secured(asked, d) !== null);
    const text = first && secured(asked, first);
    if (!first || !text) return [];
    const eve = addDays(first.date, -1);
    return [
      {
        on: eve > asked.today ? eve : asked.today,
        until: first.date,
        text: `before the gale on ${formatDay(first.date)}, ${text}`,
        done: [{ what: 'secure', to: null }],
        within: 3,
        key: `gale-${first.date}`,
      } satisfies Due,
    ];
  },
  why: 'A gust tips pots, snaps soft stems and tears at hooks and brackets, and what falls can hurt someone. Stand pots close together on the ground out of the wind the evening before; leave anything overhead to a calm hour and two people.',
  says: ({ text }) => capital(text),
};
