import { Color } from 'three';
import { EVEN } from '../even';

type Three = readonly [number, number, number];

/** Lambert’s share: what a matt surface gives back of the light on it. */
const MATT = 1 / Math.PI;
const rgb = (hex: string, power: number): Three => {
  const c = new Color(hex);
  return [c.r * power * MATT, c.g * power * MATT, c.b * power * MATT];
};

const SKY = rgb(EVEN.sky, EVEN.skyPower);
const GROUND = rgb(EVEN.ground, EVEN.skyPower);
export const SUN = rgb(EVEN.colour, EVEN.power);
const long = Math.hypot(EVEN.way.x, EVEN.way.y, EVEN.way.z);
/** Toward the sun: x right, y up, z toward the viewer. */
export const WAY: Three = [EVEN.way.x / long, EVEN.way.z / long, EVEN.way.y / long];

/** What comes through a leaf, or a petal, from behind. As the portrait’s. */
export const THROUGH = { leaf: [1.1, 1.2, 0.5], petal: [1, 1, 1], none: [0, 0, 0] } as const;
const COMES_THROUGH = 0.55;
const GLINT = { power: 24, share: 0.16 };
const FELT = { share: 0.22 * 0.3 };

/** The way to the eye; all of a container is seen from nearly the same. */
export interface Eye {
  x: number;
  y: number;
  z: number;
}

/**
 * Writes the light on a surface that looks along (nx, ny, nz), unit: red, green and blue as shares of its own
 * colour, and what glints. `gloss` 1 shines, −1 is felted. As the shaders of the portrait have it
 * (`foliage.ts`).
 */
export function lightOn(
  out: Float32Array,
  at: number,
  nx: number,
  ny: number,
  nz: number,
  through: Three,
  gloss: number,
  eye: Eye,
): void {
  const facing = nx * WAY[0] + ny * WAY[1] + nz * WAY[2];
  const sky = 0.5 + 0.5 * ny;
  const lit = facing > 0 ? facing : 0;
  const behind = facing < 0 ? -facing * COMES_THROUGH : 0;
  out[at] = GROUND[0] * (1 - sky) + SKY[0] * sky + SUN[0] * (lit + behind * through[0]);
  out[at + 1] = GROUND[1] * (1 - sky) + SKY[1] * sky + SUN[1] * (lit + behind * through[1]);
  out[at + 2] = GROUND[2] * (1 - sky) + SKY[2] * sky + SUN[2] * (lit + behind * through[2]);
  out[at + 3] = gloss === 0 ? 0 : glintOf(nx, ny, nz, facing, gloss, eye);
}

function glintOf(nx: number, ny: number, nz: number, facing: number, gloss: number, eye: Eye): number {
  if (gloss > 0) {
    const hx = WAY[0] + eye.x;
    const hy = WAY[1] + eye.y;
    const hz = WAY[2] + eye.z;
    const between = (nx * hx + ny * hy + nz * hz) / Math.sqrt(hx * hx + hy * hy + hz * hz);
    return between > 0.6 ? between ** GLINT.power * gloss * GLINT.share : 0;
  }
  const seen = Math.min(1, Math.max(0, nx * eye.x + ny * eye.y + nz * eye.z));
  return -gloss * FELT.share * (1 - seen) ** 2 * Math.min(1, Math.max(0, facing + 0.3));
}
