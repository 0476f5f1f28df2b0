import { DirectionalLight, PCFShadowMap, WebGLRenderer } from 'three';

/**
 * A renderer on a canvas that draws only when asked, its shadows only when they changed; without smoothed
 * edges where it is plain. Throws where there is no WebGL.
 */
export function rendererOn(
  canvas: HTMLCanvasElement | OffscreenCanvas,
  { shadows, plain }: { shadows: boolean; plain: boolean },
): WebGLRenderer {
  const renderer = new WebGLRenderer({
    canvas,
    alpha: true,
    antialias: !plain,
    preserveDrawingBuffer: true,
    powerPreference: 'high-performance',
  });
  renderer.setClearColor(0x000000, 0);
  renderer.shadowMap.enabled = shadows;
  renderer.shadowMap.type = PCFShadowMap;
  renderer.shadowMap.autoUpdate = false;
  return renderer;
}

/** A sun that throws soft shadows on a map so wide, px; so dark, 0 to 1. */
export function sunThrowing(shadows: boolean, mapPx: number, dark: number): DirectionalLight {
  const sun = new DirectionalLight('#fff4dc', 2.7);
  sun.castShadow = shadows;
  sun.shadow.mapSize.set(mapPx, mapPx);
  sun.shadow.bias = -0.0006;
  sun.shadow.normalBias = 6;
  sun.shadow.radius = 4;
  sun.shadow.intensity = dark;
  return sun;
}

/** Whether the pixels are there is asked so often, ms. */
const ASKED_MS = 8;

/** Draws, and says once the pixels are there how long that took, ms. The page goes on meanwhile. */
export async function timed(renderer: WebGLRenderer, draw: () => void): Promise<number> {
  const gl = renderer.getContext() as WebGL2RenderingContext;
  const from = performance.now();
  draw();
  const done = gl.fenceSync(gl.SYNC_GPU_COMMANDS_COMPLETE, 0);
  gl.flush();
  while (done && !gl.isContextLost() && gl.getSyncParameter(done, gl.SYNC_STATUS) === gl.UNSIGNALED)
    await new Promise((then) => setTimeout(then, ASKED_MS));
  gl.deleteSync(done);
  return performance.now() - from;
}
