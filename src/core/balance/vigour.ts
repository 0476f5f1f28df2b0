import type { Season } from '../growth/grown';
import { strongestShader } from '../growth/light';
import { SMOTHERED_BELOW } from '../growth/model';
import { leastLight, smothered } from '../growth/smother';
import { plantName } from '../plants/schema';
import type { Band } from '../schools/school';
import { maxBy } from '../units/number';
import { check, percent } from './check';

/** Above the smothering line. Working figure. */
const BAND: Band = [0.45, 1];
/** Smothered and left with less than half of that line, it will not live. Working figure. */
const HOPELESS = SMOTHERED_BELOW / 2;

/** The week one plant first falls under a share of its light. */
const firstWeekUnder = (season: Season, index: number, share: number): number =>
  season.weeks.find((w) => (w.plants[index]?.light ?? 1) < share)?.week ?? season.peak;

/** The least light any plant is left by its neighbours, over the season. */
export const vigour = check({
  name: 'Vigour',
  weight: 11,
  at: 'plants',
  ends: ['smothered', 'room for all'],
  of: ({ season, plants }) => {
    if (plants.length < 2) return [];
    const worst = maxBy(
      plants.map((p, i) => ({ p, i, least: leastLight(season, i) })),
      (x) => -x.least,
    );
    if (!worst) return [];
    const lost = smothered(season).find((l) => l.index === worst.i);
    const week = lost?.week ?? firstWeekUnder(season, worst.i, BAND[0]);
    const at = season.weeks[Math.min(season.weeks.length - 1, Math.max(week, season.peak))];
    const bully = plants[at ? strongestShader(season.placed, at.plants, worst.i) : -1];
    const fine = worst.least >= BAND[0];
    return [
      {
        severity: fine ? 'good' : lost && worst.least < HOPELESS ? 'wrong' : 'watch',
        measured: worst.least,
        band: BAND,
        unit: 'of its light',
        scale: [0, 1],
        culprits: fine ? [] : [worst.p.id, ...(bully ? [bully.id] : [])],
        says: fine ? 'good' : lost ? 'smothered' : 'low',
        facts: {
          plant: plantName(worst.p.plant),
          bully: bully ? plantName(bully.plant) : 'its neighbours',
          week,
          share: worst.least,
        },
        rule: 'Every plant keeps 45 % of the light it needs; under 30 % for three weeks is smothered',
        source: 'practice, crowded by week eight; Beer–Lambert shading',
        quality: Math.min(1, 0.25 + worst.least * 0.85),
      },
    ];
  },
  words: {
    good: (f) => `Everyone keeps their light; ${f.text('plant')} has least, ${f.pct('share')}.`,
    low: (f) =>
      `${f.text('bully')} crowds ${f.text('plant')} from week ${f.num('week')}; it keeps ${f.pct('share')} of its light.`,
    smothered: (f) =>
      `${f.text('bully')} smothers ${f.text('plant')} from week ${f.num('week')}; it keeps ${f.pct('share')} of its light.`,
  },
  figure: percent,
  ideas: ['nudge apart', 'swap', 'take one out'],
});
