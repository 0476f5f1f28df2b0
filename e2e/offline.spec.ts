import { type ChildProcess, spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { expect } from '@playwright/test';
import { STATION_IDS, stationPath } from '../src/features/shell/stations';
import { grown, test } from './help';

let HOME = '';
let server: ChildProcess;

/** A port that nothing listens on. */
const freePort = () =>
  new Promise<number>((done) => {
    const probe = createServer().listen(0, () => {
      const at = probe.address();
      probe.close(() => done(typeof at === 'object' && at ? at.port : 0));
    });
  });

const answers = () =>
  fetch(HOME).then(
    (r) => r.ok,
    () => false,
  );

/** A server of its own, so that it can be taken away. */
test.beforeAll(async () => {
  const port = await freePort();
  HOME = `http://localhost:${port}`;
  server = spawn('npx', ['next', 'start', '-p', String(port)], {
    env: { ...process.env, RILLBANK_DEMO: '1' },
    stdio: 'ignore',
    detached: true,
  });
  for (let i = 0; i < 120 && !(await answers()); i += 1) await new Promise((r) => setTimeout(r, 500));
});
const stop = () => server.pid && process.kill(-server.pid, 'SIGKILL');
test.afterAll(() => {
  try {
    stop();
  } catch {
    // It is gone already.
  }
});

test('with no signal it still opens, shows the list, and finds a stand-in', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(HOME);
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(`${HOME}/pot/lido-entrance-left/make`);
  await grown(page);
  const kept = (pages: string[]) =>
    page.evaluate(async (all) => (await Promise.all(all.map((p) => caches.match(p)))).every(Boolean), pages);
  await expect
    .poll(() => kept(['/', '/today', '/library', ...STATION_IDS.map((s) => stationPath('shell', s))]))
    .toBe(true);
  await page.reload();
  await grown(page);
  // Everything this page is built of is kept as well.
  await expect
    .poll(() =>
      page.evaluate(async () =>
        (
          await Promise.all(
            performance
              .getEntriesByType('resource')
              .filter((e) => e.name.includes('/_next/static/'))
              .map((e) => caches.match(e.name)),
          )
        ).every(Boolean),
      ),
    )
    .toBe(true);
  stop();
  await expect.poll(answers).toBe(false);
  await page.reload();
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toBeVisible();
  // Ticked with a thumb in a shop without a signal, and kept.
  const tick = page.getByRole('checkbox', { name: 'Have Bedding salvia, violet, 9 cm pot' });
  await tick.click();
  await page.reload();
  await expect(tick).toBeChecked();
  // The morning's round as well: done with a thumb, and told.
  await page.goto(`${HOME}/today`);
  await page.getByRole('button', { name: /^Done: Old barrow, deadhead/ }).click();
  await expect(page.getByText(/^Old barrow: deadhead .* done$/)).toBeVisible();
  await page.goto(`${HOME}/pot/lido-entrance-left/make`);
  // Its papers are written without one too.
  await page.getByRole('radio', { name: 'Template' }).click();
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PDF' }).click(),
  ]);
  expect(pdf.suggestedFilename()).toBe('left-hand-pot-template.pdf');
  await page.getByRole('radio', { name: 'List' }).click();
  await page.getByRole('button', { name: 'Find a substitute for Petunia, magenta' }).click();
  const dialog = page.getByRole('dialog', { name: /^Substitutes for Petunia, magenta/ });
  await expect(dialog.getByRole('status')).toHaveText(/closest matches/);
  await dialog.getByRole('button', { name: /^Use / }).first().click();
  await expect(dialog).toBeHidden();
  await page.getByRole('link', { name: 'Rillbank, to the bench' }).click();
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.getByRole('link', { name: 'Library', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Plants' }).getByRole('button').first()).toBeVisible();
  // One that was never opened here opens, and so does one that is started now.
  await page.goto(`${HOME}/pot/lido-terrace-tub/plants`);
  await grown(page);
  await expect(page.getByRole('banner').getByText('Oval tub')).toBeVisible();
  await page.getByRole('link', { name: 'Rillbank, to the bench' }).click();
  await page.getByRole('button', { name: 'Add a container' }).first().click();
  await expect(page).toHaveURL(/\/spot$/);
  await expect(page.getByLabel('Place')).toHaveValue('Terrace');
  await page.goto(`${HOME}/pot/lido-terrace-tub/nowhere`);
  await expect(page.getByRole('heading', { name: 'No signal' })).toBeVisible();
});
