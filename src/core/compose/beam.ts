import { lch } from '../colour/oklch';
import { SCHEMES } from '../colour/schemes';
import type { Scheme } from '../colour/schemes/scheme';
import type { Plant } from '../plants/schema';
import type { Role } from '../plants/traits';
import type { Planting } from '../plantings/schema';
import { sum } from '../units/number';
import { company } from './company';
import { playersOf } from './players';
import { promise } from './promise';
import { type Candidate, leadOf, type Ranked } from './candidate';
import type { Pattern } from './patterns';

/** Kinds tried for a part, and casts kept between parts. Working figures: time against quality. */
const TRIED = 12;
const BEAM = 36;

/** Hues of flower colour to build on when a scheme wants one and the gardener named none: red, orange, yellow, blue, violet, pink. */
const HUES = [25, 58, 98, 272, 305, 358] as const;

/** The leading hues to cast for; null where the scheme has none. */
function huesToTry({ brief }: Planting): readonly (number | null)[] {
  const scheme: Scheme = SCHEMES[brief.scheme];
  if (scheme.from === 'no') return [null];
  return brief.from ? [lch(brief.from).h] : HUES;
}

/** Plants by role, most promising first. */
function rankRoles(base: Planting, offered: readonly Plant[], noise: Map<string, number>, hue: number | null): Ranked {
  const rank = (role: Role) =>
    playersOf(role, offered)
      .map((plant) => ({
        plant,
        value:
          promise(plant, role, base, hue) + (noise.get(plant.id) ?? 0) + (base.brief.must.includes(plant.id) ? 2 : 0),
      }))
      .sort((a, b) => b.value - a.value);
  return { thriller: rank('thriller'), filler: rank('filler'), spiller: rank('spiller') };
}

/** Beam search over a pattern's parts. */
function castAll(pattern: Pattern, ranked: Ranked, base: Planting): Candidate[] {
  let beam: Candidate[] = [{ ranked, pattern, cast: {}, guess: 0 }];
  for (const part of pattern.parts) {
    const next: Candidate[] = [];
    for (const c of beam) {
      const chosen = Object.values(c.cast);
      for (const { plant, value } of ranked[part.role].slice(0, TRIED)) {
        if (chosen.some((o) => o.botanical === plant.botanical)) continue;
        const pair = sum(chosen.map((o) => company(o, plant))) / Math.max(1, chosen.length);
        next.push({
          ranked,
          pattern,
          cast: { ...c.cast, [part.id]: plant },
          guess: c.guess + value + (chosen.length > 0 ? pair * 0.8 : 0),
        });
      }
    }
    beam = keepVaried(next);
  }
  const must = base.brief.must;
  return beam
    .filter((c) => must.every((id) => Object.values(c.cast).some((p) => p.id === id)) || must.length === 0)
    .map((c) => ({ ...c, guess: c.guess / pattern.parts.length }));
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

/** Every pattern cast for every leading hue, most promising first. `noise` breaks ties by seed. */
export const castsFor = (
  base: Planting,
  offered: readonly Plant[],
  patterns: readonly Pattern[],
  noise: Map<string, number>,
): Candidate[] =>
  huesToTry(base)
    .map((hue) => rankRoles(base, offered, noise, hue))
    .flatMap((ranked) => patterns.flatMap((pattern) => castAll(pattern, ranked, base)))
    .sort((a, b) => b.guess - a.guess);
