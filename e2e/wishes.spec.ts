import { expect } from '@playwright/test';
import { accessible, test } from './help';

test('by keyboard: colours of one’s own and a sort, composed; calmer ones asked for, and more like one of them', async ({
  page,
}) => {
  await page.goto('/pot/lido-entrance-left/plants');
  const press = async (name: string | RegExp, role: 'button' | 'radio' = 'button') => {
    const el = page.getByRole(role, { name }).first();
    await el.focus();
    await el.press(role === 'radio' ? 'Space' : 'Enter');
  };
  await press('Compose again');
  await press('My colours', 'radio');
  await expect(page.getByLabel('Colour 2')).toHaveValue('#5a2a9c');
  await page.getByLabel('Colour 1').fill('#e0568f');
  await press('Add a colour');
  await expect(page.getByLabel('Colour 3')).toBeVisible();
  await page.getByLabel('Made of').selectOption('bees');
  await page.getByLabel('At its best on').fill('2026-05-01');
  await page.getByLabel('At its best on').press('Enter');
  await expect(page.getByText('Choose a day after it is planted.')).toBeVisible();
  await page.getByLabel('At its best on').fill('2026-07-25');
  await page.getByLabel('At its best on').press('Enter');
  await press(/^Compose$/);
  const found = page.getByRole('status').filter({ hasText: /\d ways? to plant it/ });
  await expect(found).toBeVisible();
  const list = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: /^Take number/ }) });
  const before = await list.first().innerText();
  await accessible(page);
  await press('calmer');
  await expect(page.getByText(/^Calmer: (from \d colours? to \d colours?|\d colours?, as before)\.$/)).toBeVisible();
  await expect(found).toBeVisible();
  expect(await list.count()).toBeGreaterThan(1);
  await press(/^More like number 1/);
  await expect(page.getByText('Others like the one you chose.')).toBeVisible();
  await press(/^Take number 1/);
  await expect(page.getByRole('meter').first()).toBeVisible();
  expect(before.length).toBeGreaterThan(10);
});
