// Time of one picture of the portrait at rest and while it is turned, as JSON lines. Part of `npm run bench`;
// needs a build.
import { visit } from './visit.mjs';

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

/** It is turned so long; and is at rest when no picture came for so long. */
const TURNS_MS = 3000;
const RESTS_MS = 700;

await visit(async ({ browser, base }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base);
  await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
  await page.goto(`${base}/pot/lido-entrance-left/plants`);
  await page.locator('[data-state=grown]').waitFor();
  const portrait = page.getByRole('img', { name: /^Week \d/ });
  await portrait.focus();
  const canvas = page.getByTestId('portrait');
  await page.getByTestId('painted').waitFor({ state: 'detached' });
  /** Until no picture is on its way. */
  const still = async () => {
    for (let was = null; ;) {
      const now = await canvas.getAttribute('data-drawn');
      if (now === was) return;
      was = now;
      await page.waitForTimeout(RESTS_MS);
    }
  };
  await still();
  /** From a key to the picture that answers it. */
  const keyed = () =>
    portrait.evaluate((el) => {
      const drawn = () => el.querySelector('canvas').dataset.drawn;
      const [from, was] = [performance.now(), drawn()];
      el.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
      return new Promise((done) => {
        const look = () => (drawn() === was ? requestAnimationFrame(look) : done(performance.now() - from));
        requestAnimationFrame(look);
      });
    });
  const rest = [];
  for (let i = 0; i < 7; i += 1) rest.push(await keyed());
  await still();
  const box = await portrait.boundingBox();
  await page.mouse.move(box.x + 200, 400);
  await page.mouse.down();
  await still();
  /** Pictures a second of the worker, and of the page, while it is dragged. */
  const turning = await portrait.evaluate(async (el, turnsMs) => {
    const drawn = () => Number(el.querySelector('canvas').dataset.drawn);
    const [from, was] = [performance.now(), drawn()];
    let frames = 0;
    while (performance.now() - from < turnsMs) {
      const clientX = 300 + (frames += 1) * 2;
      el.dispatchEvent(new PointerEvent('pointermove', { clientX, clientY: 400, pointerId: 1, bubbles: true }));
      await new Promise((then) => requestAnimationFrame(then));
    }
    const s = (performance.now() - from) / 1000;
    return { pictures: (drawn() - was) / s, frames: frames / s };
  }, TURNS_MS);
  await page.mouse.up();
  console.log(
    JSON.stringify({
      case: 'frame',
      at: '1280×800, software GL',
      restMs: Math.round(median(rest)),
      turningPerS: Math.round(turning.pictures),
      pagePerS: Math.round(turning.frames),
    }),
  );
});
