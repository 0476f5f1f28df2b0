import { libraryPlant } from '../plants';
import { freshPlanting } from '../plantings/fresh';
import { roundPot, sun } from '../testing/pots';
import { compose } from './compose';

/** Two dozen plants as a small nursery has them: few of them go together, and the best pair is nobody’s first guess. */
const FEW =
  'holly-box bromeliad-red salvia-violet celosia-gold celosia-red jade echeveria-green-red osteospermum-yellow coleus-copper lamium-silver petunia-small-white strawflower-yellow coleus-compact-lime kalanchoe-pink sage-tricolour lantana-sunset petunia-violet fan-flower-white asparagus-fern lophospermum-pink nasturtium-crimson ivy-gold-heart creeping-jenny-gold dichondra-green'.split(
    ' ',
  );

test('in a small library the plainest patterns are tried whole: the one good pair is found', () => {
  const fresh = freshPlanting('few', 'Few', '2026-05-16');
  const base = {
    ...fresh,
    spot: sun([9, 10, 11, 12, 13, 14, 15]),
    container: roundPot(260, 190, 240),
    brief: {
      ...fresh.brief,
      budget: null,
      scheme: 'cool' as const,
      school: 'level-dome' as const,
      density: 'full now' as const,
    },
  };
  const library = FEW.flatMap((id) => libraryPlant(id) ?? []);
  expect(library).toHaveLength(24);
  const best = Math.max(...compose(base, { library, seed: 20 }).proposals.map((p) => p.report.score));
  expect(best).toBeGreaterThan(88);
});
