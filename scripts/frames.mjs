// Time of one picture of the portrait at rest and while it is turned, as JSON lines. Part of `npm run bench`; needs a build.
import { visit } from './visit.mjs';

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

await visit(async ({ browser, base }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base);
  await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
  await page.goto(`${base}/pot/lido-entrance-left/plants`);
  await page.locator('[data-state=grown]').waitFor();
  const portrait = page.getByRole('img', { name: /^Portrait in week/ });
  await portrait.focus();
  /** From the deed to the next picture: two animation frames and a pixel read back, so that the drawing is done. */
  const after = (deed) =>
    page.evaluate(async (what) => {
      const el = document.querySelector('[data-testid=portrait]').closest('[role=img]');
      const canvas = document.querySelector('[data-testid=portrait]');
      const from = performance.now();
      if (what === 'key') el.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
      else
        el.dispatchEvent(new PointerEvent('pointermove', { clientX: what, clientY: 400, pointerId: 1, bubbles: true }));
      await new Promise((r) => requestAnimationFrame(() => requestAnimationFrame(r)));
      const gl = canvas.getContext('webgl2');
      gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
      return performance.now() - from;
    }, deed);
  const rest = [];
  for (let i = 0; i < 7; i += 1) rest.push(await after('key'));
  const box = await portrait.boundingBox();
  await page.mouse.move(box.x + 200, 400);
  await page.mouse.down();
  const turning = [];
  for (let i = 0; i < 9; i += 1) turning.push(await after(box.x + 200 + i * 12));
  await page.mouse.up();
  console.log(
    JSON.stringify({
      case: 'frame',
      at: '1280×800, software GL',
      restMs: Math.round(median(rest)),
      turningMs: Math.round(median(turning)),
    }),
  );
});
