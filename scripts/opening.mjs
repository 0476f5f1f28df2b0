// How the bench opens: when something stands in each place, when the first portrait is there and when all
// are, and what the main thread was kept from meanwhile, as JSON lines. Slowed four times once, and on a
// phone. Part of `npm run bench`; needs a build.
import { visit } from './visit.mjs';

const SIZES = [
  { at: '1280×800', viewport: { width: 1280, height: 800 }, slowed: 1 },
  { at: '1280×800', viewport: { width: 1280, height: 800 }, slowed: 4 },
  { at: '390×844', viewport: { width: 390, height: 844 }, slowed: 4 },
];
const MOST_MS = 180_000;

/** Marks when places are filled and tasks are long, from the first script on. */
function watch() {
  const seen = { filled: null, first: null, whole: null, tasks: [], wholeOf: 0 };
  globalThis.opening = seen;
  new PerformanceObserver((list) => seen.tasks.push(...list.getEntries().map((e) => e.duration))).observe({
    type: 'longtask',
    buffered: true,
  });
  const look = () => {
    const places = [...document.querySelectorAll('[data-place]')];
    const portraits = places.filter((e) => e.dataset.place === 'portrait');
    const now = performance.now();
    if (places.length > 0 && places.every((e) => e.dataset.place !== undefined)) seen.filled ??= now;
    if (portraits.length > 0) seen.first ??= now;
    if (places.length > 0 && portraits.length === places.length) {
      if (seen.wholeOf !== places.length) seen.whole = now;
      seen.wholeOf = places.length;
    }
    requestAnimationFrame(look);
  };
  document.addEventListener('DOMContentLoaded', look);
}

await visit(async ({ browser, base }) => {
  for (const { at, viewport, slowed } of SIZES) {
    const context = await browser.newContext({ viewport });
    for (const visitNo of ['first', 'again']) {
      const page = await context.newPage();
      if (slowed > 1)
        await (await context.newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: slowed });
      await page.addInitScript(watch);
      await page.goto(base);
      await page.waitForFunction(() => globalThis.opening?.whole !== null, null, { timeout: MOST_MS });
      const { filled, first, whole, wholeOf, tasks } = await page.evaluate(() => globalThis.opening);
      const ms = Math.round;
      console.log(
        JSON.stringify({
          case: 'opening',
          at,
          slowed,
          visit: visitNo,
          portraits: wholeOf,
          filledMs: ms(filled),
          firstMs: ms(first),
          wholeMs: ms(whole),
          longTasks: tasks.length,
          longestMs: ms(Math.max(0, ...tasks)),
          tasksMs: ms(tasks.reduce((a, b) => a + b, 0)),
        }),
      );
      await page.close();
    }
    await context.close();
  }
});
