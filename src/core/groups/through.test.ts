import { all, big, DAY, good, left, petunias, right, spot, stand, terracotta } from '../testing/gate';
import { placed, pot, roundPot } from '../testing/pots';
import { depthOf, rimOf } from '../containers/outline';
import { jobsOf } from '../jobs';
import { groupSheetOf } from '../papers/group-sheet';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { freshGroup, snapped } from './arrange';
import { asGroup } from './cluster';
import { EYES, eyeOf, lookoutsOf, reachOf } from './eyes';
import { joinedBy, roomBeside } from './guests';
import { judgeGroup, moved } from './index';
import { neighbourPot, potsFor } from './pots';
import { GROUP_SIZES } from './roles';
import { groupInRow } from './row';
import { gap, sceneOf } from './scene';
import { inItsShade, isInItsShade, shadesOf, shadowOf } from './shade';
import { lightOf } from './sun';
import { sunOf } from '../spots/sun-seen';
import { movesOfYear } from './year';

const found = (plantings: readonly Planting[], group = good) =>
  judgeGroup(sceneOf(group, plantings, DAY)).find((f) => f.check === 'twins');

describe('twins', () => {
  const tall = { ...right, id: 'right' };
  test('of one recipe match; one in less sun lags, is named, and changes places', () => {
    expect(found(all)).toMatchObject({ severity: 'good' });
    const shade = { ...spot, light: { kind: 'noted' as const, hours: [9, 10], dappled: false } };
    const sulking = { ...left, spot: shade };
    const f = found([sulking, big, right]);
    expect(f).toMatchObject({ severity: 'watch', culprits: ['left', 'right'] });
    expect(f?.message).toMatch(/hours less sun/);
    expect(f?.moves[0]?.stands).toHaveLength(2);
  });
  test('one planted later catches up, and is not moved', () => {
    const f = found([{ ...left, startDate: '2026-06-20' }, big, tall]);
    expect(f?.message).toContain('planted later');
    expect(f?.moves).toEqual([]);
  });
  test('another recipe is no twin', () => {
    const other = { ...left, placements: left.placements.slice(0, 1) };
    expect(found([other, big, right])).toBeUndefined();
  });
});

describe('turned about itself', () => {
  const box: Planting = {
    ...petunias('left', roundPot(300, 200, 200), false),
    container: {
      ...pot().container,
      shape: { kind: 'box', lengthMm: 800, widthMm: 200, baseLengthMm: 780, baseWidthMm: 180, depthMm: 200 },
    },
  };
  const apart = (turnDeg: number) => {
    const group = { ...good, stands: [{ ...stand('left', 0), turnDeg }, stand('right', 700)] };
    const [a, b] = sceneOf(group, [box, right], DAY).bodies;
    if (!a || !b) throw new Error('Two are wanted.');
    return gap(a, b, 'rim');
  };
  test('a box of 80 by 20 cm reaches 40 cm to the side, a quarter turned 10, half turned 40 again', () => {
    const half = rimOf(right.container.shape).wide / 2;
    expect(apart(0)).toBeCloseTo(700 - 400 - half);
    expect(apart(90)).toBeCloseTo(700 - 100 - half);
    expect(apart(180)).toBeCloseTo(700 - 400 - half);
  });
});

