import {
  BoxGeometry,
  CircleGeometry,
  Group,
  HemisphereLight,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  PerspectiveCamera,
  PlaneGeometry,
  Scene,
  ShaderMaterial,
  ShadowMaterial,
  Vector3,
} from 'three';
import type { Canopy } from '@/core/canopy/kinds';
import type { WallBuild } from '@/core/containers/surfaces';
import type { Container } from '@/core/containers/schema';
import { rimOf } from '@/core/containers/outline';
import { LENS } from './lens';
import { surfaceOf } from './place/surfaces';
import { rendererOn, sunThrowing, timed } from './renderer';
import { createBody } from './body';
import type { Drawn } from './drawn';
import { footMm } from '@/core/containers/outline';
import { createFoliage, type Foliage } from './foliage';
import type { Detail } from './pieces/surface';

/** What must be in the picture, mm from the rim: the tallest and widest the planting ever grows. */
export interface Frame {
  top: number;
  /** How far under the rim the picture goes: the foot, or the end of what hangs below it. */
  bottom: number;
  reach: number;
}

export interface View {
  /** Round the pot, radians; 0 is the front. */
  azimuth: number;
  /** Above the level, radians. */
  elevation: number;
  /** 1 fits the frame. */
  zoom: number;
  /** Seen by an eye inside a window, over its sill; mm from the rim's middle, up and toward the viewer. */
  window?: { eyeUp: number; eyeOut: number; sillUp: number; sillOut: number };
}

/** The front, a little above the rim, as one stands before a pot. */
export const FRONT: View = { azimuth: 0, elevation: LENS.elevation, zoom: 1 };
export const ABOVE: View = { azimuth: 0, elevation: 1.45, zoom: 1 };
export const LEVEL: View = { azimuth: 0, elevation: 0.001, zoom: 1 };

export interface Stage extends Drawn {
  setContainer: (c: Container) => void;
  /** What grows in it, in few faces a piece where a piece is a few pixels. */
  setCanopy: (c: Canopy | null, detail?: Detail) => void;
  /** A wall behind, in its colour and of what it is built; null for none. */
  setBackdrop: (hex: string | null, build?: WallBuild) => void;
  /** The tone of the sill and the wall under it: the page's own, so that the planting stays the brightest thing. */
  setSill: (hex: string) => void;
  setFrame: (f: Frame) => void;
  setView: (v: View) => void;
  light: (owners: ReadonlySet<number> | null) => void;
  /** A point in mm from the rim's middle, in pixels of the canvas. */
  project: (x: number, y: number, z: number) => { x: number; y: number };
}

const { fovDeg: FOV, margin: MARGIN } = LENS;
/** A wall stands this far behind the container, mm; it is shown so far over and beside the planting, and no further, so that a ruler stands clear of it. */
const WALL_GAP = 70;
const WALL_OVER = 50;
const WALL_BESIDE = 30;

/** Drawn plainly, only this share of the leaves throws a shadow. Working figure by eye. */
const PLAIN_SHADE = 0.4;

/** A round, soft shade where the pot meets the ground. */
function contactShade(): Mesh<PlaneGeometry, ShaderMaterial> {
  const m = new ShaderMaterial({
    transparent: true,
    depthWrite: false,
    vertexShader:
      'varying vec2 p; void main(){ p = uv * 2.0 - 1.0; gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0); }',
    fragmentShader:
      'varying vec2 p; void main(){ float d = length(p); gl_FragColor = vec4(0.05, 0.09, 0.08, 0.34 * smoothstep(1.0, 0.35, d)); }',
  });
  const mesh = new Mesh(new PlaneGeometry(1, 1), m);
  mesh.rotation.x = -Math.PI / 2;
  return mesh;
}

/** A wall behind: a plain panel with clean edges, in its own colour whatever the light. */
function wallBehind(): Mesh<PlaneGeometry, MeshBasicMaterial> {
  return new Mesh(new PlaneGeometry(1, 1), new MeshBasicMaterial({ depthWrite: false }));
}

/** The sill of a window and the wall under it, as the eye looks over them. */
const SILL = { tall: 1400, deep: 240 };
function sillBefore(): Mesh<BoxGeometry, MeshLambertMaterial> {
  const m = new Mesh(new BoxGeometry(3000, SILL.tall, SILL.deep), new MeshLambertMaterial({ color: '#8f948c' }));
  m.visible = false;
  return m;
}

