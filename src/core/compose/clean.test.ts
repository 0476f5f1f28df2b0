import type { CheckId } from '../balance';
import type { Severity } from '../balance/severity';
import { isClean, isHarmless, isSpoilt } from './clean';

const found = (check: CheckId, severity: Severity) => ({ check, severity });
const judged = (...list: ReturnType<typeof found>[]) =>
  ({
    measured: { score: 90, week: 12, readings: list },
  }) as unknown as Parameters<typeof isClean>[0];

test.each<[CheckId, Severity, boolean]>([
  ['height', 'watch', false],
  ['colour', 'watch', false],
  ['colour', 'wrong', true],
  ['cost', 'watch', true],
  ['winter', 'watch', true],
  ['spread', 'watch', true],
  ['winter', 'good', false],
])('%s to %s keeps a planting from being offered: %p', (check, severity, spoils) => {
  expect(isSpoilt(found(check, severity))).toBe(spoils);
  expect(isClean(judged(found('texture', 'good'), found(check, severity)))).toBe(!spoils);
});

test('what is only to be watched may be offered where there is nothing else; what is wrong never', () => {
  expect(isHarmless(judged(found('winter', 'watch'), found('cost', 'watch')))).toBe(true);
  expect(isHarmless(judged(found('fit', 'wrong')))).toBe(false);
});
