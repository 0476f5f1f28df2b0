import { expect } from '@playwright/test';
import { accessible, grown, test } from './help';

test('a container that is planted already: its list typed in, a line put right, laid out, judged and cared for', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Add a container' }).first().click();
  await page.getByRole('navigation').getByRole('link', { name: 'Plants' }).click();
  await page.getByText('Already planted? List what is in it').click();
  await page.getByLabel('Plants, with how many of each').fill('3 purple petunias, 1 canna\ntwo bacopa and 3 triffids');
  const understood = page.getByRole('list', { name: 'What was understood' });
  await expect(understood.getByRole('listitem')).toHaveCount(4);
  await expect(understood.getByText('No plant matches “3 triffids”')).toBeVisible();
  const canna = understood.getByLabel('Plant for “1 canna”');
  await canna.selectOption({ index: 1 });
  const name = (await canna.locator('option:checked').textContent()) ?? '';
  await page.getByLabel('Planted on').fill('2026-06-01');
  await accessible(page);
  await page.getByRole('button', { name: 'Add 6 plants' }).press('Enter');
  await grown(page);
  await expect(page.getByText('Petunia × 3')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Thriller' })).toBeVisible();
  await expect(page.getByText(name.split(',')[0] ?? '').first()).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Checks' })).toBeVisible();
  await page.getByRole('navigation').getByRole('link', { name: 'Care' }).click();
  await expect(page.getByRole('region', { name: 'Water', exact: true })).toContainText(/of water that roots can use/);
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(page.getByText('Plant something first, and its care appears here.')).toBeVisible();
});
