import { all, big, DAY, good, left, petunias, right, spot, stand, terracotta } from '../testing/gate';
import { pot, placed, roundPot, warmPot } from '../testing/pots';
import { some } from '../testing/some';
import type { Planting } from '../plantings/schema';
import { readGroup, writeGroup } from '../formats/group';
import { BadInputError } from '../formats/parse';
import { byTurns, freshGroup, inRow, mirrored, withAll } from './arrange';
import { type GroupCheckId, judgeGroup, moved } from './index';
import { gap, nameOf, sceneOf } from './scene';
import type { Group } from './schema';
import { shadedBy, shadesOf } from './shade';
import { sunAt } from '../spots/sun-seen';

const judged = (group: Group, plantings: readonly Planting[] = all) => judgeGroup(sceneOf(group, plantings, DAY));
const found = (check: GroupCheckId, group: Group, plantings: readonly Planting[] = all) =>
  judged(group, plantings).find((f) => f.check === check);

describe('three pots of one kind with the tallest in the middle', () => {
  test('have nothing to watch', () => {
    expect(
      some(judged(good))
        .filter((f) => f.severity !== 'good')
        .map((f) => f.message),
    ).toEqual([]);
  });
  test('one pushed into another is wrong, by so much, and its move puts it right', () => {
    const close = moved(good, [{ id: 'left', xMm: -300 }]);
    const f = found('clearance', close);
    // 230 + 170 mm of rims, 300 mm apart.
    expect(f).toMatchObject({ severity: 'wrong', measured: -100, culprits: ['left', 'big'] });
    const [move] = f?.moves ?? [];
    expect(found('clearance', moved(close, move?.stands ?? []))?.severity).not.toBe('wrong');
  });
  test('leaves that grow into each other are to be watched', () => {
    const vines = (p: Planting): Planting => ({
      ...p,
      placements: [
        placed('v', 'sweet-potato-vine-lime', 'spiller', -80, 0),
        placed('w', 'sweet-potato-vine-lime', 'spiller', 80, 0),
      ],
    });
    const close = moved(good, [{ id: 'left', xMm: -430 }]);
    const f = found('clearance', close, [vines(left), vines(big), right]);
    expect(f).toMatchObject({ severity: 'watch', culprits: ['left', 'big'] });
    const put = moved(close, f?.moves[0]?.stands ?? []);
    expect(found('clearance', put, [vines(left), vines(big), right])?.severity).toBe('good');
  });
  test('one that stands over another does not meet it', () => {
    const over = moved(good, [{ id: 'left', xMm: 0, yMm: 200, upMm: 2200 }]);
    expect(found('clearance', over)?.severity).toBe('good');
  });
  test('the tallest at the side slides off, and changes places with the middle', () => {
    const side = { ...good, stands: [stand('big', -800), stand('left', 0), stand('right', 800)] };
    const f = found('heights', side);
    expect(f).toMatchObject({ severity: 'watch', culprits: ['big'] });
    expect(found('heights', moved(side, f?.moves[0]?.stands ?? []))?.severity).toBe('good');
  });
  test('a pair as tall at either side frames what stands between; alone at the side it slides off', () => {
    const twin = { ...big, id: 'twin', name: 'twin' };
    const framed = {
      ...good,
      stands: [stand('big', -900), stand('left', -300), stand('right', 300), stand('twin', 900)],
    };
    expect(found('heights', framed, [...all, twin])?.message).toContain('a pair');
    const alone = { ...framed, stands: framed.stands.slice(0, 3) };
    expect(found('heights', alone)?.severity).toBe('watch');
  });
  test('two nearly as high leave nobody to lead, and the leader is raised', () => {
    const raised = moved(good, [{ id: 'left', upMm: 300 }]);
    const f = found('heights', raised);
    expect(f?.severity).toBe('watch');
    expect(found('heights', moved(raised, f?.moves[0]?.stands ?? []))?.severity).toBe('good');
  });
  test('a row of one height is a row', () => {
    const row = [left, right, { ...left, id: 'third', name: 'third' }];
    const group = { ...good, stands: row.map((p, i) => stand(p.id, (i - 1) * 700)) };
    expect(found('heights', group, row)).toMatchObject({ severity: 'good', figure: 'a row' });
  });
  test('something tall before something low hides it, and they change places', () => {
    const hidden = moved(good, [
      { id: 'left', xMm: 0, yMm: 100 },
      { id: 'big', yMm: 900 },
    ]);
    const f = found('inFront', hidden);
    expect(f).toMatchObject({ severity: 'watch', culprits: ['big', 'left'] });
    expect(found('inFront', moved(hidden, f?.moves[0]?.stands ?? []))?.severity).toBe('good');
  });
  test('without a plant or a colour in common they are a collection', () => {
    const other = {
      ...pot({ id: 'left', name: 'left', spot, container: terracotta(roundPot(340, 260, 300)) }),
      placements: [placed('a', 'carex-bronze', 'filler', 0, 0)],
    };
    const third = { ...other, id: 'right', name: 'right', placements: [placed('a', 'lobelia-blue', 'filler', 0, 0)] };
    const f = found('repeat', good, [other, big, third]);
    expect(f?.severity).toBe('watch');
    const [change] = f?.changes ?? [];
    if (change?.kind !== 'recast') throw new Error('A plant to share is wanted.');
    const shares = [other, big, third].map((p) =>
      p.id === change.of ? { ...p, placements: [...p.placements, placed('z', change.plant, 'filler', 60, 0)] } : p,
    );
    expect(found('repeat', good, shares)?.severity).toBe('good');
    expect(found('repeat', good)).toMatchObject({ severity: 'good', figure: '3 of 3' });
  });
  test('one pot of another colour is the accent, two are too many', () => {
    const blue = (p: Planting): Planting => ({
      ...p,
      container: { ...p.container, material: 'glazed', colour: '#1b3f8f' },
    });
    const lime = (p: Planting): Planting => ({
      ...p,
      container: { ...p.container, material: 'plastic', colour: '#b8d432' },
    });
    const row = [...all, { ...left, id: 'four' }, { ...left, id: 'five' }];
    const group = { ...good, stands: row.map((p, i) => stand(p.id, i * 900)) };
    expect(found('potColours', group, [blue(left), ...row.slice(1)])).toMatchObject({ severity: 'good', measured: 1 });
    const many = [blue(left), lime(big), ...row.slice(2)];
    const f = found('potColours', group, many);
    expect(f?.severity).toBe('watch');
    const [paint] = f?.changes ?? [];
    if (paint?.kind !== 'repaint') throw new Error('Paint is wanted.');
    const painted = many.map((p) =>
      paint.of.includes(p.id) ? { ...p, container: { ...p.container, colour: paint.colour } } : p,
    );
    expect(found('potColours', group, painted)?.severity).toBe('good');
  });
  test('two that are no twins fall into halves, twins do not', () => {
    const two = (b: string) => ({ ...good, stands: [stand('left', -500), stand(b, 500)] });
    expect(found('numbers', two('big'))?.severity).toBe('watch');
    expect(found('numbers', two('right'))?.severity).toBe('good');
  });
  test('a pot in the way is wrong, a leaf in it is watched, and both are moved out', () => {
    const path = { xMm: 500, widthMm: 300 };
    const inWay = { ...good, path, stands: [stand('left', -800), stand('big', 0), stand('right', 600)] };
    const f = found('way', inWay);
    expect(f).toMatchObject({ severity: 'wrong', culprits: ['right'] });
    expect(found('way', moved(inWay, f?.moves[0]?.stands ?? []))?.severity).not.toBe('wrong');
    expect(found('way', { ...good, path: { xMm: 0, widthMm: 6000 } })?.severity).toBe('wrong');
    expect(found('way', { ...good, path: { xMm: 4000, widthMm: 900 } })?.severity).toBe('good');
  });
});

