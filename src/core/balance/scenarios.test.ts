import { coldMonths } from '../testing/scenarios/cold-months';
import { faults } from '../testing/scenarios/faults';
import { kitchenScenarios } from '../testing/scenarios/kitchen';
import { lasting } from '../testing/scenarios/lasting';
import { plantingOf, wholeOf } from '../testing/scenarios/scenario';
import { summer } from '../testing/scenarios/summer';
import { assess } from './assess';
import { RANK } from './severity';

const praised = [...summer, ...coldMonths, ...lasting, ...kitchenScenarios];
const whole = new Map([...praised, ...faults.map((f) => wholeOf(f, praised))].map((s) => [s.id, plantingOf(s)]));
const judged = new Map([...whole].map(([id, planting]) => [id, assess(planting)]));
const of = (id: string) => {
  const report = judged.get(id);
  if (!report) throw new Error(`no ${id}`);
  return report;
};
/** What need not be named to the plant: how full, what it costs, how tall it is all in all. */
const UNNAMED = ['cover', 'cost', 'steps', 'height'];

test('there are as many without a fault as with one', () => {
  expect([praised.length, faults.length]).toEqual([36, 36]);
});

test.each(praised.map((s) => [s.told, s.id] as const))('signed: %s', (_, id) => {
  const { score, findings } = of(id);
  const spoken = findings.filter((f) => f.severity !== 'good').map((f) => `${f.check}: ${f.message}`);
  expect(findings.filter((f) => f.severity === 'wrong').map((f) => f.message)).toEqual([]);
  expect(spoken.slice(1)).toEqual([]);
  expect(score).toBeGreaterThanOrEqual(79.5);
});

test.each(faults.map((s) => [s.told, s] as const))('told: %s', (_, s) => {
  const { score, findings } = of(s.id);
  const { check, severity, culprit, twin, most, mayAlso = [] } = s.fault;
  const found = findings.find((f) => f.check === check);
  expect(RANK[found?.severity ?? 'good']).toBeGreaterThanOrEqual(RANK[severity]);
  const plants = new Map(whole.get(s.id)?.placements.map((p) => [p.id, p.plant]));
  if (!UNNAMED.includes(check)) expect(found?.culprits.map((id) => plants.get(id))).toContain(culprit);
  const other = findings.filter((f) => f.severity === 'wrong' && f.check !== check && !mayAlso.includes(f.check));
  expect(other.map((f) => f.message)).toEqual([]);
  if (twin && most === undefined) expect(of(twin).score - score).toBeGreaterThanOrEqual(12);
  else expect(score).toBeLessThanOrEqual(most ?? 100);
});
