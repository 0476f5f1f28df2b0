import {
  BoxGeometry,
  type BufferGeometry,
  Group,
  type Material,
  Mesh,
  MeshLambertMaterial,
  PlaneGeometry,
  Vector3,
  Vector4,
} from 'three';
import { footMm, hookMm, rimOf } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import type { Surroundings } from '@/core/containers/surfaces';
import { STEP_DEEP_MM, wallAt } from '@/core/containers/wall';
import { rod } from './fittings';
import { GROUND_COLOURS, laid } from './place/setting';
import { surfaceOf } from './surfaces';

/** What of the setting is seen, mm from the rim’s middle: to either side, up, down, and toward the viewer. */
export interface Room {
  half: number;
  top: number;
  low: number;
  out: number;
}

/** The setting fades into the page over so much, mm. */
const FADE = { side: 110, up: 90, out: 260 };
/** A step is so high and deep; door and window are as doors and windows are, mm. Ordinary sizes. */
const STEP = { high: 150, deep: STEP_DEEP_MM };
const DOOR = { wide: 860, high: 2030, beside: 90 };
const PANE = { frame: 62, proud: 26, over: 40 };
const BALUSTER_MM = 115;

const COLOURS = {
  stone: '#9d9a8f',
  edge: '#aaa79c',
  frame: '#dcdad2',
  glass: '#55656a',
  door: '#3d5c5a',
  beam: '#7d6a52',
  iron: '#3b4243',
};

/** A skin of the setting that fades where the picture ends, so that nothing is cut off. */
function fading(m: MeshLambertMaterial, room: { value: Vector4 }): MeshLambertMaterial {
  m.transparent = true;
  m.onBeforeCompile = (shader) => {
    shader.uniforms.room = room;
    shader.uniforms.fade = { value: new Vector3(FADE.side, FADE.up, FADE.out) };
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', '#include <common>\nvarying vec3 vPlace;')
      .replace('#include <begin_vertex>', '#include <begin_vertex>\nvPlace = (modelMatrix * vec4(position, 1.0)).xyz;');
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', '#include <common>\nvarying vec3 vPlace;\nuniform vec4 room;\nuniform vec3 fade;')
      .replace(
        '#include <color_fragment>',
        `#include <color_fragment>
        diffuseColor.a *= smoothstep(0.0, fade.x, room.x - abs(vPlace.x))
          * smoothstep(0.0, fade.y, room.y - vPlace.y)
          * smoothstep(0.0, fade.z, room.w - vPlace.z)
          * smoothstep(0.0, 40.0, vPlace.y + room.z);`,
      );
  };
  return m;
}

export interface Around {
  group: Group;
  /** It fades before what is seen ends: to either side, up and down, mm. */
  fadeBy: (seen: Pick<Room, 'half' | 'top' | 'low'>) => void;
  dispose: () => void;
}

/**
 * The setting of one container, to scale, rim at y = 0: wall, ground, steps, window, door, arm or beam, and
 * the balusters of a rail.
 */
