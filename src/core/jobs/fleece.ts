import { isExpected, type KnownDay } from '../climate/days';
import { plantedMass } from '../containers';
import { LIFT_KG } from '../containers/cautions';
import { ballsL } from '../plantings/resolve';
import { formatDay, addDays } from '../units/date';
import { lastDone } from './done';
import type { Asked, Due, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';

/** Nights apart by no more than this are one cold spell. Days, working figure. */
const ONE_SPELL_DAYS = 3;

/** Who would suffer in a night. */
const sufferOn = (asked: Asked, { date, lowC }: KnownDay) =>
  aliveOn(asked, date).filter(({ placed }) => placed.plant.coldestNightC > lowC);

/** Cold nights ahead in the forecast, those close together as one spell, by its first night. */
function spells(asked: Asked): { on: string; last: string; lowC: number; who: string }[] {
  const out: { on: string; last: string; lowC: number; who: string }[] = [];
  for (const night of asked.weather) {
    if (night.date < asked.today || !isExpected(night)) continue;
    const hurt = sufferOn(asked, night);
    if (hurt.length === 0) continue;
    const spell = out.at(-1);
    if (spell && night.date <= addDays(spell.last, ONE_SPELL_DAYS)) {
      spell.last = night.date;
      spell.lowC = Math.min(spell.lowC, night.lowC);
    } else out.push({ on: night.date, last: night.date, lowC: night.lowC, who: namesOf(hurt) });
  }
  return out;
}

/** What it is under since when; null in the open. */
function underCover(asked: Asked): { what: 'fleece' | 'bring-in'; since: string } | null {
  const [fleeced, indoors, out] = (['fleece', 'bring-in', 'set-out'] as const).map((w) => lastDone(asked, w) ?? '');
  const what = (indoors ?? '') > (fleeced ?? '') ? 'bring-in' : 'fleece';
  const since = (what === 'bring-in' ? indoors : fleeced) ?? '';
  return since !== '' && since > (out ?? '') ? { what, since } : null;
}

/** A frost, or a night under what its plants bear, is forecast: once for each spell. */
export const fleece: JobKind = {
  untilCleared: true,
  matters: 'dies',
  withinDays: 0,
  again: true,
  of: (asked) => {
    const { planting } = asked;
    if (!isPlanted(asked) || underCover(asked)) return [];
    const carried =
      planting.container.mount === 'ground' &&
      plantedMass(planting.container, ballsL(planting.placements), 'soaked').totalKg <= LIFT_KG;
    const what = carried ? 'bring-in' : 'fleece';
    return spells(asked).map(({ on, lowC, who }, nth): Due => ({
      on,
      text: `${carried ? 'bring in' : 'fleece'} ${who}`,
      nightC: lowC,
      done: [{ what, to: null }],
      key: `cold-${nth + 1}`,
    }));
  },
  why: 'A night colder than a plant can stand sets it back, and frost kills tender plants. Before dusk, cover with two layers of fleece held off the leaves, or move it under cover.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};

/** Out again, or the fleece off, once the nights allow it. */
export const setOut: JobKind = {
  matters: 'suffers',
  withinDays: 3,
  of: (asked) => {
    if (!isPlanted(asked)) return [];
    const under = underCover(asked);
    if (!under) return [];
    const coming = asked.weather.filter((d) => d.date >= asked.today && isExpected(d));
    const warm = coming.find((d) => d.date > under.since && sufferOn(asked, d).length === 0);
    if (!warm) return [];
    return [
      {
        on: warm.date,
        text: under.what === 'fleece' ? 'take the fleece off' : 'move it back outside',
        done: [{ what: 'set-out', to: null }],
        key: 'set-out',
      },
    ];
  },
  why: 'Leaves grow soft and pale under cover. Bring it back into the light on a mild, overcast day; after a long spell indoors, start with an hour or two.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};
