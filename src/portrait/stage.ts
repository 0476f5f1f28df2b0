import {
  BoxGeometry,
  CircleGeometry,
  Group,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  PlaneGeometry,
  Scene,
  ShaderMaterial,
  ShadowMaterial,
} from 'three';
import type { Canopy } from '@/core/canopy/kinds';
import { footMm, rimOf } from '@/core/containers/outline';
import type { Surroundings } from '@/core/containers/surfaces';
import type { Container } from '@/core/containers/schema';
import { createAround } from './around';
import { eyeBefore, type Frame, FRONT, LENS, type View } from './lens';
import { createLamps } from './lamps';
import { rendererOn, timed } from './renderer';
import { type Body, createBody } from './body';
import type { Sun } from './daylight';
import type { Drawn } from './drawn';
import { createFoliage, type Foliage } from './foliage';
import type { Detail } from './pieces/surface';

export interface Stage extends Drawn {
  setContainer: (c: Container) => void;
  /** What grows in it, in few faces a piece where a piece is a few pixels. */
  setCanopy: (c: Canopy | null, detail?: Detail) => void;
  /** What it stands or hangs in; null for nothing but its shade. */
  setSurroundings: (s: Surroundings | null) => void;
  /** Where the sun stands, null where it is hidden; ‘even’ for the plain light of a studio. */
  setSun: (s: Sun | 'even') => void;
  /** The tone of the sill and the wall under it: the page's own, so that the planting stays the brightest thing. */
  setSill: (hex: string) => void;
  setFrame: (f: Frame) => void;
  setView: (v: View) => void;
  light: (owners: ReadonlySet<number> | null) => void;
  /** Has what draws the scene made ready, off the main thread where the browser can. */
  prepare: () => Promise<unknown>;
}

const { fovDeg: FOV } = LENS;
/**
 * The setting is shown so far over and beside the planting before it fades, mm; and so far toward the viewer,
 * as a share of how wide that is.
 */
const OVER = 130;
const BESIDE = 150;
const OUT = 1.1;

/** Drawn plainly, only this share of the leaves is drawn, each the larger for it. Working figure by eye. */
const PLAIN_LEAVES = 0.55;
/** And only this share of them throws a shadow. Working figure by eye. */
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

/** The sill of a window and the wall under it, as the eye looks over them. */
const SILL = { tall: 1400, deep: 240 };
function sillBefore(): Mesh<BoxGeometry, MeshLambertMaterial> {
  const m = new Mesh(new BoxGeometry(3000, SILL.tall, SILL.deep), new MeshLambertMaterial({ color: '#8f948c' }));
  m.visible = false;
  return m;
}