export function createAround(c: Container, surroundings: Surroundings, room: Room): Around {
  const group = new Group();
  const foot = footMm(c);
  const { wide, deep } = rimOf(c.shape);
  const back = wallAt(c, surroundings);
  const textures: { dispose: () => void }[] = [];
  const bounds = { value: new Vector4(room.half, room.top, room.low, room.out) };
  const skin = (color: string) => fading(new MeshLambertMaterial({ color }), bounds);
  const add = (m: Mesh, at: [number, number, number]) => {
    m.position.set(...at);
    m.receiveShadow = true;
    group.add(m);
    return m;
  };
  const block = (w: number, h: number, d: number, colour: string, at: [number, number, number]) =>
    add(new Mesh(new BoxGeometry(w, h, d), skin(colour)), at);
  const face = (build: Parameters<typeof surfaceOf>[0], colour: string, w: number, h: number) => {
    const { texture, ...tile } = surfaceOf(build);
    textures.push(texture);
    return new Mesh(
      laid(new PlaneGeometry(w, h), w, h, tile),
      fading(new MeshLambertMaterial({ color: colour, map: texture }), bounds),
    );
  };
  const across = 2 * room.half;

  if (surroundings.wall) {
    const low = c.mount === 'ground' ? -foot : -room.low;
    const m = face(surroundings.wall.build, surroundings.wall.colour, across, room.top - low);
    add(m, [0, (room.top + low) / 2, back]);
  }
  if (surroundings.ground) {
    const lower = surroundings.steps ? STEP.high : 0;
    const length = room.out - back;
    const m = face(surroundings.ground, GROUND_COLOURS[surroundings.ground], across, length);
    m.rotation.x = -Math.PI / 2;
    m.renderOrder = -1;
    add(m, [0, -foot - 1 - lower, back + length / 2]);
  }
  if (surroundings.steps) {
    // It stands on one step; the next goes up behind it.
    const [tread, behind] = [deep / 2 + 60, wallAt(c, { steps: false })];
    const span = tread - behind;
    block(across, STEP.high, span, COLOURS.stone, [0, -foot - 1 - STEP.high / 2, behind + span / 2]);
    block(across, 12, span + 26, COLOURS.edge, [0, -foot - 7, behind + span / 2 + 13]);
    block(across, STEP.high, STEP.deep, COLOURS.stone, [0, -foot + STEP.high / 2, behind - STEP.deep / 2]);
    block(across, 12, STEP.deep + 26, COLOURS.edge, [0, -foot + STEP.high - 6, behind - STEP.deep / 2 + 13]);
  }
  if (surroundings.opening && surroundings.wall) {
    const door = surroundings.opening === 'door';
    const low = -foot;
    const w = door ? DOOR.wide : wide + 2 * PANE.over;
    const h = door ? DOOR.high : room.top - low - FADE.up;
    const x = door ? wide / 2 + DOOR.beside + w / 2 : 0;
    const glass = block(w - 2 * PANE.frame, h - PANE.frame, 6, door ? COLOURS.door : COLOURS.glass, [
      x,
      low + h / 2,
      back + 4,
    ]);
    glass.receiveShadow = door;
    for (const to of [-1, 1])
      block(PANE.frame, h, PANE.proud, COLOURS.frame, [
        x + (to * (w - PANE.frame)) / 2,
        low + h / 2,
        back + PANE.proud / 2,
      ]);
    block(w, PANE.frame, PANE.proud, COLOURS.frame, [x, low + h - PANE.frame / 2, back + PANE.proud / 2]);
    if (door) for (const t of [0.28, 0.72]) block(w * 0.56, h * 0.32, 8, '#35504e', [x, low + h * t, back + 10]);
    else {
      block(24, h, PANE.proud, COLOURS.frame, [x, low + h / 2, back + PANE.proud / 2]);
      block(w, 20, PANE.proud, COLOURS.frame, [x, low + h * 0.56, back + PANE.proud / 2]);
    }
  }
  const iron = skin(COLOURS.iron);
  if (surroundings.hung === 'arm') {
    const up = hookMm(c) + 26;
    group.add(rod(new Vector3(0, up, back), new Vector3(0, up, 14), 7, iron));
    group.add(rod(new Vector3(0, up - 190, back), new Vector3(0, up - 6, back * 0.35), 5, iron));
  }
  if (surroundings.hung === 'beam') block(across, 110, 90, COLOURS.beam, [0, hookMm(c) + 26 + 55, 0]);
  if (c.mount === 'rail') {
    const z = -deep / 2 - 34;
    const many = Math.floor(room.half / BALUSTER_MM);
    for (let i = -many; i <= many; i += 1)
      group.add(rod(new Vector3(i * BALUSTER_MM, 4, z), new Vector3(i * BALUSTER_MM, -room.low, z), 6, iron));
  }
  return {
    group,
    fadeBy: ({ half, top, low }) =>
      void bounds.value.set(Math.min(room.half, half), Math.min(room.top, top), Math.min(room.low, low), room.out),
    dispose: () => {
      for (const t of textures) t.dispose();
      group.traverse((o) => {
        if (!(o instanceof Mesh)) return;
        (o.geometry as BufferGeometry).dispose();
        (o.material as Material).dispose();
      });
    },
  };
}
