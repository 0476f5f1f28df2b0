import { lch } from '../colour/oklch';
import { schemeOf } from '../colour/schemes';
import type { SchemeColour } from '../colour/schemes/scheme';
import { occasionOf } from '../plantings/occasion';
import { answers } from '../plants/leaf-colours';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';
import type { Role } from '../plants/traits';
import { schoolOf } from '../schools';
import type { Planting } from '../plantings/schema';
import { evenly } from '../units/evenly';
import { keptBy, keptIn } from '../units/keep';
import { mean, sum } from '../units/number';
import { SMALL } from './budget';
import { company } from './company';
import { playersOf } from './players';
import { promise } from './promise';
import { leadsByLeaf } from './echoes';
import { type Candidate, type Kin, leadOf, mayJoin, type Ranked } from './candidate';
import type { Pattern } from './patterns';
import { offScheme } from './colour-guess';
import { type Theme, THEME_IDS, THEMES, type ThemeId } from './themes';

/** Kinds tried for a part, and casts kept between parts. Working figures: time against quality. */
const TRIED = 14;
const BEAM = 30;
/** What the first plant of a colour that is asked for is worth. Working figure. */
const NEW_HUE = 0.75;
/** What repeating a colour of the leading leaf is worth. Working figure. */
const ECHO = 0.45;
/** Patterns that ask for the same parts are tried with each of the best casts for them. */
const PATTERNS_EACH = 3;
/** So many ways of parting a planting among kinds are cast for, evenly chosen. */
const GROUPS = 4;
/** So many hues are tried for one colour. */
const HUES_TRIED = 3;

/**
 * Hues of flower colour to build on when a scheme wants one and the gardener named none: red, orange, yellow,
 * blue, violet, pink.
 */
const HUES = [25, 58, 98, 272, 305, 358] as const;

/** The leading hues to cast for; null where the scheme has none. */
function huesToTry({ brief }: Planting, theme: ThemeId): readonly (number | null)[] {
  const scheme = schemeOf(brief);
  // Each theme looks at its own third of the wheel, so that all of it is seen once.
  const turn = THEME_IDS.indexOf(theme) % HUES_TRIED;
  if (scheme.from !== 'no') return brief.from ? [lch(brief.from).h] : HUES.filter((_, i) => i % HUES_TRIED === turn);
  return theme === 'one colour'
    ? HUES.filter((h) => scheme.belongs({ colour: { l: 0.6, c: 0.16, h }, area: 1, isFlower: true }, h) > 0.5).slice(
        0,
        HUES_TRIED,
      )
    : [null];
}

/** What was said of earlier proposals: who is wished for, and how far colours are to stand apart. */
export interface Leaning {
  favours: (plant: Plant) => number;
  apart: number;
}
const EVEN: Leaning = { favours: () => 1, apart: 1 };

/** What a plant promises here does not change from theme to theme. */
const promises = keptBy((_: Planting) => keptBy((_: Plant) => new Map<string, number>()));
const promised = (plant: Plant, role: Role, base: Planting, hue: number | null): number =>
  keptIn(promises(base)(plant), `${role} ${hue}`, () => promise(plant, role, base, hue));

/** Plants by role, most promising first. */
function rankRoles(
  base: Planting,
  offered: readonly Plant[],
  noise: Map<string, number>,
  hue: number | null,
  theme: Theme,
  leaning: Leaning,
): Ranked {
  const byLeaf = schoolOf(base.brief).asks?.leafLeads ?? false;
  const may = (role: Role) => {
    const all = playersOf(role, offered, occasionOf(base) === 'spring');
    const leaves = byLeaf && role === 'thriller' ? all.filter(leadsByLeaf) : [];
    return leaves.length > 0 ? leaves : all;
  };
  const rank = (role: Role) =>
    may(role)
      .map((plant) => ({
        plant,
        value:
          promised(plant, role, base, hue) * theme.favours(plant, role, hue) * leaning.favours(plant) +
          (noise.get(plant.id) ?? 0) +
          (base.brief.must.includes(plant.id) ? 2 : 0),
      }))
      .sort((a, b) => b.value - a.value);
  return { thriller: rank('thriller'), filler: rank('filler'), spiller: rank('spiller') };
}

/** Where a scheme asks for several kinds of colour, what is of each. */
function huesAsked({ brief }: Planting): ((p: Plant) => boolean)[] | null {
  const scheme = schemeOf(brief);
  const tests = [...(scheme.kinds?.of ?? []), ...scheme.poles.map((p) => (s: SchemeColour) => p.test(s, 0))];
  if (tests.length === 0) return null;
  if (scheme.from !== 'no') return null;
  return tests.map((test) => keptBy((p: Plant) => test({ colour: lch(signature(p)), area: 1, isFlower: true })));
}

