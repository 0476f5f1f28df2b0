import { compose } from '../compose/compose';
import { takeShape } from '../containers/sold';
import { resolve } from '../plantings/resolve';
import { pot, sun } from '../testing/pots';

test('thirds are of one kind, in a bowl of any size', () => {
  const base = pot({ startDate: '2026-05-20', spot: sun([9, 10, 11, 12, 13, 14, 15]) });
  const { proposals } = compose({
    ...base,
    container: { ...takeShape(base.container, 'bowl'), shape: { kind: 'bowl', topMm: 450, depthMm: 180 } },
    brief: { ...base.brief, school: 'one-kind-thirds' },
  });
  // Only what is worth it is offered: two good ones beat five.
  expect(proposals.length).toBeGreaterThanOrEqual(2);
  for (const p of proposals) {
    const plants = resolve(p.planting).map((x) => x.plant);
    expect(new Set(plants.map((x) => x.botanical)).size).toBe(1);
    expect(new Set(plants.map((x) => x.id)).size).toBe(3);
  }
});
