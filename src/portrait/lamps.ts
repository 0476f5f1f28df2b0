import { AmbientLight, HemisphereLight, type Scene } from 'three';
import { HIDDEN, shineOn, type Sun } from './daylight';
import { EVEN } from './even';
import { sunThrowing } from './renderer';

/** How far off the sun’s lamp hangs, mm. */
const LAMP_MM = 2300;
/** Shadows are drawn on a map so wide, pixels. */
const MAP_PX = 1536;

export interface Lamps {
  /** By the sun from where it stands, by the sky where it is hidden, or evenly. */
  shine: (sun: Sun | 'even') => void;
  /** What is lit: its middle over the rim, and how far its shadows reach to any side, mm. */
  over: (middleMm: number, spanMm: number) => void;
}

/** The light over one container. */
export function createLamps(scene: Scene, shadows: boolean): Lamps {
  const sky = new HemisphereLight(EVEN.sky, EVEN.ground, EVEN.skyPower);
  const fill = new AmbientLight('#ffffff', 0);
  const sun = sunThrowing(shadows, MAP_PX, EVEN.dark);
  scene.add(sky, fill, sun, sun.target);
  let from: { x: number; y: number; z: number } = EVEN.way;
  return {
    shine: (to) => {
      from = to === 'even' ? EVEN.way : (to ?? HIDDEN);
      if (to !== 'even') return shineOn({ sun, sky, fill }, to);
      sun.color.set(EVEN.colour);
      sun.intensity = EVEN.power;
      sky.color.set(EVEN.sky);
      sky.intensity = EVEN.skyPower;
      fill.intensity = 0;
    },
    over: (middle, span) => {
      Object.assign(sun.shadow.camera, { left: -span, right: span, top: span, bottom: -span, near: 200, far: 5200 });
      sun.shadow.camera.updateProjectionMatrix();
      sun.target.position.set(0, middle, 0);
      sun.position.set(from.x, from.z, from.y).multiplyScalar(LAMP_MM).add(sun.target.position);
    },
  };
}
