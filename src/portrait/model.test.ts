import { Mesh } from 'three';
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js';
import { sprout } from '@/core/canopy/sprout';
import { footMm } from '@/core/containers/outline';
import { grow } from '@/core/growth/season';
import { warmPot } from '@/core/testing/pots';
import { modelFile, modelScene } from './model';

/** What the writer asks of a browser. */
class BlobReader {
  result: ArrayBuffer | null = null;
  onloadend: (() => void) | null = null;
  readAsArrayBuffer(blob: Blob): void {
    void blob.arrayBuffer().then((bytes) => {
      this.result = bytes;
      this.onloadend?.();
    });
  }
}
/** Pictures go into the file through a canvas: here they are kept as they are put on it. */
class PixelCanvas {
  width = 0;
  height = 0;
  getContext = () => ({
    translate: () => undefined,
    scale: () => undefined,
    putImageData: () => undefined,
    drawImage: () => undefined,
  });
  convertToBlob = () => Promise.resolve(new Blob([new Uint8Array([137, 80, 78, 71])], { type: 'image/png' }));
}
class Pixels {
  constructor(
    readonly data: Uint8ClampedArray,
    readonly width: number,
    readonly height: number,
  ) {}
}
Object.assign(globalThis, {
  FileReader: BlobReader,
  self: globalThis,
  OffscreenCanvas: PixelCanvas,
  ImageData: Pixels,
});

const planting = warmPot();
const season = grow(planting);
const canopy = sprout(planting, season, season.peak);
const names = season.placed.map((p) => `${p.plant.common} (${p.id})`);

/** The JSON of a binary glTF 2.0 file, as the specification lays it out. */
function jsonOf(file: ArrayBuffer) {
  const view = new DataView(file);
  expect([view.getUint32(0, true), view.getUint32(4, true)]).toEqual([0x46546c67, 2]);
  expect(view.getUint32(8, true)).toBe(file.byteLength);
  return JSON.parse(new TextDecoder().decode(new Uint8Array(file, 20, view.getUint32(12, true))));
}

test('each plant is a mesh by its name, beside the container', () => {
  const parts = modelScene(planting.container, canopy, names).children.map((c) => c.name);
  expect(parts[0]).toBe('Container');
  expect(new Set(parts.slice(1))).toEqual(new Set(names));
});

test('written and read by another, it is as tall as the plants in metres, and stands on its foot', async () => {
  const file = await (await modelFile(planting.container, canopy, names)).arrayBuffer();
  const json = jsonOf(file);
  const named = json.nodes.map((n: { name?: string }) => n.name);
  for (const name of names) expect(named).toContain(name);
  // Painted pieces are cut out along their outline; a stem has none to cut.
  const skin = (name: string) => json.materials.find((m: { name: string }) => m.name === name);
  expect(skin('trumpet')).toMatchObject({
    alphaMode: 'MASK',
    pbrMetallicRoughness: { baseColorTexture: { index: expect.any(Number) } },
  });
  expect(skin('stem').alphaMode).toBeUndefined();
  expect(json.images.length).toBe(new Set(json.images.map((i: { bufferView: number }) => i.bufferView)).size);
  for (const m of json.materials) expect(m.pbrMetallicRoughness).toBeDefined();
  // There are no pictures to be read without a browser: it says so for each.
  const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const read = await new GLTFLoader().parseAsync(file, '');
  told.mockRestore();
  read.scene.updateMatrixWorld(true);
  let [top, foot] = [-Infinity, Infinity];
  read.scene.traverse((o) => {
    if (!(o instanceof Mesh)) return;
    o.geometry.computeBoundingBox();
    const box = o.geometry.boundingBox.clone().applyMatrix4(o.matrixWorld);
    [top, foot] = [Math.max(top, box.max.y), Math.min(foot, box.min.y)];
  });
  expect(top).toBeCloseTo(canopy.top / 1000, 1);
  expect(foot).toBeCloseTo(-footMm(planting.container) / 1000, 1);
});
