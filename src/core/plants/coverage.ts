import { SCHEMES } from '../colour/schemes';
import { safeForPets, takes, type LightClass } from './facets';
import { factsOf } from './facts';
import { schemeFit, SHOWY } from './scheme-fit';
import { type Plant } from './schema';
import { EaseSchema, HeatSchema, LifeSchema, ROLES, type Role, WorldSchema } from './traits';

/** The light classes counted: part sun lies between the first two and is seldom what is missing. */
const LIGHTS = ['full sun', 'part shade', 'shade'] as const satisfies readonly LightClass[];

/** Seasons asked for; a year-round plant serves in all of them. */
const SEASONS: Record<'warm' | 'cool' | 'year-round', readonly Plant['season'][]> = {
  warm: ['warm', 'hardy', 'year-round'],
  cool: ['cool', 'year-round'],
  'year-round': ['year-round'],
};

/**
 * A plant this much of whose colour belongs can be chosen for a scheme. Working figure: plain green counts, a
 * strayed accent does not.
 */
const BELONGS = 0.5;

type SchemeName = keyof typeof SCHEMES;

export interface CoverageRow {
  role: Role;
  light: (typeof LIGHTS)[number];
  season: keyof typeof SEASONS;
  scheme: SchemeName;
  /** Plants to choose from. */
  count: number;
}

const suits = (p: Plant, scheme: SchemeName): boolean =>
  scheme === 'all-leaf' ? p.flower.show <= SHOWY : schemeFit(p, SCHEMES[scheme], null) >= BELONGS;

/** How many plants of a library may take each role, in each light, season and scheme. */
export function coverage(library: readonly Plant[]): CoverageRow[] {
  const keys = <T extends object>(of: T) => Object.keys(of) as (keyof T)[];
  return ROLES.flatMap((role) =>
    LIGHTS.flatMap((light) =>
      keys(SEASONS).flatMap((season) => {
        const here = library.filter(
          (p) => p.roles.includes(role) && takes(p, light) && SEASONS[season].includes(p.season),
        );
        return keys(SCHEMES).map((scheme) => ({
          role,
          light,
          season,
          scheme,
          count: here.filter((p) => suits(p, scheme)).length,
        }));
      }),
    ),
  );
}

/** The row with the least choice. */
export const thinnest = (rows: readonly CoverageRow[]): CoverageRow =>
  rows.reduce((least, r) => (r.count < least.count ? r : least));

/** How many kinds can lead in each light and season. */
function leads(library: readonly Plant[]): string {
  const seasons = Object.keys(SEASONS) as (keyof typeof SEASONS)[];
  const of = (light: LightClass) =>
    seasons.map(
      (s) =>
        `${s} ${library.filter((p) => p.roles.includes('thriller') && takes(p, light) && SEASONS[s].includes(p.season)).length}`,
    );
  return `Leads: ${LIGHTS.map((l) => `${l}: ${of(l).join(', ')}`).join('; ')}.`;
}

/** How many plants there are for each role and season where cats and dogs are about. */
function petSafe(library: readonly Plant[]): string {
  const safe = library.filter(safeForPets);
  const seasons = Object.keys(SEASONS) as (keyof typeof SEASONS)[];
  const of = (role: Role) =>
    seasons.map((s) => `${s} ${safe.filter((p) => p.roles.includes(role) && SEASONS[s].includes(p.season)).length}`);
  return `With cats and dogs about: ${safe.length}; ${ROLES.map((r) => `${r}s ${of(r).join(', ')}`).join('; ')}.`;
}

/** How many there are of each word, in the words' order. */
const tally = (words: readonly string[], said: readonly string[]): string =>
  words.map((w) => `${w} ${said.filter((x) => x === w).length}`).join(', ');

/** The table as text, a line a role, light and season, a column a scheme. */
export function coverageTable(library: readonly Plant[]): string {
  const rows = coverage(library);
  const schemes = Object.keys(SCHEMES) as SchemeName[];
  const line = (cells: readonly (string | number)[]) =>
    cells
      .map((c, i) =>
        i < 3 ? String(c).padEnd(11) : String(c).padStart(Math.max(6, (schemes[i - 3] ?? '').length + 2)),
      )
      .join('');
  const places = rows.filter((r) => r.scheme === schemes[0]);
  const table = places.map((at) =>
    line([
      at.role,
      at.light,
      at.season,
      ...schemes.map(
        (s) =>
          rows.find((r) => r.scheme === s && r.role === at.role && r.light === at.light && r.season === at.season)
            ?.count ?? 0,
      ),
    ]),
  );
  const least = thinnest(rows);
  const roles = ROLES.map((role) => `${library.filter((p) => p.roles.includes(role)).length} ${role}s`).join(', ');
  return [
    `${library.length} records of ${new Set(library.map((p) => p.botanical)).size} species and hybrids: ${roles}.`,
    '',
    line(['role', 'light', 'season', ...schemes]),
    ...table,
    '',
    leads(library),
    petSafe(library),
    `Life: ${tally(
      LifeSchema.options,
      library.map((p) => factsOf(p).life),
    )}. In heat: ${tally(
      HeatSchema.options,
      library.map((p) => factsOf(p).heat),
    )}.`,
    `Worlds (several to a plant): ${tally(
      WorldSchema.options,
      library.flatMap((p) => factsOf(p).worlds),
    )}.`,
    `To buy: ${tally(
      EaseSchema.options,
      library.map((p) => factsOf(p).ease),
    )}.`,
    `Least choice: ${least.count} for ${least.role}, ${least.light}, ${least.season}, ${least.scheme}.`,
  ].join('\n');
}
