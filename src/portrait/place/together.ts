import {
  AmbientLight,
  Group,
  HemisphereLight,
  Mesh,
  MeshBasicMaterial,
  PerspectiveCamera,
  PlaneGeometry,
  Scene,
  SRGBColorSpace,
  Texture,
  Vector3,
} from 'three';
import type { Canopy } from '@/core/canopy/kinds';
import { footMm } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { type Body, createBody } from '../body';
import { HIDDEN, shineOn, type Sun } from '../daylight';
import type { Drawn } from '../drawn';
import { createFoliage, type Foliage } from '../foliage';
import { rendererOn, sunThrowing, timed } from '../renderer';
import { createSetting, type Setting } from './setting';

/** Where one stands in a scene: mm as in the setting, its foot so high, turned about itself, degrees. */
export interface At {
  xMm: number;
  yMm: number;
  upMm: number;
  turnDeg: number;
}

/** Where one looks from and to, mm as in the setting, and how wide a look, degrees. */
export interface SceneEye {
  at: { x: number; y: number; z: number };
  to: { x: number; y: number; z: number };
  fovDeg: number;
}

/** Several containers in their setting, drawn only when asked. */
export interface Together extends Drawn {
  setSetting: (s: Setting) => void;
  /** Puts a container in, or changes what it is or what grows in it. */
  setPot: (id: string, container: Container, canopy: Canopy | null) => void;
  /** What stands for a container while the picture moves: a still of it, where it is in it. */
  setStill: (id: string, still: SceneStill) => void;
  place: (id: string, at: At) => void;
  keepOnly: (ids: ReadonlySet<string>) => void;
  setSun: (sun: Sun) => void;
  setEye: (eye: SceneEye) => void;
  /** A point of the scene in pixels of the canvas; `ahead` is false behind the eye. */
  project: (x: number, y: number, z: number) => { x: number; y: number; ahead: boolean };
  /** What is seen now, drawn whole, as a PNG and its size in pixels. */
  picture: () => { href: string; wide: number; high: number };
  /** Leaves and flowers that are drawn of it at rest. */
  pieces: () => number;
}

/** A still of a container: the picture, its size in mm of what it shows, and how far under its top the foot is. */
export interface SceneStill {
  image: TexImageSource;
  wideMm: number;
  highMm: number;
  footMm: number;
}

interface Pot {
  holder: Group;
  container: Container;
  canopy: Canopy | null;
  body: Body;
  foliage: Foliage | null;
  still: { mesh: Mesh<PlaneGeometry, MeshBasicMaterial>; lowMm: number } | null;
  at: At;
}

/**
 * No more leaves than this are drawn in a scene on a machine that draws in software. Working figure: two
 * seconds of it.
 */
const MOST_PIECES = 26_000;
/** There the shadows are thrown by this share of them. Working figure by eye. */
const SHADOW_SHARE = 0.5;
/** A machine that would draw all of them in this time draws all of them, ms. */
const QUICK_MS = 250;