describe('boxes', () => {
  const box = (id: string): Planting => ({
    ...petunias(id, roundPot(300, 200, 200), false),
    container: {
      ...pot().container,
      shape: { kind: 'box', lengthMm: 800, widthMm: 200, baseLengthMm: 780, baseWidthMm: 180, depthMm: 200 },
    },
  });
  test('one before another is as far from it as it is deep, not as it is long', () => {
    const scene = sceneOf({ ...good, stands: [stand('a', 0, 100), stand('b', 0, 400)] }, [box('a'), box('b')], DAY);
    const [a, b] = scene.bodies;
    if (!a || !b) throw new Error('Two boxes are wanted.');
    expect(gap(a, b, 'rim')).toBe(100);
  });
});

describe('shade of one on another', () => {
  test('the sun of a wall that faces south: noon before it, morning on the right, evening on the left', () => {
    const noon = sunAt(180, 180, 60);
    expect([noon.x, noon.y, noon.z].map((v) => Number(v.toFixed(3)))).toEqual([0, 0.5, 0.866]);
    expect(sunAt(180, 90, 20).x).toBeGreaterThan(0.9);
    expect(sunAt(180, 270, 20).x).toBeLessThan(-0.9);
  });
  test('by hand: at 45° a pot two metres tall shades what stands a metre behind it, not three', () => {
    const scene = sceneOf({ ...good, stands: [stand('big', 0, 2000)] }, [big], DAY);
    const [tall] = scene.bodies;
    if (!tall) throw new Error('A pot is wanted.');
    const two = { ...tall, topZ: 2000, leafR: 200 };
    const sun = { x: 0, y: Math.SQRT1_2, z: Math.SQRT1_2 };
    expect(shadedBy({ x: 0, y: 1000, z: 0 }, sun, two)).toBe(true);
    expect(shadedBy({ x: 0, y: -1000, z: 0 }, sun, two)).toBe(false);
    expect(shadedBy({ x: 500, y: 1000, z: 0 }, sun, two)).toBe(false);
    // The sun is before it: what stands on the sunny side keeps its light.
    expect(shadedBy({ x: 0, y: 3000, z: 0 }, sun, two)).toBe(false);
  });
  test('a low pot behind a tall one to the south loses sun, and the tall one none', () => {
    const scene = sceneOf({ ...good, stands: [stand('left', 0, 200), stand('big', 0, 800)] }, all, DAY);
    const [low, tall] = shadesOf(scene);
    expect(low?.by).toBe('big');
    expect(Math.max(...(low?.lostH ?? [0]))).toBeGreaterThan(1);
    expect(tall?.lostH).toEqual([0, 0, 0, 0, 0]);
    for (const [i, lost] of (low?.lostH ?? []).entries()) expect(lost).toBeLessThanOrEqual(low?.sunH[i] ?? 0);
  });
  test('where hours were only noted nobody knows, and nothing is said', () => {
    const noted = all.map((p) => ({ ...p, spot: { ...p.spot, light: pot().spot.light } }));
    expect(shadesOf(sceneOf(good, noted, DAY))).toEqual([]);
    expect(found('shaded', good, noted)).toBeUndefined();
  });
});

