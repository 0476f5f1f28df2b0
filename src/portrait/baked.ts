import { BufferAttribute, BufferGeometry, InstancedBufferAttribute, Matrix3, Matrix4, Vector3 } from 'three';

/**
 * The first `count` of many copies of one shape as one surface, each `swell` times as large: its points in
 * their places, and what is said of a copy said of each of its points. In software every copy costs as much
 * as thirty points.
 */
export function baked(shape: BufferGeometry, matrices: Float32Array, count: number, swell: number): BufferGeometry {
  const [position, normal] = [shape.getAttribute('position'), shape.getAttribute('normal')];
  const points = position.count;
  const faces = shape.getIndex()?.array ?? [];
  const at = new Float32Array(count * points * 3);
  const looks = new Float32Array(count * points * 3);
  const index = new Uint32Array(count * faces.length);
  const [m, turn, v] = [new Matrix4(), new Matrix3(), new Vector3()];
  for (let i = 0; i < count; i += 1) {
    m.fromArray(matrices, i * 16);
    turn.getNormalMatrix(m);
    for (let k = 0; k < points; k += 1) {
      const to = (i * points + k) * 3;
      v.fromBufferAttribute(position, k).multiplyScalar(swell).applyMatrix4(m).toArray(at, to);
      v.fromBufferAttribute(normal, k).applyMatrix3(turn).normalize().toArray(looks, to);
    }
    for (let k = 0; k < faces.length; k += 1) index[i * faces.length + k] = i * points + (faces[k] ?? 0);
  }
  const g = new BufferGeometry();
  g.setIndex(new BufferAttribute(index, 1));
  g.setAttribute('position', new BufferAttribute(at, 3));
  g.setAttribute('normal', new BufferAttribute(looks, 3));
  for (const [name, from] of Object.entries(shape.attributes)) {
    if (name === 'position' || name === 'normal') continue;
    const own = from instanceof InstancedBufferAttribute;
    const to = new Float32Array(count * points * from.itemSize);
    for (let i = 0; i < count; i += 1)
      for (let k = 0; k < points; k += 1)
        for (let c = 0; c < from.itemSize; c += 1)
          to[(i * points + k) * from.itemSize + c] = from.getComponent(own ? i : k, c);
    g.setAttribute(name, new BufferAttribute(to, from.itemSize));
  }
  return g;
}
