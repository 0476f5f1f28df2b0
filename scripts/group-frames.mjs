// Time of one picture of twelve containers at rest and while one goes round them, as a JSON line. Part of
// `npm run bench`; needs a build.
import { visit } from './visit.mjs';

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

await visit(async ({ browser, base }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base);
  await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
  await page.goto(`${base}/group?place=Entrance%20steps`);
  await page.locator('[data-state=grown]').waitFor();
  // Twelve: the left-hand pot as a row of seven, beside the five others.
  const where = page.getByRole('region', { name: 'Position' });
  await where.getByLabel('Container').selectOption({ label: 'Left-hand pot' });
  await where.getByText('A row of this one').click();
  await where.getByLabel('How many').fill('7');
  await where.getByLabel('How many').press('Enter');
  await where.getByLabel('Pattern').selectOption({ label: 'All the same' });
  await where.getByRole('button', { name: 'Make a row of 7' }).click();
  await page.getByRole('button', { name: /^Left-hand pot 7, / }).waitFor();
  await page.locator('[data-state=grown]').waitFor();
  const canvas = page.getByTestId('together');
  await page.waitForFunction(() => Number(document.querySelector('[data-testid=together]').dataset.pieces) > 25_000);
  /** From the move to the next picture: two animation frames and a pixel read back, so that the drawing is done. */
  const after = (x) =>
    page.evaluate(async (clientX) => {
      const picture = document.querySelector('[data-testid=together]');
      const scene = picture.closest('[role=group]');
      const from = performance.now();
      scene.dispatchEvent(new PointerEvent('pointermove', { clientX, clientY: 300, pointerId: 1, bubbles: true }));
      await new Promise((r) => requestAnimationFrame(() => requestAnimationFrame(r)));
      const gl = picture.getContext('webgl2');
      gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
      return performance.now() - from;
    }, x);
  const box = await canvas.boundingBox();
  await page.mouse.move(box.x + 20, box.y + 20);
  await page.mouse.down();
  const turning = [];
  for (let i = 0; i < 9; i += 1) turning.push(await after(box.x + 20 + i * 8));
  await page.mouse.up();
  const containers = await page.getByRole('button', { name: /Use the arrow keys to move it/ }).count();
  console.log(
    JSON.stringify({
      case: 'group frame',
      at: '1280×800, software GL',
      containers,
      leaves: Number(await canvas.getAttribute('data-pieces')),
      restMs: Number(await canvas.getAttribute('data-took')),
      turningMs: Math.round(median(turning)),
    }),
  );
});
