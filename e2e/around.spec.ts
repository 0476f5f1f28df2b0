import { expect, type Page } from '@playwright/test';
import { accessible, grown, test } from './help';

const main = (page: Page) => page.getByRole('navigation', { name: 'Main' });

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('every page leads to every other, and has help of its own', async ({ page }) => {
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'Help: Plants' });
  await expect(help).toContainText('select Compose');
  await help.getByText('What the words mean').click();
  await expect(help.getByText('a plant that trails over the rim')).toBeVisible();
  await accessible(page);
  await page.keyboard.press('Escape');
  await expect(help).toBeHidden();
  await main(page).getByRole('link', { name: 'Together' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Entrance steps Together' })).toBeVisible();
  await main(page).getByRole('link', { name: 'Together' }).press('Enter');
  await page.getByRole('list', { name: 'Places' }).getByRole('link', { name: 'Café terrace' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Café terrace Together' })).toBeVisible();
  await main(page).getByRole('link', { name: 'Today' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Weather ahead' })).toBeVisible();
  await main(page).getByRole('link', { name: 'Library' }).press('Enter');
  await expect(page.getByRole('list', { name: 'Plants' })).toBeVisible();
  await main(page).getByRole('button', { name: 'Help' }).press('Enter');
  await expect(page.getByRole('dialog', { name: 'Help: Library' })).toBeVisible();
  await page.keyboard.press('Escape');
  await main(page).getByRole('link', { name: 'Bench' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('the keyboard keeps its place where what had it goes away', async ({ page }) => {
  const somewhere = () =>
    expect.poll(() => page.evaluate(() => document.activeElement?.closest('main') !== null)).toBe(true);
  await page.goto('/pot/lido-arcade-baskets/tend');
  await page.getByRole('button', { name: 'Use today’s date' }).press('Enter');
  await somewhere();
  await page.getByRole('radio', { name: 'Log' }).press('Space');
  await page.getByRole('button', { name: 'Note or photograph' }).press('Enter');
  await page.getByLabel('What you see').fill('All well.');
  await page.getByRole('button', { name: 'Save entry' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Save entry' })).toBeHidden();
  await somewhere();
  await page.goto('/pot/lido-entrance-left/season');
  await grown(page);
  await page.getByRole('button', { name: /^Try it in week/ }).press('Enter');
  await page.getByRole('button', { name: 'Discard' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Discard' })).toBeHidden();
  await somewhere();
  await page.goto('/group?place=Entrance%20steps');
  await page.getByRole('button', { name: 'Compose a group' }).press('Enter');
  await page.getByRole('button', { name: 'Back to the group' }).press('Enter');
  await somewhere();
  await page.getByText('Wall, door, windows, steps and path').press('Enter');
  await page.getByRole('button', { name: 'No path' }).press('Enter');
  await expect(page.getByRole('button', { name: 'No path' })).toBeHidden();
  await somewhere();
});
