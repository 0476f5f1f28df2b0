import {
  BoxGeometry,
  type BufferGeometry,
  Group,
  type Material,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  PlaneGeometry,
  Vector3,
} from 'three';
import type { GroundBuild, WallBuild } from '@/core/containers/surfaces';
import { rod } from '../fittings';
import { surfaceOf } from '../surfaces';

/**
 * What containers stand in and before: mm, x to the right from the middle, y from the wall toward the viewer,
 * heights over the ground.
 */
export interface Setting {
  wall: { colour: string; build: WallBuild };
  ground: GroundBuild;
  openings: readonly { kind: 'door' | 'window'; xMm: number; widthMm: number; heightMm: number; sillMm: number }[];
  ledges: readonly { xMm: number; yMm: number; widthMm: number; deepMm: number; heightMm: number }[];
  path: { xMm: number; widthMm: number } | null;
  /** Where something hangs: an arm reaches out of the wall to it. */
  hooks: readonly { xMm: number; yMm: number; atMm: number }[];
  /** How far it goes to either side, up and out. */
  reach: { left: number; right: number; up: number; out: number };
}

/** The ground’s plain colours. */
export const GROUND_COLOURS: Record<GroundBuild, string> = { paving: '#a9aaa3', deck: '#9a8a76', gravel: '#b3ab9b' };
const STONE = '#bdbab0';
const FRAME = '#f1efe8';
const GLASS = '#4c5a5c';
const DOOR = '#3f5a58';
/**
 * Frames are so wide, and stand so far before the wall; the leaf of a door and the glass lie so far behind
 * it, mm. Working figures.
 */
const FRAME_MM = 70;
const PROUD_MM = 14;
/** A wall’s thickness, so that no sun comes through, mm. */
const THICK_MM = 300;
/** Past what is looked at there is so much more of the wall, up and to the sides, and so much more ground, mm. */
const MORE_MM = 12_000;
const MORE_UP_MM = 1400;
const MORE_OUT_MM = 12_000;

/** A texture laid over a face at its true size. */
export function laid(
  geometry: PlaneGeometry,
  wide: number,
  high: number,
  tile: { wide: number; high: number },
): PlaneGeometry {
  const uv = geometry.getAttribute('uv');
  for (let i = 0; i < uv.count; i += 1) uv.setXY(i, (uv.getX(i) * wide) / tile.wide, (uv.getY(i) * high) / tile.high);
  return geometry;
}

function block(w: number, h: number, d: number, colour: string, at: [number, number, number]): Mesh {
  const m = new Mesh(new BoxGeometry(w, h, d), new MeshLambertMaterial({ color: colour }));
  m.position.set(...at);
  m.receiveShadow = true;
  m.castShadow = true;
  return m;
}

function wallOf({ wall, reach }: Setting): Mesh {
  const wide = reach.right - reach.left + 2 * MORE_MM;
  const high = reach.up + MORE_UP_MM;
  const { texture, ...tile } = surfaceOf(wall.build);
  const m = new Mesh(
    laid(new PlaneGeometry(wide, high), wide, high, tile),
    new MeshLambertMaterial({ color: wall.colour, map: texture }),
  );
  m.position.set((reach.left + reach.right) / 2, high / 2, 0);
  m.receiveShadow = true;
  return m;
}

function groundOf({ ground, reach }: Setting): Mesh {
  const wide = reach.right - reach.left + 2 * MORE_MM;
  const deep = reach.out + MORE_OUT_MM;
  const { texture, ...tile } = surfaceOf(ground);
  const m = new Mesh(
    laid(new PlaneGeometry(wide, deep), wide, deep, tile),
    new MeshLambertMaterial({ color: GROUND_COLOURS[ground], map: texture }),
  );
  m.rotation.x = -Math.PI / 2;
  m.position.set((reach.left + reach.right) / 2, 0, deep / 2);
  m.receiveShadow = true;
  return m;
}