describe('the sun of an hour', () => {
  const scene = sceneOf(good, all, DAY);
  test('stands before a south wall at noon, and behind it before six', () => {
    const light = lightOf(scene);
    if (!light) throw new Error('A clock is wanted.');
    const noon = sunOf(light, DAY, 12);
    expect(noon?.x).toBeCloseTo(0, 1);
    // 90° − 52° + 22.2° of declination on 10 July.
    expect((Math.asin(noon?.z ?? 0) * 180) / Math.PI).toBeCloseTo(60.2, 0);
    expect(sunOf(light, DAY, 5)).toBeNull();
  });
  test('throws a shadow as long as what stands there at 45°, and no further than the wall', () => {
    const [body] = scene.bodies;
    if (!body) throw new Error('A pot is wanted.');
    const side = shadowOf({ ...body, xMm: 0, yMm: 400, topZ: 1000 }, { x: -Math.SQRT1_2, y: 0, z: Math.SQRT1_2 });
    expect(side.xMm).toBeCloseTo(1000);
    expect(side.yMm).toBeCloseTo(400);
    const wall = shadowOf({ ...body, xMm: 0, yMm: 400, topZ: 1000 }, { x: 0, y: Math.SQRT1_2, z: Math.SQRT1_2 });
    expect(wall.yMm).toBeCloseTo(0);
  });
  test('of noted hours nobody knows the side until the wall’s is said; then only in those hours', () => {
    const noted = all.map((p) => ({ ...p, spot: { ...p.spot, light: pot().spot.light } }));
    expect(lightOf(sceneOf(good, noted, DAY))).toBeNull();
    const light = lightOf(sceneOf({ ...good, sun: { facing: 180, latitude: 52 } }, noted, DAY));
    if (!light) throw new Error('A light is wanted.');
    const hours = pot().spot.light.kind === 'noted' ? pot().spot.light : null;
    expect(hours).not.toBeNull();
    expect(sunOf(light, DAY, 12)).not.toBeNull();
    expect(sunOf(light, DAY, 18.5)).toBeNull();
  });
  test('a pot behind a tall one is reckoned in the sun that is left to it, and the same again when it is moved', () => {
    const hidden = { ...good, stands: [stand('left', 0, 200), stand('big', 0, 640)] };
    const [low] = shadesOf(sceneOf(hidden, all, DAY));
    expect(low?.taken.length).toBeGreaterThan(0);
    const shaded = inItsShade(left, low?.taken ?? []);
    expect(isInItsShade(left, low?.taken ?? [])).toBe(false);
    expect(isInItsShade(shaded, low?.taken ?? [])).toBe(true);
    const [before, after] = [left, shaded].map((p) => sunReading(p.spot, p.startDate).hours);
    expect((before ?? 0) - (after ?? 0)).toBeCloseTo(low?.taken.length ?? 0, 0);
    expect(sunReading(inItsShade(shaded, []).spot, left.startDate).hours).toBe(before);
  });
});

describe('where one looks from', () => {
  const scene = sceneOf(
    { ...good, openings: [{ kind: 'door', xMm: 0, widthMm: 900, heightMm: 2000, sillMm: 0 }] },
    all,
    DAY,
  );
  test('all of it is ahead of the eye and in the picture, from the front, the gate and the chair', () => {
    const reach = reachOf(scene);
    expect(reach.up).toBeGreaterThan(2000);
    for (const eye of EYES.filter((e) => e !== 'along')) {
      const { at, fovDeg } = eyeOf(scene, eye, 2);
      expect(at.y).toBeGreaterThan(reach.out);
      expect(fovDeg).toBeGreaterThan(5);
      expect(fovDeg).toBeLessThanOrEqual(62);
    }
  });
  test('one walks from the left end to the right at eye height', () => {
    const [left, right] = [0, 1].map((along) => eyeOf(scene, 'along', 2, along).at);
    expect(left?.x).toBe(reachOf(scene).left);
    expect(right?.x).toBe(reachOf(scene).right);
    expect(left?.z).toBe(1580);
  });
  test('the chair stands where the group says', () => {
    const chair = { xMm: 300, yMm: 2400, eyeMm: 1100 };
    expect(lookoutsOf({ ...scene, group: { ...good, chair } }).chair).toEqual(chair);
    expect(eyeOf({ ...scene, group: { ...good, chair } }, 'chair', 2).at).toEqual({ x: 300, y: 2400, z: 1100 });
  });
});

const guestsOf = (guest: Planting) => sceneOf(freshGroup('Entrance', [guest], DAY), [guest], DAY);

