import { nightC } from '../climate';
import { lightFit } from '../growth/model';
import { misfits } from '../layout/packing';
import { plantName } from '../plants/schema';
import { shoppingList } from '../materials/list';
import { AFTERNOON_FROM, sunReading } from '../spots/light';
import type { Spot } from '../spots/schema';
import { addDays, monthPosition, nextMonthDay } from '../units/date';
import { maxBy } from '../units/number';
import type { Context } from './context';
import type { Reading, Severity } from './finding';
import type { Placed } from '../plantings/resolve';

/** Do all root balls stand in the soil without sharing a place? */
export function fit({ planting, placed }: Context): Reading[] {
  if (placed.length === 0) return [];
  const found = misfits(planting.container, placed);
  const worst = found[0];
  const names = (worst?.ids ?? [])
    .map((id) => placed.find((p) => p.id === id))
    .map((p) => (p ? plantName(p.plant) : ''));
  return [
    {
      check: 'fit',
      severity: !worst ? 'good' : worst.teased ? 'watch' : 'wrong',
      measured: worst?.byMm ?? 0,
      band: [0, 0],
      unit: 'mm over',
      scale: [0, 60],
      culprits: [...new Set(found.flatMap((f) => f.ids))],
      says: !worst
        ? 'fit.good'
        : worst.teased
          ? 'fit.tease'
          : worst.kind === 'overlap'
            ? 'fit.overlap'
            : worst.kind === 'outside'
              ? 'fit.outside'
              : 'fit.deep',
      facts: { count: placed.length, plant: names[0] ?? '', other: names[1] ?? '', byMm: worst?.byMm ?? 0 },
      rule: 'Root balls lie inside the soil at their depth, 5 mm apart, 30 mm off the base',
      source: 'practice, root-ball fit',
      quality: !worst ? 1 : worst.teased ? 0.8 : 0,
    },
  ];
}

/** Direct sun against each plant's window. */
export function light({ planting, placed }: Context): Reading[] {
  const sun = sunReading(planting.spot, planting.startDate);
  const worst = maxBy(
    placed.map((p) => ({ p, fit: lightFit(p.plant.sunHours, sun.hours) })),
    (x) => -x.fit,
  );
  if (!worst) return [];
  const [least, low, high, most] = worst.p.plant.sunHours;
  const severity: Severity = worst.fit <= 0 ? 'wrong' : worst.fit < 0.6 ? 'watch' : 'good';
  return [
    {
      check: 'light',
      severity,
      measured: sun.hours,
      band:
        severity === 'good'
          ? [Math.max(...placed.map((p) => p.plant.sunHours[0])), Math.min(...placed.map((p) => p.plant.sunHours[3]))]
          : [low, high],
      unit: 'h sun',
      scale: [0, 14],
      culprits:
        severity === 'good' ? [] : placed.filter((p) => lightFit(p.plant.sunHours, sun.hours) < 0.6).map((p) => p.id),
      says: severity === 'good' ? 'light.good' : sun.hours < low ? 'light.low' : 'light.high',
      facts: { plant: plantName(worst.p.plant), hours: sun.hours, least, low, high, most, spot: sun.label },
      rule: 'The spot’s hours lie in the plant’s window',
      source: 'each plant’s record',
      quality: 0.3 + 0.7 * worst.fit - (worst.fit <= 0 ? 0.3 : 0),
    },
  ];
}

/** Hotter summers scorch sooner: hours taken off or added to a plant's afternoon limit. Working figure. */
const SCORCH_SHIFT: Record<Spot['summer'], number> = { cool: 1, warm: 0, hot: -1 };

/** Most hours after 13:00 a plant takes at this spot, or null when it does not scorch. */
export const scorchLimitH = (p: Placed['plant'], spot: Spot): number | null =>
  p.scorchAfternoonH === null ? null : Math.max(0, p.scorchAfternoonH + SCORCH_SHIFT[spot.summer]);

/** Afternoon sun against leaves that scorch. */
export function scorch({ planting, placed }: Context): Reading[] {
  const { afternoon } = sunReading(planting.spot, planting.startDate);
  const limited = placed.flatMap((p) => {
    const limit = scorchLimitH(p.plant, planting.spot);
    return limit === null ? [] : [{ p, limit }];
  });
  const worst = maxBy(limited, (x) => -x.limit);
  if (!worst) return [];
  const over = afternoon - worst.limit;
  return [
    {
      check: 'scorch',
      severity: over > 0 ? 'watch' : 'good',
      measured: afternoon,
      band: [0, worst.limit],
      unit: 'h after 13:00',
      scale: [0, 8],
      culprits: limited.filter((x) => afternoon > x.limit).map((x) => x.p.id),
      says: over > 0 ? 'scorch.high' : 'scorch.good',
      facts: {
        plant: plantName(worst.p.plant),
        hours: afternoon,
        limit: worst.limit,
        from: AFTERNOON_FROM,
        summer: planting.spot.summer,
      },
      rule: 'Afternoon sun under the leaf’s limit, less in hot summers',
      source: 'each plant’s record',
      quality: over > 0 ? Math.max(0, 0.6 - over * 0.15) : 1,
    },
  ];
}

