// Every container that is sold × every arrangement × sun and shade: how many plantings are proposed, and whether any
// has something wrong. Not in `npm test`: it takes a quarter of an hour. Part of `npm run faults`
import { compose } from '../src/core/compose/compose';
import { SOLD, takeShape } from '../src/core/containers/sold';
import { rimOf } from '../src/core/containers/outline';
import type { Shape } from '../src/core/containers/schema';
import { freshPlanting } from '../src/core/plantings/fresh';
import { SCHOOL_IDS } from '../src/core/schools';

const LIGHTS = { sun: [9, 10, 11, 12, 13, 14, 15], shade: [8, 9] } as const;
const FEW = 4;

const count = { asked: 0, enough: 0, fewWithReason: 0, few: 0, none: 0, wrong: 0 };
for (const kind of Object.keys(SOLD) as Shape['kind'][])
  for (const shape of SOLD[kind])
    for (const school of SCHOOL_IDS)
      for (const light of ['sun', 'shade'] as const) {
        const fresh = freshPlanting('sweep', 'Sweep', '2026-05-20');
        const planting = {
          ...fresh,
          container: { ...takeShape(fresh.container, kind), shape },
          brief: { ...fresh.brief, school, budget: null },
          spot: { ...fresh.spot, light: { kind: 'noted' as const, hours: [...LIGHTS[light]], dappled: false } },
        };
        const { proposals, problem } = compose(planting);
        const wrong = proposals.filter((p) => p.report.findings.some((f) => f.severity === 'wrong')).length;
        count.asked += 1;
        count.wrong += wrong;
        if (proposals.length >= FEW) count.enough += 1;
        else if (proposals.length > 0) count.few += 1;
        else if (problem) count.fewWithReason += 1;
        else count.none += 1;
        if (proposals.length < FEW || wrong > 0)
          console.log(
            JSON.stringify({
              case: 'sweep',
              container: `${kind} ${Math.round(rimOf(shape).wide)}`,
              school,
              light,
              proposals: proposals.length,
              wrong,
              problem,
            }),
          );
      }
console.log(JSON.stringify({ case: 'every-container', ...count }));
