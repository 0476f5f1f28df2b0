import { expect } from '@playwright/test';
import { accessible, grown, test } from './help';

const POT = '/pot/lido-entrance-left/plants';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(POT);
  await grown(page);
});

test('a dead plant is replaced in three taps, at the price of one, noted in the log, and taken back', async ({
  page,
}) => {
  await page.getByRole('button', { name: /^Petunia × 3/ }).press('Enter');
  await page.getByRole('button', { name: 'It died' }).press('Enter');
  const died = page.getByRole('region', { name: 'Petunia, magenta died' });
  await expect(died.getByRole('button', { name: /£/ })).toHaveCount(4);
  await accessible(page);
  await died.getByRole('button', { name: /^The same again £2\.80$/ }).press('Enter');
  await expect(page.getByText('Petunia, magenta: death noted in the log')).toBeVisible();
  // It is the same planting still, not a new season.
  await expect(page.getByText('Planted 14 May')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Petunia × 3/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(page.getByRole('button', { name: /^Petunia × 3/ })).toBeVisible();
  await page.goto('/pot/lido-entrance-left/tend');
  await page.getByRole('radiogroup', { name: 'Care' }).getByRole('radio', { name: 'Log' }).press('Space');
  await expect(page.getByRole('region', { name: 'Log' }).getByText('Petunia, magenta died')).toBeVisible();
});

test('two proposals are compared large, and another is looked at by arrow key', async ({ page }) => {
  await page.getByRole('button', { name: 'Compose again' }).press('Enter');
  await page.getByRole('button', { name: 'Compose', exact: true }).press('Enter');
  const compare = page.getByRole('button', { name: 'Compare two' });
  await expect(compare).toBeVisible({ timeout: 60_000 });
  await page.locator('#work').press('ArrowRight');
  await expect(page.getByRole('radio', { name: /^Proposal 2/ })).toBeChecked();
  await compare.press('Enter');
  await expect(page.getByRole('button', { name: /^Use proposal/ })).toHaveCount(2);
  await page.getByLabel('On the right').selectOption({ index: 0 });
  await expect(page.getByRole('button', { name: /^Use proposal 1/ })).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Show one' }).press('Enter');
  await expect(page.getByRole('button', { name: /^Use proposal/ })).toHaveCount(1);
});

test('the whole brief and Compose are in one look, at the bench and in the hand', async ({ page }) => {
  for (const [width, height] of [
    [1280, 800],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto(POT);
    await page.getByRole('button', { name: 'Compose again' }).press('Enter');
    await page.getByRole('group', { name: 'Colour scheme' }).scrollIntoViewIfNeeded();
    for (const label of ['Arrangement', 'Plants to use', 'Budget, £'])
      await expect(page.getByLabel(label)).toBeInViewport();
    await expect(page.getByRole('button', { name: 'Compose', exact: true })).toBeInViewport();
  }
});