/** A scene with one container in it, drawn only when asked. Knows leaves and pots, not plants. */
export function createStage(
  canvas: HTMLCanvasElement | OffscreenCanvas,
  { shadows = true, plain = false } = {},
): Stage {
  const renderer = rendererOn(canvas, { shadows, plain });
  const scene = new Scene();
  const turntable = new Group();
  scene.add(turntable);
  const lamps = createLamps(scene, shadows);
  const camera = new PerspectiveCamera(FOV, 1, 100, 30000);
  const ground = new Mesh(new CircleGeometry(3200, 48), new ShadowMaterial({ opacity: 0.2, color: '#0b1c18' }));
  ground.rotation.x = -Math.PI / 2;
  ground.receiveShadow = true;
  const contact = contactShade();
  const sill = sillBefore();
  scene.add(ground, contact, sill);

  let body: Body | null = null;
  let foliage: Foliage | null = null;
  let surroundings: Surroundings | null = null;
  let around: ReturnType<typeof createAround> | null = null;
  let container: Container | null = null;
  /** Share of the leaves that is drawn; and of all there are where it is drawn plainly. */
  let share = 1;
  const all = plain ? PLAIN_LEAVES : 1;
  let frame: Frame = { top: 500, bottom: 360, reach: 350 };
  let deep = 200;
  let view: View = FRONT;
  let foot = 360;
  let rim = 200;
  let grounded = true;

  const aim = () => {
    if (!container) return;
    const { at, to, fovDeg, distance, middle } = eyeBefore(container, frame, view, camera.aspect);
    const { window: w, near } = view;
    camera.position.set(...at);
    camera.fov = fovDeg;
    camera.updateProjectionMatrix();
    camera.lookAt(...to);
    camera.updateMatrixWorld();
    sill.visible = w !== undefined;
    if (w) sill.position.set(0, w.sillUp - SILL.tall / 2, w.sillOut + SILL.deep / 2);
    const half = Math.max(frame.reach, rim);
    const tall = frame.top + Math.max(foot, frame.bottom);
    lamps.over(middle * 0.4, Math.max(half * 1.7, tall * 0.85));
    ground.position.y = -foot - 1;
    contact.position.set(0, -foot + 0.5, 0);
    contact.scale.set(rim * 3.1, deep * 3.1, 1);
    if (!around) return;
    // Seen from behind, there is nothing between the eye and the container.
    around.group.visible = Math.cos(view.azimuth) > 0.1 && !w;
    // It fades before the picture ends.
    const high = Math.tan((FOV * Math.PI) / 360) * distance;
    if (!near) around.fadeBy({ half: high * camera.aspect, top: middle + high, low: high - middle });
  };

  /**
   * What was taken off is thrown away after the next picture: its successor then finds the compiled shaders
   * still there.
   */
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

  /** Sets up what it stands in anew: as large as what is seen. */
  const furnish = () => {
    if (around) scene.remove(around.group);
    if (around) spent.push(around.dispose);
    around = null;
    ground.visible = grounded && !surroundings?.ground;
    if (!surroundings || !container) return;
    const half = Math.max(frame.reach, rim) + BESIDE;
    around = createAround(container, surroundings, {
      half,
      top: frame.top + OVER,
      low: Math.max(foot, frame.bottom) + OVER,
      out: half * OUT + deep,
    });
    scene.add(around.group);
    renderer.shadowMap.needsUpdate = true;
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
      contact.visible = grounded;
      container = c;
      furnish();
      aim();
    },
    setCanopy: (c, detail = 'near') => {
      const made = c ? createFoliage(c, plain ? 'far' : detail, !plain) : null;
      if (plain) made?.shade(PLAIN_SHADE);
      replace(foliage, made?.group ?? null);
      foliage = made;
      foliage?.thin(share * all, share < 1);
    },
    setSurroundings: (to) => {
      surroundings = to;
      furnish();
      aim();
    },
    setSun: (to) => {
      lamps.shine(to);
      aim();
      renderer.shadowMap.needsUpdate = true;
    },
    setSill: (hex) => void sill.material.color.set(hex),
    setFrame: (f) => {
      frame = f;
      furnish();
      aim();
      renderer.shadowMap.needsUpdate = true;
    },
    setView: (v) => {
      view = v;
      aim();
    },
    setSize: (w, h, ratio) => {
      renderer.setPixelRatio(ratio);
      renderer.setSize(w, h, false);
      camera.aspect = w / Math.max(1, h);
      camera.updateProjectionMatrix();
      aim();
    },
    light: (owners) => foliage?.light(owners),
    thin: (to) => {
      share = to;
      foliage?.thin(share * all, share < 1);
      body?.plainly(share < 1);
      renderer.shadowMap.needsUpdate ||= share === 1;
    },
    prepare: () => renderer.compileAsync(scene, camera),
    draw: render,
    timed: () => timed(renderer, render),
    dispose: () => {
      around?.dispose();
      replace(body, null);
      replace(foliage, null);
      for (const dispose of spent.splice(0)) dispose();
      for (const m of [ground, contact, sill]) {
        m.geometry.dispose();
        m.material.dispose();
      }
      renderer.dispose();
      renderer.forceContextLoss();
    },
  };
}
