import { assess } from '../balance/assess';
import { summer } from '../testing/scenarios/summer';
import { plantingOf } from '../testing/scenarios/scenario';
import { chosenOver } from './chosen';

const reports = summer.slice(0, 4).map((s) => assess(plantingOf(s)));

test('two facts that its own checks say, and no more', () => {
  reports.forEach((mine, i) => {
    const { why } = chosenOver(
      mine,
      reports.filter((_, j) => j !== i),
    );
    expect(why).toHaveLength(2);
    const good = mine.findings.filter((f) => f.severity === 'good').map((f) => f.message);
    for (const fact of why) expect(good).toContain(fact);
  });
});

test('what it has and the others lack is told first; what it lacks and they have is given up', () => {
  const [mine, other] = reports;
  if (!mine || !other) throw new Error('no reports');
  const worse = (check: string, quality: number) => ({
    ...mine,
    findings: mine.findings.map((f) => (f.check === check ? { ...f, quality } : f)),
  });
  const said = (check: string) => mine.findings.find((f) => f.check === check)?.message;
  expect(chosenOver(mine, [worse('colour', 0.1)]).why[0]).toBe(said('colour'));
  expect(chosenOver(worse('season', 0.4), [mine]).given).toBe(said('season'));
  const whole = { ...mine, findings: mine.findings.map((f) => ({ ...f, quality: 1, severity: 'good' as const })) };
  expect(chosenOver(whole, [mine]).given).toBeNull();
});