/** Plants that like to dry down among thirsty ones, or the other way about. */
export function water({ placed }: Context): Reading[] {
  if (placed.length < 2) return [];
  const dry = placed.filter((p) => p.plant.water === 'dry');
  const thirsty = placed.filter((p) => p.plant.water === 'thirsty');
  const odd = dry.length <= thirsty.length ? dry : thirsty;
  const mixed = dry.length > 0 && thirsty.length > 0;
  const first = odd[0];
  return [
    {
      check: 'water',
      severity: mixed ? 'watch' : 'good',
      measured: mixed ? odd.length : 0,
      band: [0, 0],
      unit: 'at odds',
      scale: [0, placed.length],
      culprits: mixed ? odd.map((p) => p.id) : [],
      says: mixed ? (odd === dry ? 'water.dry' : 'water.thirsty') : 'water.good',
      facts: {
        plant: first ? plantName(first.plant) : '',
        count: odd.length,
        most: dry.length > thirsty.length ? 'dry' : thirsty.length > 0 ? 'thirsty' : 'moderate',
      },
      rule: 'No dry-down plant among thirsty ones when watered by hand',
      source: 'practice, all must want about the same water',
      quality: mixed ? Math.max(0, 0.7 - (odd.length / placed.length) * 0.8) : 1,
    },
  ];
}

/** How much of the season something blooms. Absent for schemes of leaf. */
export function season({ planting, season: s, placed }: Context): Reading[] {
  if (planting.brief.scheme === 'all-leaf' || placed.length === 0) return [];
  const months = s.weeks.filter((w) => s.frostWeek === null || w.week < s.frostWeek);
  const blooming = months.filter((w) => w.plants.some((g, i) => g.bloom * (placed[i]?.plant.flower.show ?? 0) > 0.06));
  const share = months.length > 0 ? blooming.length / months.length : 0;
  const mixed =
    placed.some((p) => p.plant.season === 'cool') &&
    placed.some((p) => p.plant.season === 'warm' && p.plant.coldestNightC > 1) &&
    planting.spot.summer !== 'cool';
  const cool = placed.filter((p) => p.plant.season === 'cool');
  return [
    {
      check: 'season',
      severity: share < 0.6 || mixed ? 'watch' : 'good',
      measured: share,
      band: [0.6, 1],
      unit: 'of the weeks in bloom',
      scale: [0, 1],
      culprits: mixed ? cool.map((p) => p.id) : [],
      says: share < 0.6 ? 'season.gap' : mixed ? 'season.mixed' : 'season.good',
      facts: { weeks: months.length, bloom: blooming.length, plant: cool[0] ? plantName(cool[0].plant) : '' },
      rule: 'Something blooms in at least 60 % of the weeks; cool and tender warm plants are kept apart',
      source: 'practice, months of bloom',
      quality: Math.min(1, share) * (mixed ? 0.75 : 1),
    },
  ];
}

/** Tender plants set out before nights are warm enough for them. */
export function nights({ planting, placed }: Context): Reading[] {
  const { spot, startDate } = planting;
  const lastFrost = nextMonthDay(`${startDate.slice(0, 4)}-01-01`, spot.lastFrost);
  const firstFrost = nextMonthDay(`${startDate.slice(0, 4)}-01-01`, spot.firstFrost);
  const night = nightC(spot, monthPosition(addDays(startDate, 7)));
  // In the south the frosty months lie in the middle of the year.
  const frosty =
    lastFrost < firstFrost
      ? startDate < lastFrost || startDate >= firstFrost
      : startDate >= firstFrost && startDate < lastFrost;
  const worst = maxBy(placed, (p) => p.plant.coldestNightC);
  if (!worst) return [];
  const need = worst.plant.coldestNightC;
  const severity: Severity = frosty && need > -2 ? 'wrong' : night < need ? 'watch' : 'good';
  return [
    {
      check: 'nights',
      severity,
      measured: frosty ? Math.min(night, -1) : night,
      band: [need, 40],
      unit: '°C at night',
      scale: [-10, 20],
      culprits:
        severity === 'good' ? [] : placed.filter((p) => p.plant.coldestNightC > (frosty ? -2 : night)).map((p) => p.id),
      says: severity === 'wrong' ? 'nights.frost' : severity === 'watch' ? 'nights.cold' : 'nights.good',
      facts: { plant: plantName(worst.plant), need, night, lastFrost },
      rule: 'Planted out when ordinary nights are above the coldest night each plant takes, and after the last frost',
      source: 'each plant’s record; spot’s frost dates',
      quality: severity === 'good' ? 1 : severity === 'watch' ? 0.6 : 0,
    },
  ];
}

const HARM = { none: 0, mild: 1, irritant: 1, unknown: 1, toxic: 2 } as const;

