/**
 * The plain light of a studio: from the left, from before and above (x right, y toward the viewer, z up).
 * Working figures by eye.
 */
export const EVEN = {
  way: { x: -0.4, y: 0.53, z: 0.75 },
  sky: '#f6faf6',
  ground: '#b4b59c',
  skyPower: 2.15,
  power: 2.7,
  colour: '#fff4dc',
  dark: 0.62,
} as const;
