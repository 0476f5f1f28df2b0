import { type AmbientLight, Color, type DirectionalLight, type HemisphereLight } from 'three';

/** Which way the sun stands from the scene, unit (x right, y toward the viewer, z up); null where it is hidden. */
export type Sun = { x: number; y: number; z: number } | null;

/** The sun as it is high, and as it is lower: warmer and weaker. Working figures by eye. */
const HIGH = new Color('#fff6e2');
const LOW = new Color('#ffb870');
/** Under this height it is low, as the sine of it. */
const LOW_SINE = 0.45;
/** The sky over a place in the sun and over one in the shade. */
const SKY = { open: new Color('#eef4f8'), shade: new Color('#dfe9f2') };

/** Where light comes from when the sun is hidden: from before and above. */
export const HIDDEN = { x: -0.3, y: 0.5, z: 0.8 } as const;

/** Lights a scene as the sun does from where it stands, or as the sky does where it is hidden. */
export function shineOn(
  { sun, sky, fill }: { sun: DirectionalLight; sky: HemisphereLight; fill: AmbientLight },
  from: Sun,
): void {
  const low = from ? Math.max(0, 1 - from.z / LOW_SINE) : 0;
  sun.color.lerpColors(HIGH, LOW, low);
  sun.intensity = from ? 2.9 - 0.6 * low : 0;
  sky.color.copy(from ? SKY.open : SKY.shade);
  sky.intensity = from ? 1.6 : 2.4;
  fill.intensity = from ? 0.3 + 0.15 * low : 0.5;
}
