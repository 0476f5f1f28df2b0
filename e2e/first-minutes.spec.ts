import { expect, type Page } from '@playwright/test';
import { pot, sun } from '../src/core/testing/pots';
import { accessible, EMPTY, test } from './help';

const focused = (page: Page) =>
  page.evaluate(() => document.activeElement?.id || document.activeElement?.textContent?.trim() || 'nothing');

test('with everything left as it stands a small basket gets a choice, and the way there loses no focus', async ({
  page,
}) => {
  await page.goto(EMPTY);
  await page.getByRole('main').getByRole('button', { name: 'Start a container' }).press('Enter');
  await expect(page).toHaveURL(/\/spot$/);
  await expect(page).toHaveTitle('New pot, Spot · Rillbank');
  await expect.poll(() => focused(page)).toBe('work');
  await page.getByRole('link', { name: 'Next: the container' }).press('Enter');
  await expect(page).toHaveTitle('New pot, Container · Rillbank');
  await expect.poll(() => focused(page)).not.toBe('nothing');
  await page.getByLabel('Shape').selectOption({ label: 'Hanging basket' });
  await page.getByLabel('Size as sold').selectOption({ index: 0 });
  await page.getByRole('navigation').getByRole('link', { name: 'Plants' }).press('Enter');
  await expect(page.getByLabel('Arrangement')).toHaveValue('level-dome');
  await page.getByRole('button', { name: 'Compose', exact: true }).press('Enter');
  await expect(page.getByText(/^\d ways to plant it$/)).toBeVisible();
  expect(await page.getByRole('button', { name: /^Take number/ }).count()).toBeGreaterThanOrEqual(4);
  await expect.poll(() => focused(page)).toBe('work');
  await page.getByRole('button', { name: /^Take number 1/ }).press('Enter');
  await expect(page.getByRole('meter')).toHaveCount(5);
  await expect.poll(() => focused(page)).not.toBe('nothing');
  await accessible(page);
});

test('a brief that nothing answers names what to change and goes there', async ({ page }) => {
  await page.goto(EMPTY);
  const spot = sun([], { children: true, cats: true, dogs: true });
  await page.getByLabel('Backup or planting file').setInputFiles({
    name: 'hard.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(pot({ id: 'hard', name: 'Hard', spot, startDate: '2026-01-10' }))),
  });
  await page.getByRole('link', { name: /Hard/ }).first().click();
  await page.getByRole('button', { name: 'Compose', exact: true }).click();
  await expect(page.getByText('Nothing fits yet')).toBeVisible();
  await accessible(page);
  await page
    .getByRole('main')
    .getByRole('link', { name: /^(Change|Read|Take)/ })
    .click();
  await expect(page).toHaveURL(/\/(spot|container)$/);
});

test('two clicks start one container, and the keyboard skips to the work', async ({ page }) => {
  await page.goto(EMPTY);
  await page.getByRole('main').getByRole('button', { name: 'Start a container' }).dblclick();
  await expect(page).toHaveURL(/\/spot$/);
  await page.reload();
  await expect(page.getByLabel('Place')).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect.poll(() => focused(page)).toBe('work');
  await page.goto(EMPTY);
  await expect(page.getByRole('button', { name: /^More for / })).toHaveCount(1);
});
