import { AmbientLight, Box3, DirectionalLight, type Group, HemisphereLight, Mesh, Vector3 } from 'three';
import { footMm } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { SOLD } from '@/core/containers/sold';
import type { Surroundings } from '@/core/containers/surfaces';
import { roundPot } from '@/core/testing/pots';
import { createAround } from './around';
import { shineOn } from './daylight';

const bare: Surroundings = { wall: null, ground: null, steps: false, opening: null, hung: null };
const room = { half: 600, top: 800, low: 500, out: 900 };
const made = (c: Container, change: Partial<Surroundings>) => createAround(c, { ...bare, ...change }, room);
const pot = roundPot(400, 290, 360);
const wall = { colour: '#aa8866', build: 'brick' } as const;

const boxOf = (of: { group: Group }) => {
  of.group.updateMatrixWorld(true);
  return new Box3().setFromObject(of.group);
};

test('the ground lies under its foot, a wall stands behind it, and nothing reaches into it', () => {
  const around = made(pot, { wall, ground: 'paving' });
  const box = boxOf(around);
  expect(box.min.y).toBeCloseTo(-footMm(pot) - 1, 0);
  expect(box.min.z).toBeLessThan(-200 - 60);
  expect(box.max.x).toBeLessThanOrEqual(room.half + 1);
  around.group.traverse((o) => {
    if (o instanceof Mesh) expect(new Box3().setFromObject(o).containsPoint(new Vector3(0, -100, 0))).toBe(false);
  });
  around.dispose();
});

test('on steps one is under it and the next behind, higher by a step', () => {
  const steps = boxOf(made(pot, { steps: true }));
  expect(steps.max.y).toBeCloseTo(-footMm(pot) + 150, 0);
  expect(steps.min.y).toBeCloseTo(-footMm(pot) - 151, 0);
});

test('a beam hangs over the hook, an arm comes out of the wall to it, and a rail has balusters', () => {
  const basket = { ...pot, shape: SOLD.basket[2] as Container['shape'], mount: 'hook' as const };
  expect(boxOf(made(basket, { hung: 'beam' })).min.y).toBeGreaterThan(300);
  expect(boxOf(made(basket, { wall, hung: 'arm' })).max.z).toBeGreaterThan(0);
  const rail = { ...pot, shape: SOLD.box[3] as Container['shape'], mount: 'rail' as const };
  expect(made(rail, {}).group.children.length).toBeGreaterThan(8);
});

test('a door is as tall as doors are, a window as wide as its box and a little more', () => {
  const door = boxOf(made(pot, { wall, opening: 'door' }));
  expect(door.max.y - -footMm(pot)).toBeCloseTo(2030, -1);
  const box = { ...pot, shape: SOLD.box[3] as Container['shape'], mount: 'sill' as const };
  expect(made(box, { wall, opening: 'window' }).group.children.length).toBeGreaterThan(
    made(box, { wall }).group.children.length + 4,
  );
});

test('a barrow has its wheel on the ground and its handles past its tray', async () => {
  const { fittingPieces: fittingsOf } = await import('./fittings');
  const tray = {
    ...pot,
    material: 'metal' as const,
    wheels: true,
    shape: {
      kind: 'free' as const,
      depthMm: 220,
      corners: [
        [-400, -200],
        [400, -200],
        [400, 200],
        [-400, 200],
      ] as [number, number][],
    },
  };
  const group = fittingsOf(tray, footMm(tray));
  group.updateMatrixWorld(true);
  const box = new Box3().setFromObject(group);
  expect(footMm(tray)).toBeGreaterThan(footMm({ ...tray, wheels: false }) + 200);
  expect(Math.abs(box.min.y + footMm(tray))).toBeLessThan(15);
  expect(box.min.x).toBeLessThan(-700);
  expect(box.max.x).toBeGreaterThan(550);
});

test('low sun is warmer and weaker than high sun; hidden, there is none and more sky', () => {
  const lights = { sun: new DirectionalLight(), sky: new HemisphereLight(), fill: new AmbientLight() };
  const under = (from: Parameters<typeof shineOn>[1]) => {
    shineOn(lights, from);
    return { power: lights.sun.intensity, warm: lights.sun.color.r / lights.sun.color.b, sky: lights.sky.intensity };
  };
  const high = under({ x: 0, y: 0.3, z: 0.95 });
  const low = under({ x: 0.7, y: 0.7, z: 0.1 });
  const hidden = under(null);
  expect(low.warm).toBeGreaterThan(high.warm * 1.5);
  expect(low.power).toBeLessThan(high.power);
  expect(hidden.power).toBe(0);
  expect(hidden.sky).toBeGreaterThan(high.sky);
});
