import { ClimateKindSchema } from '../climate/kind';
import {
  FACT_CHOICES,
  FACT_FIGURES,
  type FactChoice,
  type FactFigure,
  type FactOther,
  type FactsSaid,
  inTodaysWord,
  PestSchema,
  WorldSchema,
} from '../plants/traits';
import { chill, display, many, monthSpan, number, oneOf } from './cells';
import type { Column } from './column';

const shown = ({ what, hex, sizeMm, show, months }: NonNullable<FactsSaid['display']>): string =>
  [what, hex, sizeMm, show, ...months].join(' ');

const keyOf = (fact: string): string => fact.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`);

const choices = (Object.keys(FACT_CHOICES) as FactChoice[]).map((fact): Column => ({
  key: keyOf(fact),
  label: FACT_CHOICES[fact].label,
  aliases: FACT_CHOICES[fact].aliases,
  read: (t) => ({
    factsAre: { [fact]: oneOf(FACT_CHOICES[fact].options, inTodaysWord(fact, t.trim().toLowerCase())) },
  }),
  write: (p) => p.facts?.[fact] ?? '',
}));

const figures = (Object.keys(FACT_FIGURES) as FactFigure[]).map((fact): Column => {
  const { label, unit, least, most, aliases, ...more } = FACT_FIGURES[fact];
  const none: string | undefined = 'none' in more ? more.none : undefined;
  return {
    key: keyOf(fact),
    label,
    aliases,
    read: (t) => ({
      factsAre: { [fact]: none !== undefined && t.trim().toLowerCase() === none ? null : number(t, least, most, unit) },
    }),
    write: (p) => {
      const said = p.facts?.[fact];
      return said === undefined ? '' : said === null ? (none ?? '') : `${said}`;
    },
  };
});

/** The rest, each in its own writing. */
const OTHERS: Record<FactOther, Omit<Column, 'key'>> = {
  worlds: {
    label: 'Type of planting',
    aliases: /^(worlds?|belongs with|company)$/,
    read: (t) => ({ factsAre: { worlds: many(WorldSchema.options, t) } }),
    write: (p) => p.facts?.worlds?.join(', ') ?? '',
  },
  runsWild: {
    label: 'Has spread in',
    aliases: /^(runs wild|runs wild in|invasive in)$/,
    read: (t) => ({ factsAre: { runsWild: /^nowhere$/i.test(t) ? [] : many(ClimateKindSchema.options, t) } }),
    write: (p) => (p.facts?.runsWild ? p.facts.runsWild.join(', ') || 'nowhere' : ''),
  },
  pests: {
    label: 'Look for',
    aliases: /^(pests|pests and diseases|look for)$/,
    read: (t) => ({ factsAre: { pests: /^none$/i.test(t) ? [] : many(PestSchema.options, t) } }),
    write: (p) => (p.facts?.pests ? p.facts.pests.join(', ') || 'none' : ''),
  },
  chill: {
    label: 'Winter it must have',
    aliases: /^(chill|chilling|winter it must have)$/,
    read: (t) => ({ factsAre: { chill: /^none$/i.test(t) ? null : chill(t) } }),
    write: (p) => {
      const said = p.facts?.chill;
      return said === undefined ? '' : said === null ? 'none' : `${said.weeks} weeks under ${said.belowC} °C`;
    },
  },
  top: {
    label: 'Months of growth above ground',
    aliases: /^(top|in leaf|months in leaf|months its top stands)$/,
    read: (t) => ({ factsAre: { top: monthSpan(t) } }),
    write: (p) => p.facts?.top?.join('–') ?? '',
  },
  display: {
    label: 'Show after flower',
    aliases: /^(display|show after flower|berries)$/,
    read: (t) => ({ factsAre: { display: display(t) } }),
    write: (p) => (p.facts?.display ? shown(p.facts.display) : ''),
  },
};

/** Columns for what decides a planting and is seldom on a tag; empty where it is as is usual. */
export const FACT_COLUMNS: readonly Column[] = [
  ...choices,
  ...figures,
  ...Object.entries(OTHERS).map(([fact, column]) => ({ key: keyOf(fact), ...column })),
];
