// Time from a step of the season's float to the picture of that week, as JSON lines. Part of `npm run bench`;
// needs a build.
import { visit } from './visit.mjs';

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];
const STEPS = 12;

await visit(async ({ browser, base }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base);
  await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
  await page.goto(`${base}/pot/lido-entrance-left/season`);
  await page.locator('[data-state=grown]').waitFor();
  const float = page.getByLabel('Week shown');
  const box = await float.boundingBox();
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + box.width * 0.2, y);
  await page.mouse.down();
  const took = [];
  for (let i = 1; i <= STEPS; i += 1) {
    await page.evaluate(() => {
      const canvas = document.querySelector('[data-testid=portrait]');
      const was = canvas.dataset.drawn;
      window.took = new Promise((done) => {
        document.querySelector('[aria-label="Week shown"]').addEventListener(
          'input',
          () => {
            const from = performance.now();
            const look = () =>
              canvas.dataset.drawn !== was ? done(performance.now() - from) : requestAnimationFrame(look);
            requestAnimationFrame(look);
          },
          { once: true, capture: true },
        );
      });
    });
    await page.mouse.move(box.x + box.width * (0.2 + i * 0.05), y);
    took.push(await page.evaluate(() => window.took));
  }
  await page.mouse.up();
  console.log(
    JSON.stringify({
      case: 'float',
      at: '1280×800, software GL',
      medianMs: Math.round(median(took)),
      worstMs: Math.round(Math.max(...took)),
    }),
  );
});