/** A scene of several containers. Knows leaves, pots and walls, not plants. */
export function createTogether(canvas: HTMLCanvasElement, plain = false): Together {
  const renderer = rendererOn(canvas, { shadows: true, plain });
  const scene = new Scene();
  const sky = new HemisphereLight('#eef4f8', '#b4b59c', 1.5);
  const fill = new AmbientLight('#ffffff', 0.25);
  const sun = sunThrowing(true, 2048, 0.72);
  scene.add(sky, fill, sun, sun.target);
  const camera = new PerspectiveCamera(30, 1, 60, 40_000);
  const pots = new Map<string, Pot>();
  let setting: ReturnType<typeof createSetting> | null = null;
  let reach: Setting['reach'] = { left: -1000, right: 1000, up: 1500, out: 1500 };
  let shining: Sun = { x: -0.45, y: 0.6, z: 0.66 };
  let share = 1;
  let [width, height] = [1, 1];
  const scratch = new Vector3();
  /** Thrown away after the next picture: its successor then finds the compiled shaders still there. */
  const spent: (() => void)[] = [];

  const shadows = () => {
    // While few leaves are drawn the last whole shadow does.
    renderer.shadowMap.needsUpdate ||= share === 1;
  };
  const shine = () => {
    const middle = new Vector3((reach.left + reach.right) / 2, reach.up * 0.3, reach.out * 0.4);
    const half = Math.max(reach.right - reach.left, reach.up * 1.4, reach.out * 1.2) / 2 + 700;
    const on = shining ?? HIDDEN;
    sun.position.copy(middle).add(new Vector3(on.x, on.z, on.y).multiplyScalar(half * 3));
    sun.target.position.copy(middle);
    Object.assign(sun.shadow.camera, {
      left: -half,
      right: half,
      top: half,
      bottom: -half,
      near: half,
      far: half * 5.5,
    });
    sun.shadow.camera.updateProjectionMatrix();
    shineOn({ sun, sky, fill }, shining);
    shadows();
  };
  /** Share of all leaves that is drawn at rest; and whether stills stand in for what grows while the picture moves. */
  let rest = 1;
  let far = false;
  let quick = false;
  const pieces = () => {
    let n = 0;
    for (const { canopy } of pots.values()) for (const b of canopy?.batches ?? []) n += b.count;
    return n;
  };
  const hasStills = () => pots.size > 0 && [...pots.values()].every((p) => p.still);
  const show = () => {
    far = share < 1 && hasStills();
    rest = quick ? 1 : Math.min(1, MOST_PIECES / Math.max(1, pieces()));
    for (const p of pots.values()) {
      p.holder.visible = !far;
      if (p.still) p.still.mesh.visible = far;
      p.foliage?.thin(far ? rest : rest * share);
      p.foliage?.shade(quick ? 1 : SHADOW_SHARE);
    }
  };
  const stand = (p: Pot) => {
    const { xMm, yMm, upMm, turnDeg } = p.at;
    p.holder.position.set(xMm, upMm + footMm(p.container), yMm);
    p.holder.rotation.y = (turnDeg * Math.PI) / 180;
    p.still?.mesh.position.set(xMm, upMm + p.still.lowMm, yMm);
  };
  /** Stills face the eye, upright. */
  const face = () => {
    for (const { still } of pots.values())
      if (still)
        still.mesh.rotation.y = Math.atan2(
          camera.position.x - still.mesh.position.x,
          camera.position.z - still.mesh.position.z,
        );
  };
  const dropStill = (p: Pot) => {
    const { still } = p;
    if (!still) return;
    scene.remove(still.mesh);
    spent.push(() => {
      still.mesh.material.map?.dispose();
      still.mesh.material.dispose();
      still.mesh.geometry.dispose();
    });
    p.still = null;
  };
  const drop = (id: string) => {
    const p = pots.get(id);
    if (!p) return;
    scene.remove(p.holder);
    dropStill(p);
    spent.push(p.body.dispose, () => p.foliage?.dispose());
    pots.delete(id);
  };
  const render = () => {
    if (far) face();
    renderer.render(scene, camera);
    for (const dispose of spent.splice(0)) dispose();
  };

  return {
    setSetting: (s) => {
      if (setting) {
        scene.remove(setting.group);
        spent.push(setting.dispose);
      }
      setting = createSetting(s);
      scene.add(setting.group);
      ({ reach } = s);
      shine();
    },
    setPot: (id, container, canopy) => {
      const was = pots.get(id);
      if (was?.container === container && was.canopy === canopy) return;
      drop(id);
      const holder = new Group();
      const body = createBody(container);
      const foliage = canopy ? createFoliage(canopy, 'far') : null;
      holder.add(body.group);
      if (foliage) holder.add(foliage.group);
      const made: Pot = {
        holder,
        container,
        canopy,
        body,
        foliage,
        still: null,
        at: was?.at ?? { xMm: 0, yMm: 0, upMm: 0, turnDeg: 0 },
      };
      pots.set(id, made);
      scene.add(holder);
      stand(made);
      show();
      shadows();
    },
    setStill: (id, { image, wideMm, highMm, footMm: foot }) => {
      const p = pots.get(id);
      if (!p) return;
      dropStill(p);
      const map = new Texture(image);
      map.colorSpace = SRGBColorSpace;
      map.needsUpdate = true;
      const mesh = new Mesh(
        new PlaneGeometry(wideMm, highMm),
        new MeshBasicMaterial({ map, transparent: true, alphaTest: 0.2 }),
      );
      mesh.visible = false;
      p.still = { mesh, lowMm: foot - highMm / 2 };
      scene.add(mesh);
      stand(p);
    },
    place: (id, at) => {
      const p = pots.get(id);
      if (!p) return;
      p.at = at;
      stand(p);
      shadows();
    },
    keepOnly: (ids) => {
      for (const id of [...pots.keys()]) if (!ids.has(id)) drop(id);
      shadows();
    },
    setSun: (to) => {
      shining = to;
      shine();
    },
    setEye: ({ at, to, fovDeg }) => {
      camera.position.set(at.x, at.z, at.y);
      camera.fov = fovDeg;
      camera.updateProjectionMatrix();
      // Straight down there is no up: what lies toward the wall is up.
      camera.up.set(
        0,
        Math.hypot(at.x - to.x, at.y - to.y) < 1 ? 0 : 1,
        Math.hypot(at.x - to.x, at.y - to.y) < 1 ? -1 : 0,
      );
      camera.lookAt(to.x, to.z, to.y);
      camera.updateMatrixWorld();
    },
    setSize: (w, h, ratio) => {
      [width, height] = [w, h];
      renderer.setPixelRatio(ratio);
      renderer.setSize(w, h, false);
      camera.aspect = w / Math.max(1, h);
      camera.updateProjectionMatrix();
    },
    thin: (to) => {
      share = to;
      show();
      shadows();
    },
    hasStills,
    draw: render,
    timed: async () => {
      const ms = await timed(renderer, render);
      if (!quick && pieces() > 0 && ms / rest < QUICK_MS) {
        quick = true;
        show();
        render();
      }
      return ms;
    },
    project: (x, y, z) => {
      scratch.set(x, z, y).project(camera);
      return { x: ((scratch.x + 1) / 2) * width, y: ((1 - scratch.y) / 2) * height, ahead: scratch.z < 1 };
    },
    picture: () => {
      render();
      return { href: canvas.toDataURL('image/png'), wide: canvas.width, high: canvas.height };
    },
    pieces: () => Math.round(pieces() * rest),
    dispose: () => {
      for (const id of [...pots.keys()]) drop(id);
      setting?.dispose();
      for (const dispose of spent.splice(0)) dispose();
      renderer.dispose();
      renderer.forceContextLoss();
    },
  };
}