/**
 * The most promising cousins of a plant; where none is chosen yet, the best of each species, those first
 * whose best few are best.
 */
function cousins(list: Ranked[Role], first: Plant | undefined, wanted: number): Ranked[Role] {
  if (first) return list.filter(({ plant }) => plant.botanical === first.botanical);
  const kinds = new Map<string, Ranked[Role]>();
  for (const one of list) kinds.set(one.plant.botanical, [...(kinds.get(one.plant.botanical) ?? []), one]);
  const few = (own: Ranked[Role]) => mean(own.slice(0, wanted).map((x) => x.value));
  return [...kinds.values()]
    .filter((own) => own.length >= wanted)
    .sort((a, b) => few(b) - few(a))
    .flatMap((own) => own.slice(0, 1));
}

/** Where many hues are asked for, one species may bring two of them; a school may ask for cousins alone. */
const kinOf = ({ brief }: Planting): Kin =>
  schoolOf(brief).asks?.kin ? 'only' : schemeOf(brief).kinds ? 'twice' : 'never';

/** Beam search over a pattern's parts. */
function castAll(pattern: Pattern, ranked: Ranked, base: Planting, theme: ThemeId, apart: number): Candidate[] {
  const kin = kinOf(base);
  const hues = huesAsked(base);
  const byLeaf = schoolOf(base.brief).asks?.leafLeads ?? false;
  let beam: Candidate[] = [{ ranked, pattern, cast: {}, guess: 0, kin, theme }];
  for (const part of pattern.parts) {
    const next: Candidate[] = [];
    for (const c of beam) {
      const chosen = Object.values(c.cast);
      const first = chosen[0];
      // Cousins are looked for among all of their kind; others among the most promising.
      const tried = kin === 'only' ? cousins(ranked[part.role], first, pattern.parts.length) : ranked[part.role];
      for (const { plant, value } of tried.slice(0, TRIED)) {
        if (!mayJoin(kin, chosen, plant)) continue;
        const fresh = hues ? Number(hues.some((is) => is(plant) && !chosen.some(is))) * NEW_HUE : 0;
        const pair =
          sum(chosen.map((o) => company(o, plant, THEMES[theme].apart * apart))) / Math.max(1, chosen.length);
        const echo = byLeaf && first && plant !== first ? answers(first, plant) * ECHO : 0;
        next.push({
          ...c,
          cast: { ...c.cast, [part.id]: plant },
          guess: c.guess + value + fresh + echo + (chosen.length > 0 ? pair * 0.8 : 0),
        });
      }
    }
    beam = keepVaried(next);
  }
  const must = base.brief.must;
  return beam
    .filter((c) => must.every((id) => Object.values(c.cast).some((p) => p.id === id)) || must.length === 0)
    .map((c) => ({ ...c, guess: c.guess / pattern.parts.length + offScheme(c, base) }));
}

/** The best of the beam, but no lead may fill it alone. */
function keepVaried(list: Candidate[]): Candidate[] {
  const sorted = list.sort((a, b) => b.guess - a.guess);
  const perLead = new Map<string, number>();
  const out: Candidate[] = [];
  for (const c of sorted) {
    const lead = leadOf(c);
    const n = perLead.get(lead) ?? 0;
    if (n >= BEAM / 6) continue;
    perLead.set(lead, n + 1);
    out.push(c);
    if (out.length >= BEAM) break;
  }
  return out;
}

/** Patterns by the parts they ask for: who is cast does not depend on where each stands. */
function byParts(patterns: readonly Pattern[]): Pattern[][] {
  const groups = new Map<string, Pattern[]>();
  for (const p of patterns) {
    const key = p.parts
      .map((x) => x.id)
      .sort()
      .join();
    groups.set(key, [...(groups.get(key) ?? []), p]);
  }
  return [...groups.values()];
}

/** Every pattern cast for every leading hue of a theme, most promising first. `noise` breaks ties by seed. */
export function castsFor(
  base: Planting,
  offered: readonly Plant[],
  patterns: readonly Pattern[],
  noise: Map<string, number>,
  theme: ThemeId = 'classic',
  leaning: Leaning = EVEN,
): Candidate[] {
  const all = byParts(patterns);
  const groups = offered.length <= SMALL ? all : evenly(all, GROUPS);
  return huesToTry(base, theme)
    .map((hue) => rankRoles(base, offered, noise, hue, THEMES[theme], leaning))
    .flatMap((ranked) =>
      groups.flatMap((group) => {
        const [first] = group;
        if (!first) return [];
        const spread = evenly(group, PATTERNS_EACH);
        return castAll(first, ranked, base, theme, leaning.apart).flatMap((c) =>
          spread.map((pattern) => ({ ...c, pattern })),
        );
      }),
    )
    .sort((a, b) => b.guess - a.guess);
}
