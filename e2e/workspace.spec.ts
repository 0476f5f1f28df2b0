import { expect } from '@playwright/test';
import { test, accessible, EMPTY, grown, pixelsNear } from './help';

const PLANTS = '/pot/lido-entrance-left/plants';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('the portrait is drawn in its colours, turns by keys, and follows the float', async ({ page }) => {
  await page.goto(PLANTS);
  await grown(page);
  await expect.poll(() => pixelsNear(page, [200, 20, 110], 110)).toBeGreaterThan(300);
  const portrait = page.getByRole('img', { name: /^Week \d/ });
  const shot = () => page.getByTestId('portrait').evaluate((el) => (el as HTMLCanvasElement).toDataURL().length);
  const front = await shot();
  await portrait.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect.poll(shot).not.toBe(front);
  await page.keyboard.press('3');
  await expect(page.getByRole('button', { name: 'Above' })).toHaveAttribute('aria-pressed', 'true');
  const float = page.getByRole('slider', { name: 'Week shown' });
  await float.focus();
  await float.press('Home');
  await expect(float).toHaveAttribute('aria-valuetext', /^Week 0/);
  await expect(portrait).toHaveAccessibleName(/^Week 0:/);
});

test('a root ball is nudged by keys, stops at its neighbour and says why, and is undone by name', async ({ page }) => {
  await page.goto(PLANTS);
  await grown(page);
  const plant = page.getByRole('button', { name: /^Liquorice plant, silver, 9 cm pot/ }).last();
  const where = () => plant.evaluate((el) => el.parentElement?.getAttribute('transform'));
  const home = await where();
  await plant.focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(where).not.toBe(home);
  const stopped = page.getByText(/^The root ball would/).first();
  for (let i = 0; i < 12 && !(await stopped.isVisible()); i += 1) await page.keyboard.press('Shift+ArrowUp');
  await expect(stopped).toBeVisible();
  for (let i = 0; i < 20; i += 1) {
    if ((await where()) === home) break;
    await page.keyboard.press('Control+z');
    // Looked for at once: it goes after a while.
    if (i === 0) await expect(page.getByText(/Undone: Move Liquorice plant, silver/).first()).toBeVisible();
  }
  expect(await where()).toBe(home);
});

test('a root ball is dragged on the plan and cannot stick out of the mix', async ({ page }) => {
  await page.goto(PLANTS);
  await grown(page);
  const salvia = page.getByRole('button', { name: /^Bedding salvia, violet, 9 cm pot/ }).first();
  const box = await salvia.boundingBox();
  const plan = await page.getByRole('group', { name: /^Plan from above/ }).boundingBox();
  if (!box || !plan) throw new Error('no plan');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(plan.x + plan.width / 2 + 14, box.y + box.height / 2 + 3, { steps: 4 });
  await page.mouse.move(plan.x + plan.width / 2, plan.y - 40, { steps: 6 });
  await expect(page.getByText(/stick out of the mix/)).toBeVisible();
  await page.mouse.up();
  const [x, y] =
    ((await salvia.evaluate((el) => el.parentElement?.getAttribute('transform'))) ?? '')
      .match(/-?[\d.]+/g)
      ?.map(Number) ?? [];
  expect(Math.hypot(x ?? 0, y ?? 0)).toBeLessThan(185);
});

test('a remedy says what it would do, and doing it betters the level', async ({ page }) => {
  // A vine that somebody adds, and that eats the rest.
  await page.goto('/pot/lido-terrace-tub/plants');
  await grown(page);
  await page.getByRole('button', { name: 'Add a plant' }).press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Add a plant' });
  await dialog.getByLabel('Name', { exact: true }).fill('sweet-potato');
  await dialog.getByRole('radio', { name: 'Spiller' }).press('Space');
  await dialog.getByRole('button', { name: /^Add Sweet-potato vine, lime/ }).press('Enter');
  await expect(dialog).toBeHidden();
  const level = page.getByRole('meter', { name: 'Vigour' });
  const row = page.getByRole('listitem').filter({ has: level });
  const remedy = row.getByRole('button').first();
  await expect(remedy).toBeVisible();
  await remedy.focus();
  await expect(row.getByText(/Vigour concern to good/).first()).toBeVisible();
  const before = Number((await level.getAttribute('aria-valuetext'))?.match(/[\d.]+/)?.[0]);
  await remedy.press('Enter');
  await expect
    .poll(async () => Number((await level.getAttribute('aria-valuetext'))?.match(/[\d.]+/)?.[0]))
    .toBeLessThan(before);
});

test('a plant can be added, and one that cannot live here says why', async ({ page }) => {
  await page.goto(PLANTS);
  await page.getByRole('button', { name: 'Add a plant' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add a plant' });
  await dialog.getByLabel('Name', { exact: true }).fill('fern');
  await expect(dialog.getByText(/Not suitable: It needs 0 to 5 hours of sun/).first()).toBeVisible();
  await accessible(page);
  await dialog.getByLabel('Name', { exact: true }).fill('lobelia');
  await dialog.getByRole('radio', { name: 'Spiller' }).click();
  await dialog.getByRole('button', { name: 'Add Trailing lobelia, white', exact: true }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('button', { name: /^Trailing lobelia white/ })).toBeVisible();
});

test('bad files are refused with what and where, and change nothing', async ({ page }) => {
  await page.goto(EMPTY);
  await expect(page.getByRole('heading', { name: 'Your bench is empty' })).toBeVisible();
  const give = (name: string, text: string) =>
    page
      .getByLabel('Backup or planting file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await give('cut.json', '{"format":"rillbank.backup","version":1,"plan');
  await expect(page.getByText('Could not open cut.json. Nothing has changed.')).toBeVisible();
  await give('later.json', '{"format":"rillbank.backup","version":8}');
  await expect(page.getByText(/version 8; this Rillbank reads up to 3/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Your bench is empty' })).toBeVisible();
});

test('dark, on a phone, and in inches', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto(PLANTS);
  await grown(page);
  await expect(page.getByRole('meter')).toHaveCount(5);
  await accessible(page);
  await page.getByRole('button', { name: 'Settings' }).click();
  await page.getByRole('radio', { name: 'in, qt, lb' }).click();
  await page.keyboard.press('Escape');
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await accessible(page);
  await expect(page.getByRole('meter', { name: 'Height' })).toHaveAttribute('aria-valuetext', / in above a pot \d+/);
});

test('an address that leads nowhere says so', async ({ page }) => {
  await page.goto('/pot/not-there/plants');
  await expect(page.getByText('This container is not on your bench. It may have been deleted.')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the bench' }).click();
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  expect((await page.goto('/nowhere/at/all'))?.status()).toBe(404);
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
  await page.getByRole('link', { name: 'Go to the library' }).click();
  await expect(page.getByRole('list', { name: 'Plants' })).toBeVisible();
});

test('it can be put on a phone’s first screen', async ({ page, request }) => {
  await page.goto('/');
  const href = await page.locator('link[rel=manifest]').getAttribute('href');
  const manifest = (await (await request.get(href ?? '/none')).json()) as {
    start_url: string;
    icons: { src: string }[];
  };
  expect(manifest.start_url).toBe('/');
  const icon = await request.get(manifest.icons[0]?.src ?? '/none');
  expect([icon.status(), icon.headers()['content-type']]).toEqual([200, expect.stringMatching(/^image\//)]);
});
