import { DataTexture, LinearFilter, LinearMipmapNearestFilter } from 'three';
import { levelsOf } from './levels';
import type { Painted } from './paint';

/** A painted piece as a texture, with smaller sizes of its own: fine leaf is as dense from far as from near. */
export function textureOf(painted: Painted): DataTexture {
  const sizes = levelsOf(painted);
  const t = new DataTexture(sizes[0]?.data, painted.wide, painted.high);
  t.mipmaps = sizes.map(({ data, wide, high }) => ({ data, width: wide, height: high }));
  t.magFilter = LinearFilter;
  t.minFilter = LinearMipmapNearestFilter;
  t.generateMipmaps = false;
  t.anisotropy = 1;
  t.needsUpdate = true;
  return t;
}
