import { formatDay } from '../units/date';
import { formatLength, type UnitSystem } from '../units/length';
import { formatMoney, formatPercent, formatTemperature } from '../units/quantity';

/** Bare facts of a finding, from which its sentence is made. Lengths in mm, shares 0–1. */
export type Facts = Record<string, string | number>;

interface Speak {
  text: (key: string) => string;
  num: (key: string) => number;
  len: (key: string) => string;
  pct: (key: string) => string;
  temp: (key: string) => string;
  money: (key: string) => string;
  day: (key: string) => string;
}

const hours = (n: number) => `${n} ${n === 1 ? 'hour' : 'hours'}`;

/** Every sentence a finding can say, in one place. */
const WORDS = {
  'height.good': (f: Speak) =>
    `${f.text('plant')} stands ${f.len('tallMm')} over a ${f.text('form')} ${f.len('potMm')} deep.`,
  'height.low': (f: Speak) =>
    `Too low: ${f.text('plant')} reaches only ${f.len('tallMm')} over a ${f.text('form')} ${f.len('potMm')} deep.`,
  'height.high': (f: Speak) =>
    `Too tall: ${f.text('plant')} reaches ${f.len('tallMm')} over a ${f.text('form')} ${f.len('potMm')} deep.`,
  'steps.good': (f: Speak) =>
    `${f.text('plant')} stands clear of the fillers, ${f.len('tallMm')} to ${f.len('midMm')}.`,
  'steps.low': (f: Speak) =>
    `${f.text('plant')} hardly rises over the fillers, ${f.len('tallMm')} to ${f.len('midMm')}.`,
  'steps.high': (f: Speak) => `${f.text('plant')} towers over the fillers, ${f.len('tallMm')} to ${f.len('midMm')}.`,
  'steps.level': (f: Speak) => `The top is level to ${f.pct('share')}.`,
  'steps.uneven': (f: Speak) => `Not level: ${f.text('plant')} stands over ${f.text('other')} by ${f.pct('share')}.`,
  'texture.good': (f: Speak) =>
    `${f.num('forms')} leaf forms among ${f.num('kinds')} kinds, well set against each other.`,
  'texture.low': (f: Speak) =>
    `Too alike: ${f.text('plant')} and ${f.text('other')} stand side by side with much the same leaf.`,
  'texture.busy': () => 'Too busy: neighbours differ in everything, so the eye has nowhere to rest.',
  'plain.good': (f: Speak) => `${f.pct('share')} of what you see is plain green, middling leaf.`,
  'plain.high': (f: Speak) =>
    `Shapeless: ${f.pct('share')} of what you see is plain green, middling leaf, and flowers pass.`,
  'trail.good': (f: Speak) => `Something falls over ${f.pct('share')} of the ${f.num('wall') ? 'front rim' : 'rim'}.`,
  'trail.low': (f: Speak) => `Bare rim: only ${f.pct('share')} has something over it.`,
  'trail.high': (f: Speak) => `The pot is hidden: ${f.pct('share')} of the rim is covered.`,
  'drop.good': (f: Speak) => `Longest trail hangs ${f.len('trailMm')}.`,
  'drop.low': (f: Speak) =>
    `Longest trail, ${f.text('plant')}, hangs only ${f.len('trailMm')} down a ${f.len('potMm')} pot.`,
  'drop.high': (f: Speak) =>
    `${f.text('plant')} hangs ${f.len('trailMm')}, nearly to the ground. Trim it, or stand the pot on feet.`,
  'winter.good': (f: Speak) => `All of it takes a winter of ${f.temp('coldest')} in a pot.`,
  'winter.wrap': (f: Speak) =>
    `${f.text('plant')} takes ${f.temp('takes')} in the ground; in a pot wrap it or move it against the house when ${f.temp('coldest')} is forecast.`,
  'winter.dies': (f: Speak) => `${f.text('plant')} dies below ${f.temp('takes')}; expect ${f.temp('coldest')} here.`,
  'sight.good': (f: Speak) => `${f.pct('share')} of the plants show over the sill to the ${f.text('who')} viewer.`,
  'sight.low': (f: Speak) =>
    `From inside the ${f.text('who')} viewer sees only ${f.pct('share')} of the plants: what is under ${f.len('leastMm')} is hidden by the sill.`,
  'drop.long': (f: Speak) =>
    `${f.text('plant')} hangs ${f.len('trailMm')} under a container ${f.len('potMm')} deep. Trim it, and keep it clear of heads.`,
  'drop.ground': (f: Speak) =>
    `${f.text('plant')} reaches the ground and runs on, ${f.len('trailMm')} down a ${f.len('potMm')} pot. Trim it.`,
  'sides.good': () => 'Left and right weigh about the same.',
  'sides.off': (f: Speak) => `Heavy on the ${f.text('side')} by ${f.pct('lean')}.`,
  'colour.good': (f: Speak) => `Keeps to ${f.text('scheme').toLowerCase()}, ${f.pct('share')} accent.`,
  'colour.stray': (f: Speak) => `${f.pct('share')} of the colour is off the scheme, most of it ${f.text('plant')}.`,
  'colour.pole': (f: Speak) =>
    `Wants more ${f.text('pole')}: ${f.pct('has')} of the colour, ${f.pct('least')} makes it tell.`,
  'clear.good': () => 'What hangs before the pot stands clear of its colour.',
  'clear.low': (f: Speak) => `${f.text('plant')} is lost against the pot: too close in colour.`,
  'against.good': () => 'What stands up shows against what is behind it.',
  'against.low': (f: Speak) =>
    `${f.text('plant')} is lost against ${f.num('bloom') ? 'the blossom' : 'the wall'} behind: too close in colour.`,
  'steady.good': (f: Speak) => `Stands in a gust of ${f.num('gust')} m/s even when dry, ${f.num('ratio')} times over.`,
  'steady.low': (f: Speak) =>
    `Dry, it may blow over in a gust of ${f.num('gust')} m/s: it holds ${f.num('ratio')} times the push. Weight it, tie it, or choose a wider pot.`,
  'vigour.good': (f: Speak) => `Everyone keeps their light; ${f.text('plant')} has least, ${f.pct('share')}.`,
  'vigour.low': (f: Speak) =>
    `${f.text('bully')} crowds ${f.text('plant')} from week ${f.num('week')}; it keeps ${f.pct('share')} of its light.`,
  'vigour.smothered': (f: Speak) =>
    `${f.text('bully')} smothers ${f.text('plant')} from week ${f.num('week')}; it keeps ${f.pct('share')} of its light.`,
  'cover.good': (f: Speak) => `Leaves cover ${f.pct('share')} of the soil by week ${f.num('week')}.`,
  'cover.low': (f: Speak) => `Gappy: ${f.pct('share')} of the soil is covered by week ${f.num('week')}.`,
  'spread.good': (f: Speak) => `${f.len('widthMm')} across a ${f.len('rimMm')} rim.`,
  'spread.high': (f: Speak) =>
    `Too wide: ${f.len('widthMm')} across a ${f.len('rimMm')} rim, and ${f.text('plant')} reaches furthest.`,
  'spread.low': (f: Speak) => `Narrow: ${f.len('widthMm')} across a ${f.len('rimMm')} rim.`,
  'fit.good': (f: Speak) => `All ${f.num('count')} root balls fit.`,
  'fit.tease': (f: Speak) =>
    `Tight by ${f.len('byMm')}: tease the root ball of ${f.text('plant')} narrower to get it in.`,
  'fit.overlap': (f: Speak) =>
    `${f.text('plant')} and ${f.text('other')} want the same soil: ${f.len('byMm')} too close.`,
  'fit.outside': (f: Speak) => `${f.text('plant')} does not fit inside the pot there, by ${f.len('byMm')}.`,
  'fit.deep': (f: Speak) => `The root ball of ${f.text('plant')} is ${f.len('byMm')} too deep for this pot.`,
  'light.good': (f: Speak) => `${hours(f.num('hours'))} of sun suits every plant.`,
  'light.low': (f: Speak) =>
    `${f.text('plant')} wants ${f.num('low')} to ${f.num('high')} hours of sun, ${f.num('least')} at least; this spot has ${f.num('hours')}.`,
  'light.high': (f: Speak) =>
    `${f.text('plant')} wants no more than ${f.num('high')} hours of sun; this spot has ${f.num('hours')}.`,
  'scorch.good': () => 'No leaf here minds this much afternoon sun.',
  'scorch.high': (f: Speak) =>
    `${f.text('plant')} scorches: ${hours(f.num('hours'))} of sun after ${f.num('from')}:00, and it takes ${f.num('limit')} in a ${f.text('summer')} summer.`,
  'water.good': (f: Speak) => `All want about the same water: ${f.text('most')}.`,
  'water.dry': (f: Speak) =>
    `${f.text('plant')} likes to dry out and stands among thirsty plants. Water it apart, or give it a drier neighbour.`,
  'water.thirsty': (f: Speak) => `${f.text('plant')} is thirsty and stands among plants that like to dry out.`,
  'season.good': (f: Speak) => `In bloom ${f.num('bloom')} of ${f.num('weeks')} weeks.`,
  'season.gap': (f: Speak) => `In bloom only ${f.num('bloom')} of ${f.num('weeks')} weeks.`,
  'season.mixed': (f: Speak) => `${f.text('plant')} is a cool-season plant among summer ones: it tires as they start.`,
  'nights.good': (f: Speak) => `Nights of ${f.temp('night')} suit every plant when you set out.`,
  'nights.cold': (f: Speak) =>
    `${f.text('plant')} wants nights over ${f.temp('need')}; expect ${f.temp('night')}. Plant later, or fleece it.`,
  'nights.frost': (f: Speak) =>
    `Frost can still come on this date, and it kills ${f.text('plant')}. Plant out after ${f.day('lastFrost')}.`,
  'safety.good': () => 'Nothing here is known to harm those who are about.',
  'safety.care': (f: Speak) =>
    `${f.text('plant')} may harm ${f.text('who')}, or is not known to be safe. Check, and keep it out of reach.`,
  'safety.sap': (f: Speak) =>
    `The sap of ${f.text('plant')} irritates skin and eyes: keep it from ${f.text('who')}, wear gloves.`,
  'safety.toxic': (f: Speak) =>
    `${f.text('plant')} is poisonous to ${f.text('who')}. Choose another; in an emergency call a doctor, vet or poison line.`,
  'safety.edible': (f: Speak) =>
    `${f.text('plant')} is poisonous and ${f.text('other')} is there to be eaten. Never in one pot.`,
  'drain.good': () => 'It drains. Lay mesh over the holes, no crocks.',
  'drain.none': () => 'No holes: roots will drown. Drill the base before you plant.',
  'cost.good': (f: Speak) => `${f.money('each')} of ${f.money('budget')}.`,
  'cost.high': (f: Speak) => `${f.money('each')}: ${f.money('over')} over the budget.`,
} as const;

export type SayId = keyof typeof WORDS;

/** The sentence of a finding. */
export function say(id: SayId, facts: Facts, units: UnitSystem = 'metric'): string {
  const num = (key: string) => Number(facts[key] ?? 0);
  return WORDS[id]({
    num,
    text: (key) => String(facts[key] ?? ''),
    len: (key) => formatLength(num(key), units),
    pct: (key) => formatPercent(num(key)),
    temp: (key) => formatTemperature(num(key), units),
    money: (key) => formatMoney(num(key)),
    day: (key) => formatDay(String(facts[key] ?? '')),
  });
}
