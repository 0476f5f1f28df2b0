import { expect, type Page } from '@playwright/test';
import { accessible, grown, test } from './help';

const part = (page: Page, name: string) => page.getByRole('radio', { name, exact: true });
const toast = (page: Page) => page.locator('[data-sonner-toast]');

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('by keyboard: a second spring is planned from the first, and both are read side by side', async ({ page }) => {
  await page.goto('/pot/lido-boiler-bowl/tend');
  await part(page, 'Log').press('Space');
  const again = page.getByRole('region', { name: 'Plant it again' });
  await again.getByRole('button', { name: 'Plan next year' }).press('Enter');
  // What was marked “not again” gives way, with what was written of it.
  const changes = again.getByRole('list', { name: 'What changes' });
  await expect(changes).toContainText(/instead of Forget-me-not, sky blue\s*Lovely for three weeks, then mildew\./);
  await expect(again).toContainText(/For 14 March 2027, £\d+\.\d\d in plants, mix and feed/);
  await again.getByRole('button', { name: 'Add it to the bench' }).press('Enter');
  await expect(page).toHaveURL(/\/plants$/);
  await grown(page);
  await expect(toast(page)).toContainText('Spring bowl 2027 is on the bench');
  await expect(page.getByRole('button', { name: /^Forget-me-not/ })).toHaveCount(0);
  await expect(page.getByText('Planted 14 Mar').first()).toBeVisible();

  await page.goto('/pot/lido-boiler-bowl/tend');
  await part(page, 'Log').press('Space');
  await page.getByLabel('Compare with').selectOption({ label: 'Boiler-house wall: Spring bowl 2027, 2027' });
  const both = page.getByRole('dialog', { name: 'Side by side' });
  const row = (name: string) =>
    both.getByRole('row').filter({ has: page.getByRole('rowheader', { name, exact: true }) });
  await expect(row('Plants').getByRole('cell').first()).toContainText('forget-me-nots');
  await expect(row('Plants').getByRole('cell').nth(1)).not.toContainText('forget-me-nots');
  await expect(row('Not again').getByRole('cell').first()).toContainText('Lovely for three weeks');
  await expect(row('Photographs').getByRole('img')).toHaveCount(1);
  await accessible(page);
  await page.keyboard.press('Escape');
  await expect(both).toBeHidden();
});

test('next year’s container is taken off the bench again', async ({ page }) => {
  await page.goto('/pot/lido-boiler-bowl/tend');
  await part(page, 'Log').press('Space');
  await page.getByRole('button', { name: 'Plan next year' }).press('Enter');
  await page.getByRole('button', { name: 'Add it to the bench' }).press('Enter');
  await toast(page).getByRole('button', { name: 'Undo' }).click();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Boiler-house wall' })).toBeVisible();
  await expect(page.getByText('Spring bowl 2027')).toHaveCount(0);
});

test('in the hand: a year of turns, each with its day, its cost and its picture, taken whole and bought for its day', async ({
  page,
}) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/pot/lido-entrance-left/tend');
  await part(page, 'Replant').click();
  const year = page.getByRole('region', { name: 'Replanting through the year' });
  await year.getByRole('button', { name: 'Plan the year ahead' }).click();
  const turns = year.getByRole('listitem');
  await expect(turns).toHaveCount(3, { timeout: 120_000 });
  await expect(turns.nth(0)).toContainText(/Autumn and winter, 6 October.*£\d+\.\d\d/);
  await expect(turns.nth(0)).toContainText('Keep 1 wine red cordyline.');
  await expect(turns.nth(2)).toContainText(/Summer, 16 May 2027.*£\d+\.\d\d/);
  await expect(year.locator('figure [data-place]').first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await accessible(page);
  await year.getByRole('button', { name: 'Use the whole plan' }).click();
  await page.goto('/pot/lido-entrance-left/make');
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toContainText('to replant on 6 October');
  await expect(page.getByRole('row', { name: /Cordyline/ })).toHaveCount(0);
});

test('a July morning in the hand: fed, cut back and deadheaded by thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/today');
  for (const job of [
    /^Done: Left-hand pot, give liquid feed/,
    /^Done: Left-hand pot, cut petunia back/,
    /^Done: Old barrow, deadhead/,
  ]) {
    const done = page.getByRole('button', { name: job });
    await expect(done).toHaveCount(1);
    const box = await done.boundingBox();
    expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(24);
    await done.click();
    await expect(done).toHaveCount(0);
  }
  await page.reload();
  await expect(page.getByRole('button', { name: /^Done: Left-hand pot, water it/ })).toHaveCount(1);
  await expect(page.getByRole('button', { name: /^Done: Left-hand pot, give liquid feed/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Done: Left-hand pot, cut petunia back/ })).toHaveCount(0);
});