describe('set out as a group', () => {
  test('the tallest at the back in the middle, each other before it and clear of the rest', () => {
    const group = moved(good, asGroup(sceneOf(good, all, DAY)));
    const { bodies } = sceneOf(group, all, DAY);
    const tall = bodies.find((b) => b.of === 'big');
    expect(Math.min(...bodies.filter((b) => b.of !== 'big').map((b) => b.yMm))).toBeGreaterThan(tall?.yMm ?? 9999);
    expect(judgeGroup({ ...sceneOf(good, all, DAY), group, bodies }).filter((f) => f.severity !== 'good')).toEqual([]);
  });
  test('guests stand beside what is there, off the way and the door', () => {
    const host = sceneOf({ ...good, path: { xMm: 1500, widthMm: 1000 } }, all, DAY);
    const guest = { ...left, id: 'guest', name: 'guest' };
    const set = joinedBy(host, guestsOf(guest));
    const scene = sceneOf(set.group, [...all, guest], DAY);
    const checks = judgeGroup(scene).filter((f) => f.check === 'clearance' || f.check === 'way');
    expect(checks.map((f) => f.severity)).toEqual(['good', 'good']);
    expect(roomBeside({ ...host, bodies: [], group: good }, 500)).toBe(0);
  });
  test('guests asked for by the door stand next to it, or as near as there is room, and by how much', () => {
    const door = { kind: 'door', xMm: 4000, widthMm: 1000, heightMm: 2000, sillMm: 0 } as const;
    const guest = { ...left, id: 'guest', name: 'guest' };
    const by = (group: typeof good) => joinedBy(sceneOf(group, all, DAY), guestsOf(guest), { nearMm: door.xMm });
    const near = by({ ...good, openings: [door] });
    expect(near.awayMm - door.widthMm / 2).toBeLessThan(100);
    const far = by({ ...good, openings: [door], path: { xMm: 4000, widthMm: 5000 } });
    expect(far.awayMm).toBeGreaterThan(2500);
  });
  test('on a step they stand at its height and within it; where it is too short, on the ground', () => {
    const ledge = { id: 'step', xMm: 0, yMm: 900, widthMm: 2000, deepMm: 500, heightMm: 170 };
    const guest = { ...left, id: 'guest', name: 'guest' };
    const host = sceneOf({ ...good, ledges: [ledge] }, all, DAY);
    const { group, onLedge } = joinedBy(host, guestsOf(guest), { ledge });
    const stand = group.stands.find((s) => s.of === 'guest');
    expect([onLedge, stand?.upMm, stand?.yMm]).toEqual([true, 170, 1150]);
    expect(Math.abs(stand?.xMm ?? 9999)).toBeLessThan(1000);
    expect(joinedBy(host, guestsOf(guest), { ledge: { ...ledge, widthMm: 200 } }).onLedge).toBe(false);
  });
  test('a row of six, two of them a partner, runs in a rhythm', () => {
    const six = [
      { ...left, id: 'a', container: { ...left.container, count: 4 } },
      { ...right, id: 'b', container: { ...right.container, count: 2 } },
    ];
    const group = groupInRow(freshGroup('Entrance', six, DAY), six, ['a', 'b'], DAY);
    const order = [...group.stands].sort((x, y) => x.xMm - y.xMm).map((s) => s.of);
    expect(order.join('')).toBe('abaaba');
  });
});

describe('let go near a row or a mirrored place', () => {
  const scene = sceneOf(good, all, DAY);
  test('it stands level with the others and as far to the other side; a hand’s breadth off it stays', () => {
    expect(snapped(scene, 'right', 780, 420)).toEqual({ xMm: 800, yMm: 400 });
    expect(snapped(scene, 'right', 20, 380)).toEqual({ xMm: 0, yMm: 400 });
    expect(snapped(scene, 'right', 700, 500)).toEqual({ xMm: 700, yMm: 500 });
  });
});

describe('pots for a place', () => {
  const wall = '#d9ddd2';
  const roles = GROUP_SIZES[3] ?? [];
  test('step down from the lead’s, in one material and colour', () => {
    const pots = potsFor({ on: 'ground' }, roles, spot, wall);
    const depths = pots.map((p) => depthOf(p.container.shape));
    expect(depths).toEqual([...depths].sort((a, b) => b - a));
    expect(new Set(pots.map((p) => p.container.material + p.container.colour)).size).toBe(1);
    for (const p of pots) expect(p.why.every((w) => w.source.includes('practice'))).toBe(true);
  });
  test('a foot stands on its step; a narrower tread takes a smaller pot', () => {
    const foot = (deepMm: number) => {
      const [lead] = potsFor({ on: 'step', step: { widthMm: 1800, deepMm } }, roles, spot, wall);
      return lead?.container.shape.kind === 'round' ? lead.container.shape.baseMm : Infinity;
    };
    expect(foot(350)).toBeLessThanOrEqual(310);
    expect(foot(250)).toBeLessThanOrEqual(210);
    expect(foot(250)).toBeLessThan(foot(350));
  });
  test('a box ends short of its sill', () => {
    const [box] = potsFor({ on: 'sill', sill: { widthMm: 1000, deepMm: 220 } }, roles, spot, wall);
    expect(rimOf(box?.container.shape ?? left.container.shape).wide).toBeLessThanOrEqual(900);
    expect(box?.container.mount).toBe('sill');
  });
  test('where it is windy they are heavy, where it freezes hard they do not crack, among others they are of one family', () => {
    const of = (change: object, owned: Parameters<typeof potsFor>[4] = []) =>
      potsFor({ on: 'ground' }, roles, { ...spot, ...change }, wall, owned)[0]?.container.material;
    expect(of({ wind: 'windy' })).toBe('concrete');
    expect(of({ wind: 'open', coldestWinterC: -12 })).toBe('fibre');
    expect(of({ wind: 'windy' }, [terracotta(left.container)])).toBe('terracotta');
  });
  test('a neighbour’s pot is lower and of the same kind', () => {
    const { container } = neighbourPot(big.container);
    expect(depthOf(container.shape)).toBeLessThan(depthOf(big.container.shape));
    expect(container).toMatchObject({ material: 'terracotta', colour: big.container.colour, count: 1 });
  });
});

