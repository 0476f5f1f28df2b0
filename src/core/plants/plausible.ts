import { type Family, family } from '../colour/family';
import { lch } from '../colour/oklch';
import type { Plant } from './schema';
import { HABITS } from './habits';
import { slipsOf } from './slips';
import { isSpiny } from './spines';

/**
 * A warm-season plant that lives through more cold than this and is not a perennial that dies down has been
 * misread. °C, working figure.
 */
/**
 * What hangs less than this over a rim is a filler, mm; what lives through so much cold comes again, °C.
 * Working figures.
 */
const LEAST_HANG_MM = 100;
const HARDY_C = -12;
const RETURNING = new Set<Plant['group']>(['perennial', 'shrub', 'shade', 'grass', 'bulb']);
const TENDER_GROUPS = new Set<Plant['group']>(['warm bedding', 'tropical']);
const HARDIEST_TENDER_C = -12;

/** Colour words and the families they may fall in. Only words that leave no doubt. */
const WORDS: readonly [RegExp, readonly Family[]][] = [
  [/^white$/, ['white']],
  [/^(scarlet|red)$/, ['red', 'orange', 'pink']],
  [/^(yellow|golden|gold|lemon|clear yellow)$/, ['yellow', 'orange', 'green']],
  [/^orange$/, ['orange', 'red', 'yellow']],
  [/^(blue|deep blue|sky blue|mid blue|light blue)$/, ['blue', 'violet']],
  [/^(violet|purple|deep violet|violet-blue)$/, ['violet', 'blue', 'pink', 'wine']],
];

/** The flower’s colour, where the flower is what a variety is named for; a “gold” leaf may be any yellow-green. */
const shown = (p: Plant): string | undefined =>
  p.flower.show >= 0.15 ? p.colours.find((c) => c.part === 'flower')?.hex : undefined;

const near = (x: number): boolean => Math.abs(x - 1) < 0.001;

/**
 * What is implausible in a record, in words a gardener can act on; empty for a good one. Shipped records must have
 * none; somebody's own plants are kept all the same, with these told.
 */
export function implausible(p: Plant): string[] {
  const out: string[] = [];
  const share = (parts: string[]) => p.colours.filter((c) => parts.includes(c.part)).reduce((s, c) => s + c.share, 0);
  const flowers = p.flower.form !== 'none';
  const ratio = p.heightMm[1] / Math.max(1, p.spreadMm[1]);
  const [lowest, highest] = HABITS[p.habit].ratio;
  if (!near(share(['leaf', 'edge', 'vein', 'stem']))) out.push('leaf colours do not add to 1');
  if (flowers && !near(share(['flower', 'throat']))) out.push('flower colours do not add to 1');
  if (!flowers && (p.flower.show > 0 || p.bloom.some((b) => b > 0) || share(['flower', 'throat']) > 0))
    out.push('blooms without a flower');
  if (flowers && p.bloom.every((b) => b === 0)) out.push('has a flower but no flowering months');
  if (ratio < lowest || ratio > highest) out.push(`height over spread ${ratio.toFixed(1)} is not that of a ${p.habit}`);
  if ((p.habit === 'trail' || p.habit === 'cascade') && p.trailMm[1] < 80)
    out.push('marked as trailing, but trail length is 0');
  if (p.roles.includes('spiller') && p.trailMm[1] < LEAST_HANG_MM) out.push('a spiller that does not hang');
  if (p.roles.includes('thriller') && p.group === 'bulb' && (p.season === 'cool' || p.season === 'hardy'))
    out.push('a bulb that leads: it is over in weeks');
  if (p.season === 'warm' && RETURNING.has(p.group) && p.coldestWinterC <= HARDY_C)
    out.push('comes again each year, and is grown as summer bedding');
  if (/\b(poison|toxic|deadly)/i.test(p.note) && Object.values(p.poison).every((x) => x === 'none'))
    out.push('called poisonous in its note alone');
  if (/\b(spin(e|y)|thorn)/i.test(p.note) && !isSpiny(p)) out.push('called spiny in its note alone');
  if (p.edible === 'fruit' && !p.facts?.display) out.push('eaten for its fruit, and none is shown');
  if (p.season === 'year-round' && p.facts?.winterLook === 'gone') out.push('year-round, and gone in winter');
  if (p.facts?.display && p.facts.display.months.every((m) => m === 0))
    out.push('has berries or seed heads but no months for them');
  if (p.roles.includes('thriller') && p.heightMm[1] < 300) out.push('a thriller under 30 cm');
  if (p.season === 'warm' && p.bloom.slice(0, 2).some((b) => b > 0.2)) out.push('a warm-season plant in winter bloom');
  if (p.season === 'cool' && flowers && p.bloom.every((b, m) => b < 0.2 || (m >= 5 && m <= 7)))
    out.push('a cool-season plant that blooms only in high summer');
  if (p.edible !== 'no' && p.poison.people !== 'none' && !p.poisonPart)
    out.push('edible and poisonous to people, without saying which part');
  if (
    p.irritantSap === 'yes' &&
    p.poison.people === 'none' &&
    p.poison.cats === 'none' &&
    p.poison.dogs === 'none' &&
    !/sap|skin|itch/i.test(p.note)
  )
    out.push('irritant sap, and nothing said of it');
  if (p.coldestWinterC > p.coldestNightC + 0.1) out.push('winter hardiness is less than its coldest growing night');
  if (TENDER_GROUPS.has(p.group) && p.coldestWinterC < HARDIEST_TENDER_C)
    out.push(`hardy to ${p.coldestWinterC}°C for a tender group`);
  if (p.season === 'year-round' && p.coldestWinterC > 0 && p.group !== 'succulent')
    out.push('year-round, and dies above freezing');
  if (p.heightMm[1] / Math.max(1, p.heightMm[0]) > 3) out.push('a height range too wide to mean anything');
  if (p.leaf.lengthMm > Math.max(p.heightMm[1], p.spreadMm[1], p.trailMm[1]) * 1.1)
    out.push('a leaf longer than the plant');
  const hex = shown(p);
  const rule = WORDS.find(([word]) => word.test(p.variety));
  if (hex && rule && !rule[1].includes(family(lch(hex)))) out.push(`named “${p.variety}” but its colours disagree`);
  return [...out, ...slipsOf(p)];
}