describe('setting them out', () => {
  test('the tallest stands in the middle, nobody in another, what hangs where it hangs', () => {
    const basket: Planting = {
      ...warmPot(),
      id: 'basket',
      spot,
      container: {
        ...pot().container,
        shape: { kind: 'basket', topMm: 350, depthMm: 190 },
        mount: 'hook',
        rimHeightMm: 2300,
      },
    };
    const group = freshGroup('Entrance', [...all, basket], DAY);
    expect(group.stands.find((s) => s.of === 'basket')?.upMm).toBe(2110);
    expect(found('clearance', group, [...all, basket])?.severity).toBe('good');
    expect(Math.abs(group.stands.find((s) => s.of === 'big')?.xMm ?? 999)).toBeLessThan(200);
  });
  const baskets = (id: string, count: number): Planting => ({
    ...petunias(id, roundPot(350, 300, 200), false),
    container: {
      ...pot().container,
      shape: { kind: 'basket', topMm: 350, depthMm: 190 },
      mount: 'hook',
      rimHeightMm: 2300,
      count,
    },
  });
  test('six the same are six, in a row with as much between; fewer of them, and fewer stand there', () => {
    const six = baskets('six', 6);
    const group = freshGroup('Entrance', [six], DAY);
    expect(group.stands.map((s) => s.id)).toEqual([1, 2, 3, 4, 5, 6].map((n) => `six-${n}`));
    expect(judged(group, [six]).filter((f) => f.severity !== 'good')).toEqual([]);
    expect(withAll(group, [baskets('six', 4)], DAY).stands.map((s) => s.id)).toEqual([
      'six-1',
      'six-2',
      'six-3',
      'six-4',
    ]);
    expect(withAll(group, [baskets('six', 7)], DAY).stands).toHaveLength(7);
    expect(sceneOf(group, [six], DAY).bodies.map(nameOf).at(-1)).toBe('six 6');
  });
  test('two recipes of one size stand by turns', () => {
    const two = [baskets('a', 3), baskets('b', 3)];
    const order = (group: Group) => [...group.stands].sort((x, y) => x.xMm - y.xMm).map((s) => s.of);
    const group = freshGroup('Entrance', two, DAY);
    expect(order(group)).toEqual(['a', 'b', 'a', 'b', 'a', 'b']);
    const heaped = { ...group, stands: group.stands.map((s, i) => ({ ...s, xMm: i * 500 })) };
    expect(order(heaped)).toEqual(['a', 'a', 'a', 'b', 'b', 'b']);
    expect(order(moved(heaped, byTurns(sceneOf(heaped, two, DAY))))).toEqual(['a', 'b', 'a', 'b', 'a', 'b']);
  });
  test('a new container of the place is set beside the others, one that is gone is left out', () => {
    const group = freshGroup('Entrance', all, DAY);
    const more = withAll(group, [left, big, { ...right, id: 'new' }], DAY);
    expect(more.stands.map((s) => s.of)).toEqual(['left', 'big', 'new']);
    expect(more.stands.slice(0, 2)).toEqual(group.stands.slice(0, 2));
    expect(found('clearance', more, [left, big, { ...right, id: 'new' }])?.severity).toBe('good');
    expect(withAll(group, all, DAY)).toBe(group);
  });
  test('in a row they stand as far from the wall and evenly apart; mirrored, the same to either side', () => {
    const odd = { ...good, stands: [stand('left', -1000, 300), stand('big', 200, 500), stand('right', 900, 400)] };
    const row = moved(odd, inRow(sceneOf(odd, all, DAY))).stands;
    expect(new Set(row.map((s) => s.yMm))).toEqual(new Set([400]));
    expect((row[1]?.xMm ?? 0) - (row[0]?.xMm ?? 0)).toBeCloseTo((row[2]?.xMm ?? 0) - (row[1]?.xMm ?? 0), -1);
    const twin = moved(odd, mirrored(sceneOf(odd, all, DAY))).stands;
    expect(twin.map((s) => s.xMm)).toEqual([-1000, 0, 1000]);
  });
});

describe('a group as a file', () => {
  test('is read back as it was, with its containers', () => {
    const text = writeGroup(good, [...all, warmPot()]);
    expect(readGroup(JSON.parse(text))).toEqual({ group: good, containers: all });
  });
  test('a container that it names and nobody has is told, not lost', () => {
    const scene = sceneOf(good, [left, big], DAY);
    expect(scene.missing).toEqual(['right']);
    expect(scene.bodies.map((b) => b.of)).toEqual(['left', 'big']);
  });
  test.each([
    ['a stand named twice', { group: { ...good, stands: [stand('a', 0), stand('a', 1)] } }, /twice/],
    ['a container that is none', { containers: [{ format: 'rillbank.planting', version: 2 }] }, /containers\.0/],
    ['another version', { version: 7 }, /version 7/],
  ])('%s is refused', (_, change, why) => {
    const file = { ...JSON.parse(writeGroup(good, all)), ...change };
    expect(() => readGroup(file)).toThrow(BadInputError);
    expect(() => readGroup(file)).toThrow(why);
  });
});
