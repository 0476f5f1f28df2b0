// How the score ranks proposals that experts marked, as JSON lines; the last the totals. `npm run marks`.
import { firstIsBest, rankOverAll, rankWithin, refused, scored } from '../src/core/testing/marked/ranks';

const round = (n: number) => Number(n.toFixed(2));
const all = scored();
for (const s of all) console.log(JSON.stringify({ brief: s.brief, mark: round(s.mark), score: s.score }));

/** Each brief left out in turn: how far the figures hang on one of them. */
const briefs = [...new Set(all.map((s) => s.brief))];
const without = briefs.map((b) => all.filter((s) => s.brief !== b));
const least = (of: (some: typeof all) => number) => round(Math.min(...without.map(of)));
console.log(
  JSON.stringify({
    proposals: all.length,
    overAll: round(rankOverAll(all)),
    overAllLeastWithoutOne: least(rankOverAll),
    within: round(rankWithin(all)),
    withinLeastWithoutOne: least(rankWithin),
    firstIsBest: round(firstIsBest(all)),
    refused: refused(all).length,
    refusedOver80: refused(all).filter((s) => s.score > 80).length,
  }),
);
