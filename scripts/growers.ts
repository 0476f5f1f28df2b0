// How forecasts of growth, flower and water stand against what growers give, as JSON lines; the last lines
// are the totals. `npm run growers`.
import { believed, missBy, type GrowerPoint, readMeasured } from '../src/core/testing/growers/growth';
import { MEASURED } from '../src/core/testing/growers/measured';
import { readWater } from '../src/core/testing/growers/read';
import { WATER_CASES } from '../src/core/testing/growers/water';

const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const round = (n: number) => Number(n.toFixed(3));
const share = (points: readonly GrowerPoint[]) => ({
  inside: points.filter(believed).length,
  of: points.length,
  share: round(points.filter(believed).length / Math.max(1, points.length)),
});

const all = MEASURED.flatMap((m) => {
  const points = readMeasured(m);
  const off = points.filter((p) => !believed(p));
  say({
    growth: m.plant,
    start: m.start,
    place: m.place,
    ...share(points),
    off: off.map(({ what, week, is, span }) => ({
      what,
      week,
      is: round(is),
      span: span.map(round),
      by: round(missBy(is, span)),
    })),
  });
  return points;
});

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
for (const what of ['high', 'wide', 'hangs', 'bloom'] as const)
  say({ total: what, ...share(all.filter((p) => p.what === what)) });
for (const kind of new Set(all.map((p) => p.kind))) say({ kind, ...share(all.filter((p) => p.kind === kind)) });
say({ total: 'water', inside, of: WATER_CASES.length });
say({ total: 'growth', ...share(all) });
