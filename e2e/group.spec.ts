import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { accessible, test } from './help';

const together = async (page: Page, place: string) => {
  await page.goto('/');
  await page.getByRole('link', { name: `See ${place} together` }).press('Enter');
};
const one = (page: Page) => page.getByRole('region', { name: 'Read as one' });

test('the entrance steps arranged by keyboard: moved, raised, turned, judged as one, kept, saved and opened again', async ({
  page,
}) => {
  await together(page, 'Entrance steps');
  await expect(one(page).getByRole('meter', { name: 'Room between' })).toBeVisible();
  await expect(page.getByText(/^True to scale on 10 July.*Autumn pot/)).toBeVisible();
  const bowl = page.getByRole('button', { name: /^Dry bowl, / });
  const where = page.getByRole('region', { name: 'Where it stands' });
  await where.getByLabel('Container').selectOption({ label: 'Dry bowl' });
  await where.getByLabel('Across').fill('175 cm');
  await where.getByLabel('Across').press('Enter');
  await bowl.press('ArrowLeft');
  await expect(one(page)).toContainText(/stand in one another|touch at the rim/);
  await one(page)
    .getByRole('button', { name: /^Dry bowl \d+ cm to the right$/ })
    .press('Enter');
  await expect(one(page)).not.toContainText('stand in one another');
  await bowl.press('PageUp');
  await bowl.press(']');
  await expect(bowl).toHaveAccessibleName(/5 cm up, turned by 15°/);
  await where.getByLabel('Up').fill('17 cm');
  await where.getByLabel('Up').press('Enter');
  await expect(bowl).toHaveAccessibleName(/17 cm up/);
  await page.getByText('Wall, door, windows, steps and the way through').click();
  await page.getByRole('button', { name: 'Add a window' }).press('Enter');
  await expect(one(page).getByRole('meter', { name: 'Way through' })).toBeVisible();
  await accessible(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).press('Enter'),
  ]);
  const path = await file.path();
  const { group, containers } = JSON.parse(readFileSync(path, 'utf8'));
  expect(group.openings).toHaveLength(4);
  expect(containers).toHaveLength(5);
  await page.getByRole('button', { name: 'No way through' }).press('Enter');
  await expect(one(page).getByRole('meter', { name: 'Way through' })).toBeHidden();
  await page.getByLabel('Group file').setInputFiles(path);
  await expect(one(page).getByRole('meter', { name: 'Way through' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(one(page).getByRole('meter', { name: 'Way through' })).toBeHidden();
  await page.getByRole('radio', { name: 'Above' }).press('Space');
  const seen = page.getByRole('group', { name: /^From above/ }).getByRole('button', { name: /^Dry bowl/ });
  await seen.press('ArrowDown');
  await page.reload();
  await expect(page.getByRole('button', { name: /^Dry bowl, .*17 cm up/ })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(one(page)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('walked along and seen from the chair; the light is followed, the year told, and the sheet written', async ({
  page,
}) => {
  await together(page, 'Entrance steps');
  await expect(page.locator('[data-state=grown]')).toBeVisible();
  // Nearer to the left-hand pot a step pot stands in its shade.
  const step = page.getByRole('button', { name: /^Step pots 1, / });
  for (let i = 0; i < 3; i += 1) await step.press('ArrowLeft');
  await expect(step).toHaveAccessibleName(/(9[4-9]|10\d) cm left/);
  await page.getByRole('radio', { name: 'Walking along' }).click();
  const walk = page.getByRole('group', { name: /walking along/ });
  const first = page.getByRole('button', { name: /^Left-hand pot, / });
  const before = (await first.boundingBox())?.x ?? 0;
  await walk.press('ArrowRight');
  await expect.poll(async () => (await first.boundingBox())?.x ?? 0).toBeLessThan(before);
  await page.getByRole('radio', { name: 'From the café chair' }).click();
  await page.getByRole('slider').fill('17');
  await expect(page.getByText('no sun here')).toBeVisible();
  await page.getByRole('radio', { name: 'Light' }).click();
  const light = page.getByRole('region', { name: 'Light' });
  await expect(light.getByText(/h taken, most by Left-hand pot/).first()).toBeVisible();
  await light.getByRole('button', { name: /^Reckon (it|them) in this light$/ }).click();
  await expect(light).toContainText('Each is reckoned in the sun it has here.');
  await page.getByRole('radio', { name: 'Year' }).click();
  await expect(page.getByRole('region', { name: 'Through the year' })).toContainText('terracotta may crack');
  await page.getByRole('radio', { name: 'In all' }).click();
  const all = page.getByRole('region', { name: 'In all' });
  await expect(all.getByText('To buy', { exact: true })).toBeVisible();
  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    all.getByRole('button', { name: 'Sheet for the board' }).click(),
  ]);
  expect(
    readFileSync(await sheet.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await accessible(page);
});

test('a row of six by turns: a partner is composed, and each stands for itself', async ({ page }) => {
  await together(page, 'Changing-cabin arcade');
  const baskets = page.getByRole('button', { name: /^Six baskets \d, / });
  await expect(baskets).toHaveCount(6);
  await expect(one(page)).toContainText('All of one height: they read as a row.');
  const first = page.getByRole('button', { name: /^Six baskets 1, / });
  const where = page.getByRole('region', { name: 'Where it stands' });
  await where.getByLabel('Across').fill('-180 cm');
  await where.getByLabel('Across').press('Enter');
  await first.press('ArrowRight');
  await expect(one(page)).toContainText('stand in one another');
  await page.getByRole('button', { name: 'In a row' }).press('Enter');
  await expect(one(page)).not.toContainText('stand in one another');
  await where.getByText('A row of it').click();
  await where.getByRole('button', { name: 'Make a row of 6' }).press('Enter');
  await expect(page.getByRole('button', { name: /^Six baskets, partner \d, / })).toHaveCount(3);
  await expect(baskets).toHaveCount(3);
  const order = await page.getByRole('button', { name: /^Six baskets.*Arrows move it/ }).evaluateAll((list) =>
    [...list]
      .sort((a, b) => a.getBoundingClientRect().x - b.getBoundingClientRect().x)
      .map((b) => (b.getAttribute('aria-label')?.includes('partner') ? 'b' : 'a'))
      .join(''),
  );
  expect(order).toBe('ababab');
});

test('a group of three is composed for the door, set out beside what is there, and stands on the bench', async ({
  page,
}) => {
  await together(page, 'Entrance steps');
  await page.getByRole('button', { name: 'Compose a group' }).press('Enter');
  const compose = page.getByRole('region', { name: 'Compose a group' });
  await compose.getByLabel('Where').selectOption({ label: 'Beside the door' });
  await expect(compose.getByRole('list', { name: 'Pots' })).toContainText('under half the door');
  await compose.getByRole('button', { name: 'Compose', exact: true }).press('Enter');
  await expect(compose.getByText(/come again in all 3|One set of colours runs through them/).first()).toBeVisible();
  await compose.getByRole('button', { name: 'Set out this group' }).first().press('Enter');
  for (const role of ['Lead', 'Company', 'Carpet'])
    await expect(page.getByRole('button', { name: new RegExp(`^${role}, .*Arrows move it`) })).toBeVisible();
  await expect(one(page)).not.toContainText('stand in one another');
  await page.getByRole('link', { name: 'To the bench' }).click();
  await expect(page.getByRole('link', { name: /Carpet$/ }).last()).toBeVisible();
});
