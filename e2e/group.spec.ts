import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { accessible, test } from './help';

test('the entrance steps arranged by keyboard: moved, raised, mirrored, judged as one, kept and saved as a file', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'See Entrance steps together' }).press('Enter');
  const one = page.getByRole('region', { name: 'Read as one' });
  await expect(one.getByRole('meter', { name: 'Room between' })).toBeVisible();
  await expect(page.getByText(/^True to scale on 10 July.*Autumn pot/)).toBeVisible();
  const bowl = page.getByRole('button', { name: /^Dry bowl, / });
  for (let i = 0; i < 12; i += 1) await bowl.press('ArrowLeft');
  await expect(one).toContainText(/stand in one another|touch at the rim/);
  await one.getByRole('button', { name: /^Dry bowl \d+ cm to the right$/ }).press('Enter');
  await expect(one).not.toContainText('stand in one another');
  await bowl.press('PageUp');
  await expect(bowl).toHaveAccessibleName(/5 cm up/);
  const where = page.getByRole('region', { name: 'Where it stands' });
  await where.getByLabel('Container').selectOption({ label: 'Dry bowl' });
  await where.getByLabel('Up').fill('17 cm');
  await where.getByLabel('Up').press('Enter');
  await expect(bowl).toHaveAccessibleName(/17 cm up/);
  await page.getByRole('button', { name: 'Mirror' }).press('Enter');
  await page.getByText('Wall, door, windows, steps and the way through').click();
  await page.getByRole('button', { name: 'Add a door' }).press('Enter');
  await page.getByRole('button', { name: 'Keep a way clear' }).press('Enter');
  await expect(one.getByRole('meter', { name: 'Way through' })).toBeVisible();
  await accessible(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).press('Enter'),
  ]);
  const { group, containers } = JSON.parse(readFileSync(await file.path(), 'utf8'));
  expect(group.openings).toHaveLength(1);
  expect(containers).toHaveLength(3);
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(one.getByRole('meter', { name: 'Way through' })).toBeHidden();
  await page.getByRole('radio', { name: 'Above' }).press('Space');
  const seen = page.getByRole('group', { name: /^From above/ }).getByRole('button', { name: /^Dry bowl/ });
  await seen.press('ArrowDown');
  await page.reload();
  await expect(page.getByRole('button', { name: /^Dry bowl, .*17 cm up/ })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(one).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a row of six baskets: each stands for itself, and is moved by itself', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'See Changing-cabin arcade together' }).click();
  const baskets = page.getByRole('button', { name: /^Six baskets \d, / });
  await expect(baskets).toHaveCount(6);
  const one = page.getByRole('region', { name: 'Read as one' });
  await expect(one).toContainText('All of one height: they read as a row.');
  const first = page.getByRole('button', { name: /^Six baskets 1, / });
  for (let i = 0; i < 8; i += 1) await first.press('ArrowRight');
  await expect(one).toContainText('stand in one another');
  await page.getByRole('button', { name: 'In a row' }).press('Enter');
  await expect(one).not.toContainText('stand in one another');
  await accessible(page);
});
