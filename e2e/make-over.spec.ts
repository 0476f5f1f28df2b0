import { expect, type Page } from '@playwright/test';
import { accessible, grown, test } from './help';

const thriller = (page: Page) =>
  page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Thriller' }) })
    .getByRole('button');

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
});

test('by keyboard: recoloured at a press, undone, made for a larger pot', async ({ page }) => {
  await page.getByRole('button', { name: 'Change the planting' }).press('Enter');
  const recolour = page.getByRole('group', { name: 'Recolour' });
  await expect(recolour.getByRole('button', { name: 'Pink and purple' })).toHaveAttribute('aria-pressed', 'true');
  await recolour.getByRole('button', { name: 'Warm' }).press('Enter');
  await expect(page.getByText(/ replaces Petunia, magenta/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('Keeps to warm', { exact: false })).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Undo' }).first().press('Enter');
  await expect(recolour.getByRole('button', { name: 'Pink and purple' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Refit it to 60 cm' }).press('Enter');
  await expect(page.getByRole('img', { name: /60 cm pot/ })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the plants' }).press('Enter');
  await expect(page.getByText('Petunia × 3')).toBeHidden();
  await expect(thriller(page)).toHaveText(/^Cordyline/);
});

test('the lead is kept while the fillers are changed', async ({ page }) => {
  await page.getByRole('button', { name: 'Change the planting' }).press('Enter');
  await page.getByRole('toolbar', { name: 'Change' }).getByRole('button', { name: 'Fillers' }).press('Space');
  await page.getByRole('button', { name: 'Compose the rest again' }).press('Enter');
  const take = page.getByRole('button', { name: /^Use proposal/ });
  await expect(take).toBeEnabled({ timeout: 60_000 });
  await page.getByRole('radio', { name: /^Proposal 1/ }).press('ArrowRight');
  await expect(take).toHaveAccessibleName(/^Use proposal 2/);
  await expect(page.getByRole('main').getByText('Cordyline, wine red').nth(1)).toBeVisible();
  await take.press('Enter');
  await expect(thriller(page)).toHaveText(/^Cordyline/);
  await thriller(page).press('Enter');
  // It was kept for that one time only.
  await expect(page.getByRole('switch', { name: 'Keep it when you compose again' })).not.toBeChecked();
});

test('a set by turns: half of it a partner in the same colours, on the bench and in the count', async ({ page }) => {
  await page.getByRole('button', { name: 'Change the planting' }).press('Enter');
  const many = page.getByLabel('How many');
  await many.fill('6');
  await many.press('Enter');
  await page.getByRole('radio', { name: 'Alternating with a partner' }).press('Space');
  await page.getByRole('button', { name: 'Make a set of 6' }).press('Enter');
  await expect(page.getByText('Left-hand pot, partner').first()).toBeVisible({ timeout: 60_000 });
  await grown(page);
  await expect(thriller(page)).not.toHaveText(/^Cordyline/);
  await page.getByRole('link', { name: 'Plant up' }).click();
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toContainText('for 3 containers');
  await page.goto('/');
  await expect(page.getByText('Left-hand pot, partner').first()).toBeVisible();
});