/** A door of two panels with its handle, or a window with glazing bars and a sill. */
function openingOf({ kind, xMm, widthMm, heightMm, sillMm }: Setting['openings'][number]): Mesh[] {
  const middle = sillMm + heightMm / 2;
  const [inW, inH] = [widthMm - 2 * FRAME_MM, heightMm - FRAME_MM * (kind === 'door' ? 1 : 2)];
  const face = new Mesh(
    new PlaneGeometry(inW, inH),
    kind === 'door' ? new MeshLambertMaterial({ color: DOOR }) : new MeshBasicMaterial({ color: GLASS }),
  );
  face.position.set(xMm, kind === 'door' ? sillMm + inH / 2 : middle, 4);
  face.receiveShadow = kind === 'door';
  const side = (to: number) =>
    block(FRAME_MM, heightMm, PROUD_MM * 2, FRAME, [xMm + (to * (widthMm - FRAME_MM)) / 2, middle, 0]);
  const top = block(widthMm, FRAME_MM, PROUD_MM * 2, FRAME, [xMm, sillMm + heightMm - FRAME_MM / 2, 0]);
  const inside =
    kind === 'door'
      ? [
          ...[0.3, 0.72].map((t) => block(inW * 0.62, inH * 0.34, 8, '#36504e', [xMm, sillMm + inH * t, 6])),
          block(26, 110, 40, '#b9a56c', [xMm + inW * 0.42, sillMm + Math.min(1050, inH * 0.52), 20]),
        ]
      : [
          block(26, inH, PROUD_MM, FRAME, [xMm, middle, 6]),
          block(inW, 22, PROUD_MM, FRAME, [xMm, middle + inH * 0.12, 6]),
          block(widthMm, FRAME_MM, PROUD_MM * 2, FRAME, [xMm, sillMm + FRAME_MM / 2, 0]),
          block(widthMm + 120, 40, 110, STONE, [xMm, sillMm - 20, 50]),
        ];
  return [face, side(-1), side(1), top, ...inside];
}

/** The edges of the way, as two lines of darker stone in the ground. */
function wayOf({ path, reach }: Setting): Mesh[] {
  if (!path) return [];
  return [-1, 1].map((to) => {
    const m = new Mesh(new PlaneGeometry(36, reach.out + 1500), new MeshLambertMaterial({ color: '#7d7f78' }));
    m.rotation.x = -Math.PI / 2;
    m.position.set(path.xMm + (to * path.widthMm) / 2, 2, (reach.out + 1500) / 2);
    m.receiveShadow = true;
    return m;
  });
}

/** An arm out of the wall over each hook, and the strut under it. */
function armOf({ xMm, yMm, atMm }: Setting['hooks'][number]): Mesh[] {
  const iron = new MeshLambertMaterial({ color: '#3b4243' });
  const top = new Vector3(xMm, atMm + 26, 0);
  return [
    rod(top, new Vector3(xMm, atMm + 26, yMm + 12), 7, iron),
    rod(new Vector3(xMm, atMm - Math.min(220, yMm * 0.7), 0), new Vector3(xMm, atMm + 22, yMm * 0.62), 5, iron),
  ];
}

/** Wall, ground, doors, windows, steps and the way, as meshes; the wall’s own thickness keeps out the sun behind it. */
export function createSetting(setting: Setting): { group: Group; dispose: () => void } {
  const { reach } = setting;
  const wide = reach.right - reach.left + 2 * MORE_MM;
  const group = new Group();
  const back = block(wide, reach.up + MORE_UP_MM, THICK_MM, '#808080', [
    (reach.left + reach.right) / 2,
    (reach.up + MORE_UP_MM) / 2,
    -THICK_MM / 2 - 2,
  ]);
  group.add(
    back,
    wallOf(setting),
    groundOf(setting),
    ...setting.openings.flatMap(openingOf),
    ...setting.ledges.flatMap((l) => [
      block(l.widthMm, l.heightMm, l.deepMm, STONE, [l.xMm, l.heightMm / 2, l.yMm + l.deepMm / 2]),
      block(l.widthMm, 4, l.deepMm + 12, '#cac7bd', [l.xMm, l.heightMm, l.yMm + l.deepMm / 2]),
    ]),
    ...wayOf(setting),
    ...setting.hooks.flatMap(armOf),
  );
  return {
    group,
    dispose: () =>
      group.traverse((o) => {
        if (!(o instanceof Mesh)) return;
        const skin = o.material as Material & Partial<MeshLambertMaterial>;
        skin.map?.dispose();
        skin.dispose();
        (o.geometry as BufferGeometry).dispose();
      }),
  };
}
