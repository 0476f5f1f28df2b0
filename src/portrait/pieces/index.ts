import type { BufferGeometry, DataTexture } from 'three';
import type { Kind } from '@/core/canopy/kinds';
import { keptIn } from '@/core/units/keep';
import { blades } from './blades';
import { brushes } from './brushes';
import { cardOf } from './card';
import { faces } from './faces';
import { textureOf } from './texture';
import { palms } from './palms';
import type { PieceShape } from './piece';
import { solids } from './solids';
import { sprays } from './sprays';
import type { Detail } from './surface';

/**
 * How each kind of leaf and flower is made. Adding one is an object in its family and its name in
 * `core/canopy/kinds`.
 */
export const PIECES: Record<Kind, PieceShape> = { ...blades, ...palms, ...sprays, ...faces, ...brushes, ...solids };

const built = new Map<string, BufferGeometry>();
const painted = new Map<Kind, DataTexture>();

/** The shape of a kind, built once for each detail. What has no outline painted on it cannot be a card. */
export function geometryOf(kind: Kind, detail: Detail): BufferGeometry {
  const { build, painted: how } = PIECES[kind];
  return keptIn(built, `${kind}/${detail}`, () => {
    if (detail !== 'card') return build(detail);
    return how ? cardOf(build('far')) : build('far');
  });
}

/**
 * What is painted on a kind, painted once; null where nothing is. Each drawing surface has a copy of its own
 * on the graphics chip.
 */
export function paintOf(kind: Kind): DataTexture | null {
  const { painted: how } = PIECES[kind];
  if (!how) return null;
  const made = painted.get(kind) ?? textureOf(how);
  painted.set(kind, made);
  return made;
}
