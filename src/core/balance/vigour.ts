import { rimOf } from '../containers/outline';
import { groundOf } from '../layout/neighbours';
import { leastLight, smothered, type Season } from '../growth/season';
import { strongestShader } from '../growth/light';
import { SMOTHERED_BELOW } from '../growth/model';
import { plantName } from '../plants/schema';
import { maxBy } from '../units/number';
import type { Context } from './context';
import { bandQuality, bySeverity, type Reading } from './finding';

/** The weekly record of one plant's light: the week it first falls under a share. */
function firstWeekUnder(season: Season, index: number, share: number): number {
  return season.weeks.find((w) => (w.plants[index]?.light ?? 1) < share)?.week ?? season.peak;
}

const BAND: [number, number] = [0.45, 1];

/** The least light any plant is left by its neighbours, over the season. */
export function vigour({ season, placed }: Context): Reading[] {
  if (placed.length < 2) return [];
  const worst = maxBy(
    placed.map((p, i) => ({ p, i, least: leastLight(season, i) })),
    (x) => -x.least,
  );
  if (!worst) return [];
  const lost = smothered(season);
  const week = lost.find((l) => l.index === worst.i)?.week ?? firstWeekUnder(season, worst.i, BAND[0]);
  const at = season.weeks[Math.min(season.weeks.length - 1, Math.max(week, season.peak))];
  const by = at ? strongestShader(season.placed, at.plants, worst.i) : -1;
  const bully = placed[by];
  const isLost = lost.some((l) => l.index === worst.i);
  return [
    {
      check: 'vigour',
      severity: worst.least >= BAND[0] ? 'good' : isLost && worst.least < SMOTHERED_BELOW / 2 ? 'wrong' : 'watch',
      measured: worst.least,
      band: BAND,
      unit: 'of its light',
      scale: [0, 1],
      culprits: worst.least < BAND[0] ? [worst.p.id, ...(bully ? [bully.id] : [])] : [],
      says: worst.least >= BAND[0] ? 'vigour.good' : isLost ? 'vigour.smothered' : 'vigour.low',
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
}

/** Share of the soil that leaves cover in the judged week. */
export function cover({ planting, placed, grown, week }: Context): Reading[] {
  if (placed.length === 0) return [];
  const { cells } = groundOf(planting.container);
  const discs = placed.flatMap((p, i) =>
    grown[i]?.alive ? [{ x: p.xMm, y: p.yMm, r2: ((grown[i]?.spreadMm ?? 0) / 2) ** 2 }] : [],
  );
  const covered = cells.filter((c) => discs.some((d) => (d.x - c.x) ** 2 + (d.y - c.y) ** 2 < d.r2)).length;
  const share = covered / Math.max(1, cells.length);
  const band: [number, number] = [0.8, 1];
  return [
    {
      check: 'cover',
      severity: bySeverity(share, band, [0.3, 2]),
      measured: share,
      band,
      unit: 'of the soil',
      scale: [0, 1],
      culprits: [],
      says: share < band[0] ? 'cover.low' : 'cover.good',
      facts: { share, week },
      rule: 'Leaves cover at least 80 % of the soil in the judged week',
      source: 'working figure: bare soil reads as unfinished',
      quality: Math.min(1, share / 0.9),
    },
  ];
}

const SPREAD: [number, number] = [1, 2];

/** Width of the whole planting over the rim. */
export function spread({ planting, placed, grown }: Context): Reading[] {
  const rim = rimOf(planting.container.shape).wide;
  const edges = placed.map((p, i) => ({
    p,
    left: p.xMm - (grown[i]?.spreadMm ?? 0) / 2,
    right: p.xMm + (grown[i]?.spreadMm ?? 0) / 2,
  }));
  if (edges.length === 0) return [];
  const width = Math.max(...edges.map((e) => e.right)) - Math.min(...edges.map((e) => e.left));
  const ratio = width / rim;
  const widest = maxBy(edges, (e) => Math.max(Math.abs(e.left), Math.abs(e.right)));
  return [
    {
      check: 'spread',
      severity: bySeverity(ratio, SPREAD, [0.4, 3]),
      measured: ratio,
      band: SPREAD,
      unit: '× rim',
      scale: [0, 3],
      culprits: ratio > SPREAD[1] && widest ? [widest.p.id] : [],
      says: ratio > SPREAD[1] ? 'spread.high' : ratio < SPREAD[0] ? 'spread.low' : 'spread.good',
      facts: { widthMm: width, rimMm: rim, plant: widest ? plantName(widest.p.plant) : '' },
      rule: 'Whole planting 1–2 × the rim’s width',
      source: 'practice, spread against the rim',
      quality: bandQuality(ratio, SPREAD),
    },
  ];
}
