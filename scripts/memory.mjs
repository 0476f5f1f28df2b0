// What a page holds in memory, as JSON lines: the bench, a container in its season and its library, and after
// twenty ways to and fro;
// after what is no longer needed has been given back. Part of `npm run bench`; needs a build.
import { visit } from './visit.mjs';

const TIMES = 20;
const MB = 1024 * 1024;
const SETTLES_MS = 1500;

await visit(
  async ({ browser, base }) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const chrome = await page.context().newCDPSession(page);
    await chrome.send('Performance.enable');
    const held = async () => {
      await chrome.send('HeapProfiler.collectGarbage');
      const { metrics } = await chrome.send('Performance.getMetrics');
      const of = (name) => metrics.find((m) => m.name === name)?.value ?? 0;
      return { mb: Math.round((of('JSHeapUsedSize') / MB) * 10) / 10, nodes: of('Nodes') };
    };
    /** What is held once nothing more is given back: workers and timers let go a little later. */
    const settled = async () => {
      for (let was = await held(); ;) {
        await page.waitForTimeout(SETTLES_MS);
        const now = await held();
        if (now.nodes >= was.nodes) return now;
        was = now;
      }
    };
    const say = async (where) => console.log(JSON.stringify({ case: 'memory', where, ...(await settled()) }));
    const whole = () => page.waitForFunction(() => !document.querySelector('[aria-busy=true]'));
    const bench = async () => {
      await page.getByRole('link', { name: 'Bench', exact: true }).click();
      await page.waitForURL((url) => url.pathname === '/');
      await whole();
    };
    const season = async () => {
      await page.locator('a[href*="/pot/lido-entrance-left"]').first().click();
      await page.waitForURL(/lido-entrance-left/);
      await page
        .getByRole('img', { name: /^Week \d/ })
        .first()
        .waitFor();
      await whole();
    };
    await page.goto(base);
    await page.locator('a[href*="/pot/lido-entrance-left"]').first().waitFor();
    await whole();
    await say('bench');
    await season();
    await say('container');
    for (let i = 1; i <= TIMES; i += 1) {
      await bench();
      await season();
      if (i === 1 || i === TIMES / 2 || i === TIMES) await say(`container, ${i} times`);
    }
    await page.getByRole('link', { name: 'Library', exact: true }).click();
    await page.waitForURL(/library/);
    await whole();
    await say('library');
  },
  { port: 4118 },
);
