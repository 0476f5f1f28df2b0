// Time from the press of Compose to the first proposal and to all of them, in the browser's workers, as JSON
// lines. Part of `npm run bench`; needs a build.
import { visit } from './visit.mjs';

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];
const RUNS = 3;
// A brief is composed ahead while it is read: pressed at once, soon, and after it was read.
const READS_MS = [0, 2000, 6000];
const SHAPES = [
  ['entrance pot', 'lido-entrance-left'],
  ['ticket window box', 'lido-ticket-box'],
];

/** From the press of Compose until a first proposal can be taken, and until all of them can. */
const untilComposed = (button) =>
  new Promise((done) => {
    const from = performance.now();
    let first = 0;
    const look = () => {
      const takes = document.querySelectorAll('input[name=proposal]').length;
      if (takes > 0 && first === 0) first = performance.now() - from;
      const busy = document.querySelector('[aria-busy=true]');
      if (takes > 0 && !busy) done({ first, all: performance.now() - from });
      else requestAnimationFrame(look);
    };
    button.click();
    requestAnimationFrame(look);
  });

await visit(async ({ browser, base }) => {
  for (const [what, id] of SHAPES)
    for (const read of READS_MS) {
      const took = [];
      for (let run = 0; run < RUNS; run += 1) {
        // A visit of its own each: what one found is kept for the next.
        const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
        await page.goto(base);
        await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
        await page.goto(`${base}/pot/${id}/plants`);
        await page.getByRole('button', { name: 'Compose again' }).click();
        const compose = page.getByRole('button', { name: 'Compose', exact: true });
        await compose.waitFor();
        await page.waitForTimeout(read);
        took.push(await compose.evaluate(untilComposed));
        await page.close();
      }
      const ms = (of) => Math.round(median(took.map(of)));
      console.log(
        JSON.stringify({
          case: 'composing',
          what,
          at: 'two workers, software GL',
          pressedAfterMs: read,
          firstMs: ms((t) => t.first),
          allMs: ms((t) => t.all),
          each: took.map((t) => Math.round(t.all)),
        }),
      );
    }
});
