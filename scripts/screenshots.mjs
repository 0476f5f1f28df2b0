// Remakes docs/screenshots/ from the demo data: builds, serves, drives the real interface. `npm run screenshots`
import { mkdirSync } from 'node:fs';
import { ensurePackages } from './setup.mjs';
import { visit } from './visit.mjs';

ensurePackages();
const out = 'docs/screenshots';
mkdirSync(out, { recursive: true });

await visit(
  async ({ browser, base }) => {
    /** A page of its own on a fresh profile with the demo set out. */
    async function fresh({ width = 1280, height = 800, dark = false } = {}) {
      const context = await browser.newContext({
        viewport: { width, height },
        locale: 'en-GB',
        colorScheme: dark ? 'dark' : 'light',
      });
      const page = await context.newPage();
      await page.goto(base);
      await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
      await page
        .getByRole('img', { name: /^Week \d/ })
        .first()
        .waitFor();
      return page;
    }

    async function open(page, station, id = 'lido-entrance-left') {
      await page.goto(`${base}/pot/${id}/${station}`);
      // Spot shows the sun clock in place of the portrait where there is one.
      await page.locator('[data-state=grown], figure svg').first().waitFor();
      // The bubbles and the picture settle.
      await page.waitForTimeout(1500);
    }
    /** Once every portrait on the page is drawn. */
    const keep = async (page, name) => {
      while ((await page.getByTestId('painted').count()) > 0) await page.waitForTimeout(200);
      await page.screenshot({ path: `${out}/${name}.png` });
    };

    const page = await fresh();
    while ((await page.getByRole('img', { name: /is being drawn/ }).count()) > 0) await page.waitForTimeout(200);
    await keep(page, 'bench');
    for (const [name, station, id] of [
      ['spot', 'spot', 'lido-terrace-tub'],
      ['container', 'container'],
      ['season', 'season'],
      ['make', 'make'],
      ['workspace', 'plants'],
    ]) {
      await open(page, station, id);
      await keep(page, name);
    }
    await open(page, 'make');
    await page.getByRole('radio', { name: 'Steps' }).click();
    await page.getByText('All steps').click();
    await page.getByRole('button', { name: /^2\. Petunia/ }).click();
    await page.getByText('All steps').click();
    await page.waitForTimeout(2500);
    await keep(page, 'steps');
    await page.getByRole('radio', { name: 'Labels and fact sheet' }).click();
    while ((await page.getByRole('button', { name: 'Drawing…' }).count()) > 0) await page.waitForTimeout(200);
    await page.locator('article svg image').nth(1).waitFor();
    await page.waitForTimeout(1500);
    await keep(page, 'papers');
    await page.getByRole('radio', { name: 'List' }).click();
    await open(page, 'season');
    await page.getByLabel('To which plant').selectOption({ label: 'Petunia, magenta' });
    await page.getByRole('button', { name: /^Try it in week/ }).click();
    await page.locator('figure [data-state=grown]').nth(1).waitFor();
    await page.waitForTimeout(2500);
    await keep(page, 'what-if');
    await open(page, 'plants');
    await page.getByRole('button', { name: 'Compose again' }).click();
    await page.getByRole('button', { name: 'Compose', exact: true }).click();
    await page.getByText(/proposals/).waitFor();
    while ((await page.locator('[data-place=outline]').count()) > 0) await page.waitForTimeout(200);
    await keep(page, 'proposals');
    await page.goto(`${base}/library?for=lido-entrance-left`);
    const drawn = async () => {
      while ((await page.getByRole('img', { name: /is being drawn/ }).count()) > 0) await page.waitForTimeout(200);
    };
    const find = async (text) => {
      await page.getByLabel('Search plants').fill(text);
      await page.waitForTimeout(600);
      await page.getByRole('list', { name: 'Plants' }).getByRole('button').first().click();
      await page.waitForTimeout(200);
      await drawn();
    };
    await find('petunia');
    await page.getByLabel('Search plants').fill('');
    await page.waitForTimeout(600);
    await drawn();
    await keep(page, 'library');
    await open(page, 'tend', 'lido-arcade-baskets');
    await page.getByRole('heading', { name: 'Jobs' }).waitFor();
    await keep(page, 'tend');
    await open(page, 'tend');
    await page.getByRole('radio', { name: 'Log' }).click();
    await page.getByRole('button', { name: 'Adjust predictions to it' }).click();
    await page.getByText(/taller/).waitFor();
    await page.waitForTimeout(2500);
    await keep(page, 'log');
    await open(page, 'tend', 'lido-boiler-bowl');
    await page.getByRole('radio', { name: 'Replant' }).click();
    await page.getByRole('button', { name: 'Today', exact: true }).click();
    await page.getByRole('button', { name: 'Fill the gaps' }).click();
    await page.getByRole('button', { name: 'Use this plan' }).first().waitFor({ timeout: 120_000 });
    await page.waitForTimeout(500);
    await drawn();
    await keep(page, 'change-over');
    await page.goto(`${base}/today`);
    await page.getByRole('heading', { name: 'Weather ahead' }).waitFor();
    await page.waitForTimeout(800);
    await keep(page, 'today');
    await page.goto(`${base}/group?place=Entrance%20steps`);
    await page.getByRole('heading', { name: /work together/ }).waitFor();
    await page.locator('[data-state=grown]').waitFor();
    await page.waitForTimeout(3000);
    await drawn();
    await keep(page, 'group');
    await page.context().close();

    const night = await fresh({ dark: true });
    await open(night, 'plants');
    await keep(night, 'workspace-dark');
    await night.context().close();

    const phone = await fresh({ width: 390, height: 844 });
    await phone.goto(`${base}/today`);
    await phone.getByRole('heading', { name: 'Weather ahead' }).waitFor();
    await phone.waitForTimeout(800);
    await keep(phone, 'today-phone');
    await open(phone, 'plants');
    await keep(phone, 'workspace-phone');
  },
  { port: 4103, build: !process.argv.includes('--built') },
);