/** A scene with one container in it, drawn only when asked. Knows leaves and pots, not plants. */
export function createStage(canvas: HTMLCanvasElement, { shadows = true, plain = false } = {}): Stage {
  const renderer = rendererOn(canvas, { shadows, plain });
  const scene = new Scene();
  const turntable = new Group();
  scene.add(turntable);
  scene.add(new HemisphereLight('#f6faf6', '#b4b59c', 2.15));
  const sun = sunThrowing(shadows, 1536, 0.62);
  sun.position.set(-900, 1700, 1200);
  scene.add(sun, sun.target);
  const camera = new PerspectiveCamera(FOV, 1, 100, 30000);
  const ground = new Mesh(new CircleGeometry(3200, 48), new ShadowMaterial({ opacity: 0.2, color: '#0b1c18' }));
  ground.rotation.x = -Math.PI / 2;
  ground.receiveShadow = true;
  const contact = contactShade();
  const wall = wallBehind();
  wall.visible = false;
  const sill = sillBefore();
  scene.add(ground, contact, wall, sill);

  let body: ReturnType<typeof createBody> | null = null;
  let foliage: Foliage | null = null;
  /** What the wall behind is built of. */
  let built: { of: WallBuild; surface: ReturnType<typeof surfaceOf> } | null = null;
  /** Share of the leaves that is drawn. */
  let share = 1;
  let frame: Frame = { top: 500, bottom: 360, reach: 350 };
  let deep = 200;
  let view: View = FRONT;
  let foot = 360;
  let rim = 200;
  let grounded = true;
  let [width, height] = [1, 1];
  const scratch = new Vector3();

  const aim = () => {
    const low = Math.max(foot, frame.bottom);
    const middle = (frame.top - low) / 2;
    const tall = frame.top + low;
    const half = Math.max(frame.reach, rim);
    const wide = 2 * half;
    const sin = Math.sin(view.elevation);
    const seenTall = tall * Math.cos(view.elevation) + wide * Math.abs(sin);
    const fit = Math.max(seenTall, wide / camera.aspect);
    const w = view.window;
    sill.visible = w !== undefined;
    const distance =
      ((fit / 2) * MARGIN) / Math.tan((FOV * Math.PI) / 360) / view.zoom + half * 0.5 + tall * 0.5 * Math.abs(sin);
    camera.position.set(
      Math.sin(view.azimuth) * Math.cos(view.elevation) * distance,
      middle + sin * distance,
      Math.cos(view.azimuth) * Math.cos(view.elevation) * distance,
    );
    camera.fov = FOV;
    if (w) {
      // The true eye, and as wide a look as shows the whole container from there.
      camera.position.set(0, w.eyeUp, w.eyeOut);
      camera.fov =
        (2 * Math.atan(((fit / 2) * MARGIN) / Math.hypot(w.eyeOut, w.eyeUp - middle)) * 180) / Math.PI / view.zoom;
      sill.position.set(0, w.sillUp - SILL.tall / 2, w.sillOut + SILL.deep / 2);
    }
    camera.updateProjectionMatrix();
    camera.lookAt(0, middle, 0);
    camera.updateMatrixWorld();
    const span = Math.max(half * 1.7, tall * 0.85);
    Object.assign(sun.shadow.camera, { left: -span, right: span, top: span, bottom: -span, near: 200, far: 5200 });
    sun.shadow.camera.updateProjectionMatrix();
    sun.target.position.set(0, middle * 0.4, 0);
    ground.position.y = -foot - 1;
    contact.position.set(0, -foot + 0.5, 0);
    contact.scale.set(rim * 3.1, deep * 3.1, 1);
    wall.position.set(0, (frame.top + WALL_OVER - low) / 2, -(deep + WALL_GAP));
    const [across, up] = [2 * (half + WALL_BESIDE), tall + WALL_OVER];
    wall.scale.set(across, up, 1);
    built?.surface.texture.repeat.set(across / built.surface.wide, up / built.surface.high);
  };

  /** What was taken off is thrown away after the next picture: its successor then finds the compiled shaders still there. */
  const spent: (() => void)[] = [];
  const render = () => {
    renderer.render(scene, camera);
    for (const dispose of spent.splice(0)) dispose();
  };

  const replace = (from: { group: Group; dispose: () => void } | null, to: Group | null) => {
    if (from) {
      turntable.remove(from.group);
      spent.push(from.dispose);
    }
    if (to) turntable.add(to);
    // While few leaves are drawn the last whole shadow does.
    renderer.shadowMap.needsUpdate ||= share === 1;
  };

  return {
    setContainer: (c) => {
      const made = createBody(c);
      replace(body, made.group);
      body = made;
      foot = footMm(c);
      rim = rimOf(c.shape).wide / 2;
      deep = rimOf(c.shape).deep / 2;
      grounded = c.mount === 'ground';
      ground.visible = grounded;
      contact.visible = grounded;
      aim();
    },
    setCanopy: (c, detail = 'near') => {
      const made = c ? createFoliage(c, plain ? 'far' : detail) : null;
      if (plain) made?.shade(PLAIN_SHADE);
      replace(foliage, made?.group ?? null);
      foliage = made;
      foliage?.thin(share);
    },
    setBackdrop: (hex, build = 'render') => {
      wall.visible = hex !== null;
      if (!hex) return;
      wall.material.color.set(hex);
      if (built?.of === build) return;
      built?.surface.texture.dispose();
      built = { of: build, surface: surfaceOf(build) };
      wall.material.map = built.surface.texture;
      wall.material.needsUpdate = true;
      aim();
    },
    setSill: (hex) => void sill.material.color.set(hex),
    setFrame: (f) => {
      frame = f;
      aim();
      renderer.shadowMap.needsUpdate = true;
    },
    setView: (v) => {
      view = v;
      aim();
    },
    setSize: (w, h, ratio) => {
      [width, height] = [w, h];
      renderer.setPixelRatio(ratio);
      renderer.setSize(w, h, false);
      camera.aspect = w / Math.max(1, h);
      camera.updateProjectionMatrix();
      aim();
    },
    light: (owners) => foliage?.light(owners),
    thin: (to) => {
      share = to;
      foliage?.thin(share);
      renderer.shadowMap.needsUpdate ||= share === 1;
    },
    draw: render,
    timed: () => timed(renderer, render),
    project: (x, y, z) => {
      scratch.set(x, y, z).project(camera);
      return { x: ((scratch.x + 1) / 2) * width, y: ((1 - scratch.y) / 2) * height };
    },
    dispose: () => {
      built?.surface.texture.dispose();
      replace(body, null);
      replace(foliage, null);
      for (const dispose of spent.splice(0)) dispose();
      for (const m of [ground, contact, wall, sill]) {
        m.geometry.dispose();
        m.material.dispose();
      }
      renderer.dispose();
      renderer.forceContextLoss();
    },
  };
}
