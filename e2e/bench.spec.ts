import { readFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { expect } from '@playwright/test';
import { lido } from '../src/demo/lido';
import { test, accessible, grown } from './help';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('a pot is renamed, copied, put away and brought back, deleted and brought back', async ({ page }) => {
  const more = (name: string, item: string) =>
    page
      .getByRole('button', { name: `More for ${name}`, exact: true })
      .click()
      .then(() => page.getByRole('menuitem', { name: item }).click());
  await more('Left-hand pot', 'Rename');
  await page.getByLabel('New name for Left-hand pot').fill('Gate pot');
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(page.getByRole('button', { name: 'More for Gate pot', exact: true })).toBeVisible();
  await more('Gate pot', 'Copy');
  await expect(page.getByRole('link', { name: /Gate pot \(copy\)/ })).toBeVisible();
  await more('Gate pot (copy)', 'Put away');
  await expect(page.getByRole('link', { name: /Gate pot \(copy\)/ })).toBeHidden();
  await page.getByText('1 put away').click();
  await page.getByRole('button', { name: 'Return Gate pot (copy) to the bench' }).click();
  await expect(page.getByRole('link', { name: /Gate pot \(copy\)/ })).toBeVisible();
  await more('Gate pot (copy)', 'Delete');
  await expect(page.getByRole('link', { name: /Gate pot \(copy\)/ })).toBeHidden();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Gate pot (copy) deleted' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(page.getByRole('link', { name: /Gate pot \(copy\)/ })).toBeVisible();
  await accessible(page);
});

test('a backup opened twice doubles nothing; of two the newer stays, and that is told before it is done', async ({
  page,
}, info) => {
  const pots = page.getByRole('button', { name: /^More for / });
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  const path = info.outputPath('bench.zip');
  await saved.saveAs(path);
  const file = page.getByLabel('Backup or planting file');
  const before = lido.length;
  await expect(pots).toHaveCount(before);
  await file.setInputFiles(path);
  await expect(page.getByText('You already have all of this')).toBeVisible();
  await expect(pots).toHaveCount(before);

  await page.getByRole('button', { name: 'More for Left-hand pot', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByLabel('New name for Left-hand pot').fill('Gate pot');
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(page.getByRole('button', { name: 'More for Gate pot', exact: true })).toBeVisible();
  await file.setInputFiles(path);
  const dialog = page.getByRole('dialog', { name: /^Open bench\.zip/ });
  await expect(dialog.getByText('Newer here: yours is kept (1)')).toBeVisible();
  await accessible(page);
  await dialog.getByRole('button', { name: 'Open it' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('button', { name: 'More for Gate pot', exact: true })).toBeVisible();
  await expect(pots).toHaveCount(before);

  // The beginning of it arrived: what is whole is offered, what is not is named.
  const whole = await readFile(path);
  await file.setInputFiles({
    name: 'half.zip',
    mimeType: 'application/zip',
    buffer: whole.subarray(0, whole.indexOf('containers/', whole.indexOf('containers/') + 1)),
  });
  const half = page.getByRole('dialog', { name: /^Open half\.zip/ });
  await expect(half.getByText(/file is incomplete/)).toBeVisible();
  await expect(half.getByText(/^containers\/.* is missing/).first()).toBeVisible();
  await accessible(page);
  await half.getByRole('button', { name: 'Cancel' }).click();
  await expect(pots).toHaveCount(before);
});

test('another pot at the same place stands in the same spot', async ({ page }) => {
  await page.getByRole('button', { name: 'Add another container at Entrance steps' }).click();
  await expect(page).toHaveURL(/\/container$/);
  await page.getByRole('navigation').getByRole('link', { name: 'Spot' }).click();
  await expect(page.getByLabel('Place')).toHaveValue('Entrance steps');
  await expect(page.getByLabel('Coldest winter temperature, °C')).toHaveValue('-9');
});

test('the year’s jobs as a calendar: an event each, every one with a name of its own', async ({ page }) => {
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the year’s jobs to your calendar' }).press('Enter'),
  ]);
  expect(saved.suggestedFilename()).toBe('rillbank-jobs.ics');
  const uids = readFileSync(await saved.path(), 'utf8').match(/^UID:.*$/gm) ?? [];
  expect(uids.length).toBeGreaterThan(3);
  expect(new Set(uids).size).toBe(uids.length);
});

test('two tabs keep the same pot, and a tab that is killed has lost nothing', async ({ page, context }) => {
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
  const other = await context.newPage();
  await other.goto('/pot/lido-entrance-left/plants');
  await expect(other.getByRole('button', { name: /^Petunia × 3 magenta/ })).toBeVisible();
  await page
    .getByRole('button', { name: /^Petunia, magenta, 10 cm pot/ })
    .first()
    .press('Delete');
  await expect(other.getByRole('button', { name: /^Petunia × 2 magenta/ })).toBeVisible();
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto('/pot/lido-entrance-left/make');
  await expect(again.getByRole('heading', { name: /Shopping list/ })).toBeVisible();
  await expect(
    again
      .getByRole('row', { name: /Petunia, magenta/ })
      .getByRole('cell')
      .nth(2),
  ).toHaveText('2 × 10 cm pot');
});

test('storage that is full is told, and the edit stays on the screen', async ({ page }) => {
  await page.goto('/pot/lido-entrance-left/container');
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Left-hand pot');
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Name', { exact: true }).fill('Unsaved pot');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(page.getByText('No room left to save')).toBeVisible();
  await expect(page.locator('header').getByText('Unsaved pot')).toBeVisible();
});

test('everything by name: the palette composes, chooses, and goes', async ({ page }) => {
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
  await page.keyboard.press('Control+k');
  const box = page.getByPlaceholder('What would you like to do?');
  await box.fill('salvia');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bedding salvia, violet' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await accessible(page);
  await box.fill('rotate the planting right');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+k');
  await box.fill('undo');
  await expect(page.getByRole('option', { name: /^Undo Rotate the planting/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+k');
  await box.fill('go to plant up');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toBeVisible();
});

test('by keyboard alone: brief, must-have and never, compose with stop, take, keep one and compose again', async ({
  page,
}) => {
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
  const press = async (name: string | RegExp, role: 'button' | 'radio' = 'button') => {
    const el = page.getByRole(role, { name }).first();
    await el.focus();
    await el.press(role === 'radio' ? 'Space' : 'Enter');
  };
  // Keep the thriller.
  await press(/^Cordyline, wine red, 2 L pot/);
  const keep = page.getByRole('switch', { name: 'Keep it when you compose again' });
  await keep.focus();
  await keep.press('Space');
  await expect(keep).toBeChecked();
  await page.keyboard.press('Escape');
  await press('Compose again');
  await press('Warm', 'radio');
  await page.getByText(/^More/).press('Enter');
  const pick = async (list: string, typed: string, name: string) => {
    await press(`${list}: add a plant`);
    await page.getByPlaceholder('Common or botanical name').fill(typed);
    await expect(page.getByRole('option', { name })).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: `Remove ${name} from ${list.toLowerCase()}` })).toBeVisible();
  };
  await pick('Include', 'pelargonium scarlet', 'Pelargonium, scarlet');
  await pick('Avoid', 'sedge bronze', 'Sedge, bronze');
  await press(/^Compose$/);
  await expect(page.getByRole('status')).toHaveText(/\d proposals?/);
  const proposals = page.getByRole('radio', { name: /^Proposal \d/ });
  const kinds = page.getByRole('list', { name: 'Plants' });
  for (let i = 1; i <= (await proposals.count()); i += 1) {
    await expect(page.getByRole('button', { name: new RegExp(`^Use proposal ${i}`) })).toBeVisible();
    await expect(kinds).toContainText('Cordyline, wine red');
    await expect(kinds).toContainText('Pelargonium, scarlet');
    await expect(kinds).not.toContainText('Sedge, bronze');
    await page.locator('#work').press('ArrowRight');
  }
  await press(/^Use proposal 1/);
  await expect(page.getByRole('button', { name: /^Pelargonium( × \d)? scarlet/ })).toBeVisible();
  await accessible(page);
  // Start once more, and stop.
  await press('Compose again');
  await press(/^Compose$/);
  await press('Stop');
  await expect(page.getByRole('button', { name: 'Back to the plants' })).toBeVisible();
});

test('the demonstration’s portraits come with the release, and nothing is painted for them', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 1280, height: 2400 } });
  const page = await context.newPage();
  const came: string[] = [];
  page.on('response', (r) => r.ok() && /stills\/.*png$/.test(r.url()) && came.push(r.url()));
  await page.goto('/');
  const portraits = page.getByRole('img', { name: /^Week \d/ });
  await expect(portraits).toHaveCount(lido.length);
  expect(new Set(came).size).toBe(lido.length);
  await context.close();
});
