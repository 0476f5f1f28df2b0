import { measure } from '../balance/assess';
import { roundPot, sun, pot } from '../testing/pots';
import { SMALL_LIBRARY } from '../testing/small';
import { some } from '../testing/some';
import type { Plant } from '../plants/schema';
import { castsFor } from './beam';
import type { Judged } from './candidate';
import { isClean } from './clean';
import { judgeOf } from './judge';
import { countFails, oddsOf, spoil } from './odds';
import { patternsFor } from './patterns';
import { place } from './place';
import { sweep } from './sweep';
import { worth } from './worth';

const base = pot({
  startDate: '2026-05-16',
  placements: [],
  container: roundPot(260, 190, 240),
  spot: sun([9, 10, 11]),
});
const casts = castsFor(base, SMALL_LIBRARY, patternsFor(base), new Map());
const plantsOf = (c: { cast: Record<string, Plant> }) => Object.values(c.cast);

test('a judge says the same as measuring, and asked for more than that says nothing', () => {
  const judge = judgeOf(base);
  for (const c of some(casts)) {
    const j = judge(c);
    const placements = place(c.pattern, c.cast, base, false) ?? place(c.pattern, c.cast, base, true);
    expect(j === null).toBe(placements === null);
    if (!j) continue;
    expect(j.measured).toEqual(measure({ ...base, placements: j.placements }));
    expect(judge(c, { over: worth(j), clean: false })).toBeNull();
    expect(judge(c, { over: worth(j) - 0.1, clean: false })).toEqual(j);
    expect(judge(c, { over: -Infinity, clean: true }) !== null).toBe(isClean(j));
  }
});

test('what was given up is looked at again when less is asked, and costs less than what is measured whole', () => {
  const [plain, strict] = [judgeOf(base), judgeOf(base)];
  for (const c of some(casts)) {
    strict(c, { over: 99, clean: true });
    plain(c);
  }
  expect(strict.spent()).toBeLessThan(plain.spent() / 2);
  for (const c of some(casts)) expect(strict(c)).toEqual(plain(c));
});

test('a crowd that was given up in one pattern would not have been offered in another', () => {
  const ASKED = { over: 85, clean: true };
  const strict = judgeOf(base);
  const patterns = patternsFor(base);
  let given = 0;
  for (const c of some(casts)) {
    const alike = patterns.filter(
      (p) => p.parts.map((x) => `${x.id}${x.count}`).join() === c.pattern.parts.map((x) => `${x.id}${x.count}`).join(),
    );
    for (const pattern of alike) {
      const inPattern = { ...c, pattern };
      if (strict(inPattern, ASKED)) continue;
      const whole = judgeOf(base)(inPattern);
      expect(whole && isClean(whole) ? worth(whole) : -Infinity).toBeLessThanOrEqual(ASKED.over);
      given += 1;
    }
  }
  expect(given).toBeGreaterThan(10);
});

test('no more fails by two plants at a time than fails of the whole', () => {
  const odds = oddsOf(base);
  let failing = 0;
  for (const c of some(casts)) {
    const placements = place(c.pattern, c.cast, base, false);
    if (!placements) continue;
    const { readings } = measure({ ...base, placements });
    const fails = odds(plantsOf(c));
    expect(countFails(fails)).toBeLessThanOrEqual(readings.filter((r) => r.severity !== 'good').length);
    if (spoil(fails)) expect(isClean({ measured: { score: 0, week: 0, readings } })).toBe(false);
    failing += Number(fails > 0);
  }
  expect(failing).toBeGreaterThan(0);
});

test('a sweep finds what trying everything finds', () => {
  const few = [
    'canna-dwarf-red',
    'cordyline-wine',
    'pelargonium-scarlet',
    'lantana-sunset',
    'carex-bronze',
    'petunia-white',
    'calibrachoa-yellow',
    'verbena-trailing-violet',
  ];
  const sunny = { ...base, spot: sun([9, 10, 11, 12, 13, 14, 15]) };
  const library = SMALL_LIBRARY.filter((p) => few.includes(p.id));
  const patterns = patternsFor(sunny);
  const judge = judgeOf(sunny);
  const start = castsFor(sunny, library, patterns, new Map()).reduce<Judged | null>((j, c) => j ?? judge(c), null);
  if (!start) throw new Error('No cast fits.');
  const ways = { patterns, judge, must: [], against: () => 0, mayFollow: () => true, among: Infinity };
  const found = sweep(start, { ...ways, effort: Infinity });
  let best = -Infinity;
  const fill = (at: number, pattern: (typeof patterns)[number], cast: Record<string, Plant>): void => {
    const part = pattern.parts[at];
    if (part) {
      for (const plant of start.ranked[part.role].map((x) => x.plant))
        if (!plantsOf({ cast }).some((o) => o.botanical === plant.botanical))
          fill(at + 1, pattern, { ...cast, [part.id]: plant });
      return;
    }
    for (const cheap of [false, true]) {
      const placements = place(pattern, cast, sunny, cheap);
      if (!placements) continue;
      const measured = measure({ ...sunny, placements });
      if (isClean({ measured })) best = Math.max(best, worth({ measured }));
    }
  };
  for (const pattern of patterns) fill(0, pattern, {});
  expect(isClean(found)).toBe(true);
  expect(worth(found)).toBeCloseTo(best, 6);
  expect(sweep(start, { ...ways, judge: judgeOf(sunny), effort: 0 })).toBe(start);
});
