import { sprout } from '@/core/canopy/sprout';
import { grow } from '@/core/growth/season';
import { lido } from '@/demo/lido';
import { geometryOf } from '@/portrait/pieces';
import type { Detail } from '@/portrait/pieces/surface';

/**
 * The most a picture of one container of the demonstration may take, whatever machine draws it: draw calls,
 * pieces, and faces near by and from far. A little over what it takes today.
 */
const BUDGET = { drawCalls: 16, pieces: 13500, nearFaces: 365000, farFaces: 175000 };

const faces = (kind: Parameters<typeof geometryOf>[0], detail: Detail): number =>
  (geometryOf(kind, detail).getIndex()?.count ?? 0) / 3;

describe.each(lido.map((p) => [p.id, p] as const))('a picture of %s', (_, planting) => {
  const season = grow(planting);
  const { batches } = sprout(planting, season, season.peak);
  const sum = (of: (b: (typeof batches)[number]) => number) => batches.reduce((n, b) => n + of(b), 0);
  const takes = {
    drawCalls: batches.length,
    pieces: sum((b) => b.count),
    nearFaces: sum((b) => b.count * faces(b.kind, 'near')),
    farFaces: sum((b) => b.count * faces(b.kind, 'far')),
  };
  test.each(Object.keys(BUDGET) as (keyof typeof BUDGET)[])('keeps to its %s', (what) => {
    expect(takes[what]).toBeLessThanOrEqual(BUDGET[what]);
  });
});
