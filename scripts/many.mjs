// How a bench of 300 containers opens when nothing of it is new, as JSON lines: the demonstration’s, copied.
// Part of `npm run bench`; needs a build.
import { visit } from './visit.mjs';

const MANY = 300;

/** Copies what stands on the bench until there are so many. */
async function copied(many) {
  const db = await new Promise((then) => {
    const asked = indexedDB.open('rillbank');
    asked.onsuccess = () => then(asked.result);
  });
  const tx = db.transaction('plantings', 'readwrite');
  const store = tx.objectStore('plantings');
  const rows = await new Promise((then) => {
    const asked = store.getAll();
    asked.onsuccess = () => then(asked.result);
  });
  for (let i = rows.length; i < many; i += 1) {
    const row = structuredClone(rows[i % rows.length]);
    const id = `copy-${i}`;
    store.put({ ...row, id, planting: { ...row.planting, id, name: `${row.planting.name} ${i}` } });
  }
  await new Promise((then) => (tx.oncomplete = then));
  db.close();
}

/** Marks when every place in sight has its portrait, and long tasks, from the first script on. */
function watch() {
  const seen = { whole: null, tasks: [] };
  globalThis.opening = seen;
  new PerformanceObserver((list) => seen.tasks.push(...list.getEntries().map((e) => e.duration))).observe({
    type: 'longtask',
    buffered: true,
  });
  const look = () => {
    const near = [...document.querySelectorAll('[data-place]')];
    if (near.length > 0 && near.every((e) => e.dataset.place === 'portrait')) seen.whole ??= performance.now();
    requestAnimationFrame(look);
  };
  document.addEventListener('DOMContentLoaded', look);
}

await visit(async ({ browser, base }) => {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const first = await context.newPage();
  await first.goto(base);
  await first
    .getByRole('img', { name: /^Week \d/ })
    .first()
    .waitFor();
  await first.evaluate(copied, MANY);
  await first.close();
  for (const visitNo of ['first', 'again']) {
    const page = await context.newPage();
    await page.addInitScript(watch);
    await page.goto(base);
    await page.waitForFunction(() => globalThis.opening?.whole, null, { timeout: 120_000 });
    // What is worked out after the pictures counts as well.
    await page.getByRole('region', { name: 'Next two weeks' }).getByRole('listitem').first().waitFor();
    const { whole, tasks } = await page.evaluate(() => globalThis.opening);
    const bytes = await page.evaluate(() => performance.memory?.usedJSHeapSize ?? 0);
    console.log(
      JSON.stringify({
        case: 'many',
        containers: MANY,
        visit: visitNo,
        wholeMs: Math.round(whole),
        longTasks: tasks.length,
        longestMs: Math.round(Math.max(0, ...tasks)),
        tasksMs: Math.round(tasks.reduce((a, b) => a + b, 0)),
        heapMB: Math.round(bytes / 1e6),
      }),
    );
    await page.close();
  }
});
