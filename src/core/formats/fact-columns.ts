import { ClimateKindSchema } from '../climate/kind';
import { FACT_CHOICES, type FactChoice, type FactsSaid, WorldSchema } from '../plants/traits';
import { display, many, monthSpan, oneOf } from './cells';
import type { Column } from './column';

const shown = ({ what, hex, sizeMm, show, months }: NonNullable<FactsSaid['display']>): string =>
  [what, hex, sizeMm, show, ...months].join(' ');

/** Headings people give the facts that are one word of a few. */
const FACT_ALIASES: Record<FactChoice, RegExp> = {
  rhythm: /^(rhythm|watering|watering rhythm)$/,
  mix: /^(mix|soil|compost)$/,
  ease: /^(ease|availability|how easy to buy)$/,
  life: /^(life|life ?cycle|lifespan)$/,
  winterLook: /^(in winter|winter look|evergreen)$/,
  heat: /^(heat|in heat|heat tolerance)$/,
  pace: /^(pace|growth rate|speed)$/,
  support: /^(support|staking)$/,
  cutBack: /^(cut back|cutback)$/,
  scent: /^(scent|fragrance|scented)$/,
  bees: /^(bees|for bees|pollinators)$/,
  kept: /^(kept over winter|overwintering|overwinter)$/,
  cuttings: /^(cuttings|roots from cuttings)$/,
};

const choices = (Object.keys(FACT_CHOICES) as FactChoice[]).map((key): Column => ({
  key: key.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`),
  label: FACT_CHOICES[key].label,
  aliases: FACT_ALIASES[key],
  read: (t) => ({ factsAre: { [key]: oneOf(FACT_CHOICES[key].options, t) } }),
  write: (p) => p.facts?.[key] ?? '',
}));

/** Columns for what decides a planting and is seldom on a tag; empty where it is as is usual. */
export const FACT_COLUMNS: readonly Column[] = [
  ...choices,
  {
    key: 'worlds',
    label: 'Belongs with',
    aliases: /^(worlds?|belongs with|company)$/,
    read: (t) => ({ factsAre: { worlds: many(WorldSchema.options, t) } }),
    write: (p) => p.facts?.worlds?.join(', ') ?? '',
  },
  {
    key: 'runs_wild',
    label: 'Runs wild in',
    aliases: /^(runs wild|runs wild in|invasive in)$/,
    read: (t) => ({ factsAre: { runsWild: /^nowhere$/i.test(t) ? [] : many(ClimateKindSchema.options, t) } }),
    write: (p) => (p.facts?.runsWild ? p.facts.runsWild.join(', ') || 'nowhere' : ''),
  },
  {
    key: 'top',
    label: 'Months its top stands',
    aliases: /^(top|in leaf|months in leaf|months its top stands)$/,
    read: (t) => ({ factsAre: { top: monthSpan(t) } }),
    write: (p) => p.facts?.top?.join('–') ?? '',
  },
  {
    key: 'display',
    label: 'Show after flower',
    aliases: /^(display|show after flower|berries)$/,
    read: (t) => ({ factsAre: { display: display(t) } }),
    write: (p) => (p.facts?.display ? shown(p.facts.display) : ''),
  },
];
