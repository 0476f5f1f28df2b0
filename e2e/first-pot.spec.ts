import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { test, accessible, EMPTY, grown } from './help';

test('from the bench to a shopping list, and back after a reload and in another browser', async ({
  page,
  browser,
}, info) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await expect(page.getByRole('img', { name: /glazed stoneware 46 cm pot/ }).first()).toBeVisible();
  await accessible(page);

  // Spot: what follows moves as the hours are pressed.
  await page.getByRole('button', { name: 'Add a container' }).click();
  await expect(page).toHaveURL(/\/pot\/.+\/spot$/);
  await page.getByLabel('Place').fill('Pool terrace');
  await expect(page.getByText('full sun', { exact: true })).toBeVisible();
  for (const h of [13, 14, 15]) await page.getByRole('button', { name: `${h} to ${h + 1} o’clock` }).click();
  await expect(page.getByText('part sun', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: '8 to 9 o’clock' }).click();
  await page.getByRole('button', { name: '7 to 8 o’clock' }).click();
  await expect(page.getByText('6 hours of sun a day: 6 before 13:00 and 0 after')).toBeVisible();
  const before = await page.getByText(/of \d+ plants suit this spot and container/).textContent();
  await page.getByRole('button', { name: 'Dogs' }).click();
  await expect(page.getByText(/of \d+ plants suit this spot and container/)).not.toHaveText(before ?? '');
  await accessible(page);

  // Container: the sums follow the typing.
  await page.getByRole('navigation').getByRole('link', { name: 'Container' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Big blue');
  await page.getByLabel('Rim', { exact: true }).fill('45 cm');
  await page.getByLabel('Rim', { exact: true }).press('Enter');
  await page.getByLabel('Depth', { exact: true }).fill(`1' 4"`);
  await page.getByLabel('Depth', { exact: true }).press('Enter');
  await expect(page.getByLabel('Depth', { exact: true })).toHaveValue('41 cm');
  await expect(page.getByText('Planting width')).toBeVisible();
  await expect(page.getByText('Weight, planted and just watered')).toBeVisible();
  const holds = page.locator('dl div', { hasText: 'Volume to the soil surface' });
  // π·38.14/12·(44.02² + 44.02·29 + 29²) cm³ = 40.5 L
  await expect(holds).toContainText(/4[01] L/);
  await page.getByLabel('Rim', { exact: true }).fill('very wide');
  await page.getByLabel('Rim', { exact: true }).press('Tab');
  await expect(page.getByRole('alert').filter({ hasText: 'Enter a length' })).toBeVisible();
  await page.getByLabel('Rim', { exact: true }).fill('45 cm');
  await accessible(page);

  // Plants: a brief, proposals, one taken.
  await page.getByRole('navigation').getByRole('link', { name: 'Plants' }).click();
  await page.getByText('Cool', { exact: true }).click();
  await page.getByLabel('Budget, £').fill('48');
  await page.getByRole('button', { name: 'Compose', exact: true }).click();
  await expect(page.getByRole('status')).toHaveText(/\d proposals/);
  const proposals = page.getByRole('radio', { name: /^Proposal \d/ });
  expect(await proposals.count()).toBeGreaterThanOrEqual(3);
  const reasons = await proposals.evaluateAll((list) => list.map((b) => b.getAttribute('aria-label')));
  expect(new Set(reasons).size).toBe(reasons.length);
  await expect(page.getByRole('img', { name: /^Week \d/ })).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: /^Use proposal 1/ }).click();
  await grown(page);

  // Workspace: everything at once, without scrolling the page.
  await expect(page.getByRole('meter')).toHaveCount(5);
  expect(await page.evaluate(() => document.documentElement.scrollHeight <= window.innerHeight)).toBe(true);
  const meters = () => page.getByRole('meter').evaluateAll((list) => list.map((m) => m.getAttribute('aria-valuetext')));
  const judged = await meters();
  await accessible(page);

  // Swap one plant, and all follows; undo brings it back.
  const plan = page.getByRole('group', { name: /^Plan from above/ });
  await plan.getByRole('button').nth(1).press('Enter');
  const places = page.getByRole('list', { name: 'Plants you could swap in' });
  await expect(places.getByRole('button').first()).toBeVisible();
  await accessible(page);
  await places.getByRole('button').nth(2).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('meter')).toHaveCount(5);
  await expect.poll(meters).not.toEqual(judged);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(meters).toEqual(judged);

  // Make: the list, and as CSV.
  await page.getByRole('navigation').getByRole('link', { name: 'Plant up' }).click();
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toBeVisible();
  const total = await page.locator('tfoot td').first().textContent();
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  const rows = readFileSync(await csv.path(), 'utf8')
    .trim()
    .split('\r\n');
  expect(csv.suggestedFilename()).toBe('big-blue-shopping.csv');
  expect(rows[0]).toBe('shop,item,about,size,need,buy,spare,price,currency,deliver,have');
  const sum = rows
    .slice(1)
    .filter((r) => r.endsWith(',no'))
    .reduce((s, r) => s + Number(r.split(',').at(-4)), 0);
  expect(total).toContain(`£${sum.toFixed(2)}`);
  await accessible(page);

  // Reload: all is still there.
  await page.reload();
  await expect(page.locator('tfoot td').first()).toHaveText(total ?? '');
  await page.getByRole('link', { name: 'Rillbank, to the bench' }).click();
  await expect(page.getByRole('heading', { name: 'Pool terrace' })).toBeVisible();

  // Out to a file, and in on an empty profile.
  const [backup] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  const path = info.outputPath('backup.zip');
  await backup.saveAs(path);
  const other = await browser.newContext();
  const fresh = await other.newPage();
  await fresh.goto(EMPTY);
  await expect(fresh.getByRole('heading', { name: 'Your bench is empty' })).toBeVisible();
  await accessible(fresh);
  await fresh.getByLabel('Backup or planting file').setInputFiles(path);
  await expect(fresh.getByRole('heading', { name: 'Pool terrace' })).toBeVisible();
  await fresh.getByRole('link', { name: /Big blue/ }).click();
  await expect(fresh.getByRole('meter')).toHaveCount(5);
  expect(
    await fresh.getByRole('meter').evaluateAll((list) => list.map((m) => m.getAttribute('aria-valuetext'))),
  ).toEqual(judged);
  await other.close();
});
