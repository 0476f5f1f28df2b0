// Two hundred good plantings with a fault put in by chance: how often the first remedy betters what it is for, and
// whether it makes anything wrong. Part of `npm run bench`; `--list` prints those for which none was found.
import { assess } from '../src/core/balance/assess';
import type { Finding, Report } from '../src/core/balance/finding';
import { RANK } from '../src/core/balance/severity';
import { remediesFor } from '../src/core/compose/changes/remedies';
import { gainOf, spoils } from '../src/core/compose/changes/trial';
import { shoppingList } from '../src/core/materials/list';
import { LIBRARY } from '../src/core/plants';
import { apply } from '../src/core/plantings/commands';
import { resolve } from '../src/core/plantings/resolve';
import type { Planting } from '../src/core/plantings/schema';
import { coldMonths } from '../src/core/testing/scenarios/cold-months';
import { kitchenScenarios } from '../src/core/testing/scenarios/kitchen';
import { lasting } from '../src/core/testing/scenarios/lasting';
import { plantingOf } from '../src/core/testing/scenarios/scenario';
import { summer } from '../src/core/testing/scenarios/summer';
import { addDays } from '../src/core/units/date';
import { maxBy, median, seeded } from '../src/core/units/number';

const WANTED = Number(process.env.REMEDIES ?? 200);
const LIST = process.argv.includes('--list');
const random = seeded(20261125);
const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;

/** Ways of spoiling a planting. */
const FAULTS: Record<string, (p: Planting) => Planting> = {
  'another plant': (p) => {
    const all = resolve(p);
    const one = pick(all);
    const other = pick(LIBRARY.filter((x) => x.roles.includes(one.role)));
    return all
      .filter((x) => x.plant.id === one.plant.id)
      .reduce((now, x) => apply(now, { do: 'swap', id: x.id, plant: other.id, start: x.start }), p);
  },
  'a third taken out': (p) => ({ ...p, placements: p.placements.filter(() => random() > 1 / 3) }),
  'pushed about': (p) => {
    const one = pick(p.placements);
    return apply(p, {
      do: 'move',
      id: one.id,
      xMm: one.xMm + 90 * (random() - 0.5),
      yMm: one.yMm + 180 * (random() - 0.5),
    });
  },
  'no holes': (p) => ({ ...p, container: { ...p.container, drains: false } }),
  'too early': (p) => ({ ...p, startDate: addDays(p.startDate, -28) }),
  'a cat about': (p) => ({ ...p, spot: { ...p.spot, cats: true } }),
  'less to spend': (p) => ({ ...p, brief: { ...p.brief, budget: Math.round(shoppingList(p, 1).each * 0.8) } }),
  'a dark pot': (p) => ({
    ...p,
    container: { ...p.container, colour: pick(['#2b2b2e', '#f4f1ea', '#b5402f', '#2d4a7a']) },
  }),
  'turned about': (p) => ({ ...p, placements: p.placements.map((x) => ({ ...x, xMm: -x.xMm, yMm: -x.yMm })) }),
};

/** What complains more than it did, worst first. */
function worse(before: Report, after: Report): Finding | null {
  const was = (check: string) => RANK[before.findings.find((f) => f.check === check)?.severity ?? 'good'];
  const list = after.findings.filter((f) => RANK[f.severity] > was(f.check));
  return maxBy(list, (f) => RANK[f.severity] * 2 - f.quality) ?? null;
}

const good = [...summer, ...coldMonths, ...lasting, ...kitchenScenarios].map(plantingOf);
const found = { remedied: 0, none: 0, spoilt: 0 };
const times: number[] = [];
for (let tried = 0; found.remedied + found.none < WANTED && tried < WANTED * 6; tried += 1) {
  const whole = pick(good);
  const fault = pick(Object.keys(FAULTS));
  const flawed = FAULTS[fault]?.(whole) ?? whole;
  if (flawed.placements.length === 0) continue;
  const report = assess(flawed);
  const finding = worse(assess(whole), report);
  if (!finding) continue;
  const from = performance.now();
  const [remedy] = remediesFor(flawed, report, finding);
  times.push(performance.now() - from);
  const after = remedy ? assess(remedy.commands.reduce(apply, flawed)) : null;
  if (after && gainOf(finding, after) > 0) found.remedied += 1;
  else found.none += 1;
  if (after && spoils(report, after)) found.spoilt += 1;
  if (LIST && !remedy) console.log(`${whole.id}: ${fault}: ${finding.check} ${finding.severity}: ${finding.message}`);
}
const all = found.remedied + found.none;
console.log(
  JSON.stringify({
    case: 'first remedies',
    faults: all,
    ...found,
    share: Number((found.remedied / Math.max(1, all)).toFixed(3)),
    medianMs: Math.round(median(times)),
  }),
);