describe('through the year', () => {
  const cold = (p: Planting): Planting => ({ ...p, spot: { ...p.spot, coldestWinterC: -10 } });
  test('clay that may crack goes under cover a week before the frost, and that of a mild place stays', () => {
    const moves = (plantings: readonly Planting[]) => movesOfYear(good, plantings, DAY, '2027-07-10');
    const inside = moves(all.map(cold)).filter((m) => m.text.includes('under cover'));
    expect(inside.map((m) => [m.of, m.on])).toEqual(all.map((p) => [p.id, '2026-10-13']));
    expect(moves(all.map((p) => ({ ...p, spot: { ...p.spot, coldestWinterC: 2 } })))).toEqual([]);
  });
  test('what comes into its best weeks behind something dull changes places with it, once', () => {
    const spring: Planting = {
      ...left,
      startDate: '2026-03-14',
      placements: [placed('t', 'tulip-red', 'filler', 0, 0), placed('u', 'viola-yellow', 'filler', 90, 0)],
    };
    const group = { ...good, stands: [stand('left', 0, 900), stand('right', 800, 300)] };
    const moves = movesOfYear(group, [spring, right], '2026-03-01', '2026-12-01').filter((m) => m.stands.length > 0);
    expect(moves.map((m) => m.of)).toEqual(['right']);
    expect(moves[0]?.text).toContain('left behind it');
    const there = moved(group, moves[0]?.stands ?? []);
    const next = movesOfYear(there, [spring, right], '2026-03-01', '2026-12-01').filter((m) => m.stands.length > 0);
    // Set out so in March, the tulips come first and go behind again.
    expect(next.map((m) => m.of)).toEqual(['left', 'right']);
  });
});

test('a move that was made is not the one under cover a fortnight later', () => {
  const moves = [
    { on: '2026-10-01', text: 'bring it forward' },
    { on: '2026-10-13', text: 'stand it under cover' },
  ];
  const made: Planting = {
    ...left,
    deeds: [{ id: 'd9', what: 'move', to: null, on: '2026-10-01', done: '2026-10-02' }],
  };
  const asked = (p: Planting) =>
    jobsOf(p, { today: '2026-10-03', days: 20 }, { moves })
      .filter((j) => j.kind === 'move')
      .map((j) => j.text);
  expect(asked(left)).toEqual(['bring it forward', 'stand it under cover']);
  expect(asked(made)).toEqual(['stand it under cover']);
});

test('the sheet for a board names the place, each container once, and what it comes to', () => {
  const twice = { ...left, container: { ...left.container, count: 2 } };
  const group = freshGroup('Entrance', [twice, big], DAY);
  const sheet = groupSheetOf(
    sceneOf(group, [twice, big], DAY),
    'a4',
    { href: 'data:image/png;base64,', wide: 900, high: 500, says: 'Entrance' },
    [{ label: 'Availability', text: '£20.00' }],
  );
  const said = sheet.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : []));
  expect(said).toContain('Entrance');
  expect(said).toContain('£20.00');
  expect(said.filter((t) => t.startsWith('left, 2 of it'))).toHaveLength(1);
  for (const m of sheet.marks) if ('y' in m) expect(m.y).toBeLessThan(sheet.high);
});
