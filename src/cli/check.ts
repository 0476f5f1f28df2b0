import { assess } from '../core/balance/assess';
import { withRemedies } from '../core/compose/changes/remedies';
import { cautionsFor } from '../core/containers/cautions';
import { readPlanting } from '../core/formats/planting';
import { ballsL } from '../core/plantings/resolve';
import { checkGroup, isGroup } from './group';
import { eachOf } from './read';

function checkOne(data: unknown): object {
  const planting = readPlanting(data);
  const { score, findings } = withRemedies(planting, assess(planting));
  return {
    score,
    findings: findings.map(({ check, severity, measured, band, unit, message, culprits, remedies }) => ({
      check,
      severity,
      measured,
      band,
      unit,
      message,
      culprits,
      remedies,
    })),
    cautions: cautionsFor(planting.container, ballsL(planting.placements), planting.spot),
  };
}

/** `rillbank check`: what is good, of concern or a problem in a planting or a group. Throws BadInputError. */
export const run = (args: readonly string[]): unknown =>
  eachOf(args, (data) => (isGroup(data) ? checkGroup(data, args) : checkOne(data)));
