// How forecasts of growth and water stand against what growers give, as JSON lines; the last line is the totals. `npm run growers`.
import { GROWTH_CASES, readGrowth } from '../src/core/testing/growers/growth';
import { readWater } from '../src/core/testing/growers/read';
import { WATER_CASES } from '../src/core/testing/growers/water';

const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const round = (n: number) => Number(n.toFixed(3));

let [believed, measures] = [0, 0];
for (const c of GROWTH_CASES) {
  const read = readGrowth(c);
  const off = read.filter((m) => !m.believed);
  believed += read.length - off.length;
  measures += read.length;
  say({
    growth: c[0],
    start: c[1],
    believed: read.length - off.length,
    of: read.length,
    off: off.map((m) => ({ what: m.what, week: m.week, saidMm: m.saidMm, isMm: round(m.isMm) })),
  });
}

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
say({ total: 'growth', believed, of: measures });
say({ total: 'water', inside, of: WATER_CASES.length });
