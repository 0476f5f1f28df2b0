// How forecasts stand against what growers give, as JSON lines; the last line is the totals. `npm run growers`.
import { readWater } from '../src/core/testing/growers/read';
import { WATER_CASES } from '../src/core/testing/growers/water';

const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const round = (n: number) => Number(n.toFixed(3));

let inside = 0;
for (const c of WATER_CASES) {
  const { litresADay, everyDays, missed } = readWater(c);
  if (missed.length === 0) inside += 1;
  say({
    water: c.id,
    inside: missed.length === 0,
    litresADay: round(litresADay),
    everyDays: Number.isFinite(everyDays) ? round(everyDays) : null,
    missed: missed.map((m) => ({ ...m, is: round(m.is), by: round(m.by) })),
  });
}
say({ total: 'water', inside, of: WATER_CASES.length });