/** How unsafe a plant is for who is about: 0 fine, 1 take care, 2 poisonous. Unknown is never 0. */
export function harm(
  p: Placed['plant'],
  spot: Pick<Spot, 'children' | 'cats' | 'dogs' | 'eaten'>,
): { level: 0 | 1 | 2; who: string[] } {
  const who: string[] = [];
  let level: 0 | 1 | 2 = 0;
  const note = (about: boolean, kind: keyof typeof HARM, name: string) => {
    if (!about || HARM[kind] === 0) return;
    who.push(name);
    level = Math.max(level, HARM[kind]) as 0 | 1 | 2;
  };
  // Where people pick and eat, even what only upsets a stomach has no place.
  if (p.edible === 'no')
    note(spot.eaten, p.poison.people === 'mild' ? 'toxic' : p.poison.people, 'whoever eats from it');
  note(spot.children, p.poison.people, 'children');
  note(
    spot.children,
    p.irritantSap === 'yes' ? 'irritant' : p.irritantSap === 'unknown' ? 'unknown' : 'none',
    'children',
  );
  note(spot.cats, p.poison.cats, 'cats');
  note(spot.dogs, p.poison.dogs, 'dogs');
  return { level, who: [...new Set(who)] };
}

/** Poison, irritant sap and spines for who is about; edibles beside poisonous plants. */
export function safety({ planting, placed }: Context): Reading[] {
  const { spot } = planting;
  // A tomato’s leaves are no reason to keep it from the basil: what is eaten is known by its parts.
  const poisonous = placed.filter(
    (p) => (p.plant.poison.people === 'toxic' || p.plant.poison.people === 'mild') && p.plant.edible === 'no',
  );
  const eaten = placed.filter((p) => p.plant.edible !== 'no');
  if (eaten.length > 0 && poisonous.length > 0) {
    return [
      {
        check: 'safety',
        severity: 'wrong',
        measured: poisonous.length,
        band: [0, 0],
        unit: 'plants',
        scale: [0, placed.length],
        culprits: [...eaten, ...poisonous].map((p) => p.id),
        says: 'safety.edible',
        facts: { plant: plantName((poisonous[0] as Placed).plant), other: plantName((eaten[0] as Placed).plant) },
        rule: 'Nothing to eat beside a poisonous plant',
        source: 'practice, care for people',
        quality: 0,
      },
    ];
  }
  if (!spot.children && !spot.cats && !spot.dogs && !spot.eaten) return [];
  const risky = placed.map((p) => ({ p, ...harm(p.plant, spot) })).filter((x) => x.level > 0);
  const worst = maxBy(risky, (x) => x.level);
  return [
    {
      check: 'safety',
      severity: !worst ? 'good' : worst.level === 2 ? 'wrong' : 'watch',
      measured: risky.length,
      band: [0, 0],
      unit: 'plants',
      scale: [0, placed.length],
      culprits: risky.map((x) => x.p.id),
      says: !worst
        ? 'safety.good'
        : worst.level === 2
          ? 'safety.toxic'
          : worst.p.plant.irritantSap === 'yes'
            ? 'safety.sap'
            : 'safety.care',
      facts: { plant: worst ? plantName(worst.p.plant) : '', who: worst?.who.join(' and ') ?? '', count: risky.length },
      rule: 'Nothing poisonous within reach; unknown counts as unsafe',
      source: 'each plant’s record, kept conservative',
      quality: !worst ? 1 : worst.level === 2 ? 0 : 0.65,
    },
  ];
}

/** A pot must drain. */
export function drainage({ planting }: Context): Reading[] {
  const { drains } = planting.container;
  return [
    {
      check: 'drainage',
      severity: drains ? 'good' : 'wrong',
      measured: drains ? 1 : 0,
      band: [1, 1],
      unit: 'holes',
      scale: [0, 1],
      culprits: [],
      says: drains ? 'drain.good' : 'drain.none',
      facts: {},
      rule: 'Holes in the base, mesh over them, no crocks',
      source: 'practice: a coarse layer raises the wet zone and takes root room',
      quality: drains ? 1 : 0,
    },
  ];
}

/** Cost of one container against the budget. Absent without one. */
export function cost({ planting, placed }: Context): Reading[] {
  const { budget } = planting.brief;
  if (budget === null || placed.length === 0) return [];
  const { each } = shoppingList(planting, 1);
  const severity: Severity = each <= budget ? 'good' : each <= budget * 1.15 ? 'watch' : 'wrong';
  return [
    {
      check: 'cost',
      severity,
      measured: each,
      band: [0, budget],
      unit: '£',
      scale: [0, budget * 1.5],
      culprits: [],
      says: each <= budget ? 'cost.good' : 'cost.high',
      facts: { each, budget, over: each - budget },
      rule: 'Plants, mix and feed within the budget',
      source: 'prices in each plant’s record',
      quality: each <= budget ? 1 : Math.max(0, 0.7 - (each / budget - 1) * 2),
    },
  ];
}
