import type { Plant } from '../plants/schema';
import { type Kin, mayJoin } from './candidate';

const plant = (id: string, botanical: string): Plant => ({ id, botanical }) as Plant;
const [RED, PINK, WHITE] = ['red', 'pink', 'white'].map((id) => plant(id, 'Impatiens walleriana')) as [
  Plant,
  Plant,
  Plant,
];
const IVY = plant('ivy', 'Hedera helix');

test.each<[Kin, Plant[], Plant, boolean]>([
  ['never', [], RED, true],
  ['never', [RED], PINK, false],
  ['never', [RED], IVY, true],
  ['twice', [RED, IVY], PINK, true],
  ['twice', [RED, PINK], WHITE, false],
  ['only', [RED, PINK], WHITE, true],
  ['only', [RED], IVY, false],
  ['only', [RED], RED, false],
  ['twice', [RED], RED, false],
])('%s: beside %j may join %j: %s', (kin, others, one, may) => expect(mayJoin(kin, others, one)).toBe(may));

test('a part that is not cast yet stands in nobody’s way', () =>
  expect(mayJoin('never', [undefined, IVY], RED)).toBe(true));
