import { rimOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import { plantName } from '../plants/schema';
import { signature } from '../plants/signature';
import { clamp01, mean, sum } from '../units/number';
import type { Season } from './grown';
import { type Span, spanOfSize } from './sure';

/** One line of a chart: a name, a colour, and a figure for each week or month; null where there is none. */
export interface Series {
  id: string;
  name: string;
  hex: string;
  values: (number | null)[];
  /** Between which four in five lie, where that is known. */
  spans?: (Span | null)[];
}

/** A chart's figures, with what its steps are called. */
export interface ChartFigures {
  steps: string[];
  series: Series[];
}

/** The first of each kind, by its place in `placed`. */
function firstOfEach({ placed }: Season): number[] {
  const seen = new Set<string>();
  return placed.flatMap(({ plant }, i) => {
    if (seen.has(plant.id)) return [];
    seen.add(plant.id);
    return [i];
  });
}

const lines = (season: Season, of: (g: Season['weeks'][number]['plants'][number]) => number): ChartFigures => ({
  steps: season.weeks.map((w) => String(w.week)),
  series: firstOfEach(season).flatMap((i) => {
    const p = season.placed[i];
    if (!p) return [];
    const all = season.placed.flatMap((o, j) => (o.plant.id === p.plant.id ? [j] : []));
    return [
      {
        id: p.plant.id,
        name: plantName(p.plant),
        hex: signature(p.plant),
        values: season.weeks.map((w) => {
          const alive = all.flatMap((j) => (w.plants[j]?.alive ? [of(w.plants[j])] : []));
          return alive.length > 0 ? mean(alive) : null;
        }),
      },
    ];
  }),
});

/** Height over the soil of each kind by week, mm, with its span. */
export function heightsByWeek(season: Season): ChartFigures {
  const chart = lines(season, (g) => g.heightMm);
  const plants = new Map(season.placed.map(({ plant }) => [plant.id, plant]));
  return {
    ...chart,
    series: chart.series.map((s) => {
      const plant = plants.get(s.id);
      return plant
        ? { ...s, spans: s.values.map((mm) => (mm === null ? null : spanOfSize(plant, 'heightMm', mm))) }
        : s;
    }),
  };
}

/** Share of its light that each kind keeps by week, 0–1. */
export const lightKept = (season: Season): ChartFigures => lines(season, (g) => g.light);

/** Flower of each kind by calendar month, as a share of all that is seen in it, 0–1. */
export function flowerByMonth(season: Season): ChartFigures {
  const months = [...new Set(season.weeks.map((w) => w.date.slice(0, 7)))];
  const area = (g: Season['weeks'][number]['plants'][number]) => (g.alive ? g.spreadMm * (g.heightMm + g.trailMm) : 0);
  const chart = lines(season, () => 0);
  return {
    steps: months,
    series: chart.series
      .map((s) => ({
        ...s,
        values: months.map((month) => {
          const weeks = season.weeks.filter((w) => w.date.startsWith(month));
          return mean(
            weeks.map((w) => {
              const all = sum(w.plants.map(area));
              const own = sum(
                w.plants.map((g, i) => {
                  const plant = season.placed[i]?.plant;
                  return plant?.id === s.id ? area(g) * g.bloom * plant.flower.show : 0;
                }),
              );
              return all > 0 ? own / all : 0;
            }),
          );
        }),
      }))
      .filter((s) => s.values.some((v) => (v ?? 0) > 0)),
  };
}

/** How much of the container's top lies under leaves by week, 0–1: discs of the plants' spreads, taken as if strewn. */
export function coverByWeek(season: Season, { shape }: Pick<Container, 'shape'>): ChartFigures {
  const { wide, deep } = rimOf(shape);
  const top = (Math.PI / 4) * wide * deep;
  return {
    steps: season.weeks.map((w) => String(w.week)),
    series: [
      {
        id: 'cover',
        name: 'Covered by leaves',
        hex: '#5f8f4a',
        values: season.weeks.map((w) => {
          const open = w.plants.reduce(
            (o, g) => o * (1 - clamp01(((Math.PI / 4) * (g.alive ? g.spreadMm ** 2 : 0)) / top)),
            1,
          );
          return 1 - open;
        }),
      },
    ],
  };
}
