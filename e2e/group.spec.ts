import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { accessible, test } from './help';

const together = async (page: Page, place: string) => {
  await page.goto('/');
  await page.getByRole('link', { name: `See ${place} together` }).press('Enter');
};
const one = (page: Page) => page.getByRole('region', { name: 'Do they work together' });

test('the entrance steps arranged by keyboard: moved, raised, turned, judged as one, kept, saved and opened again', async ({
  page,
}) => {
  await together(page, 'Entrance steps');
  await expect(one(page).getByRole('meter', { name: 'Spacing' })).toBeVisible();
  await expect(page.getByText(/^True to scale on 10 July.*Autumn pot/)).toBeVisible();
  const bowl = page.getByRole('button', { name: /^Dry bowl, / });
  const where = page.getByRole('region', { name: 'Position' });
  await where.getByLabel('Container').selectOption({ label: 'Dry bowl' });
  await where.getByLabel('Left–right').fill('175 cm');
  await where.getByLabel('Left–right').press('Enter');
  await bowl.press('ArrowLeft');
  await expect(one(page)).toContainText(/overlap by|touch at the rim/);
  await one(page)
    .getByRole('button', { name: /^Move Dry bowl \d+ cm right$/ })
    .press('Enter');
  await expect(one(page)).not.toContainText('overlap by');
  await bowl.press('PageUp');
  await bowl.press(']');
  await expect(bowl).toHaveAccessibleName(/5 cm up, rotated 15°/);
  await where.getByLabel('Height').fill('17 cm');
  await where.getByLabel('Height').press('Enter');
  await expect(bowl).toHaveAccessibleName(/17 cm up/);
  await page.getByText('Wall, door, windows, steps and path').click();
  await page.getByRole('button', { name: 'Add a window' }).press('Enter');
  await expect(one(page).getByRole('meter', { name: 'Path' })).toBeVisible();
  await accessible(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).press('Enter'),
  ]);
  const path = await file.path();
  const { group, containers } = JSON.parse(readFileSync(path, 'utf8'));
  expect(group.openings).toHaveLength(4);
  expect(containers).toHaveLength(5);
  await page.getByRole('button', { name: 'No path' }).press('Enter');
  await expect(one(page).getByRole('meter', { name: 'Path' })).toBeHidden();
  await page.getByLabel('Group file').setInputFiles(path);
  await expect(one(page).getByRole('meter', { name: 'Path' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(one(page).getByRole('meter', { name: 'Path' })).toBeHidden();
  await page.getByRole('radio', { name: 'Above' }).press('Space');
  const seen = page.getByRole('group', { name: /^View from above/ }).getByRole('button', { name: /^Dry bowl/ });
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
  await page.getByRole('radio', { name: 'Walking past' }).click();
  const walk = page.getByRole('group', { name: /walking past/ });
  const first = page.getByRole('button', { name: /^Left-hand pot, / });
  const before = (await first.boundingBox())?.x ?? 0;
  await walk.press('ArrowRight');
  await expect.poll(async () => (await first.boundingBox())?.x ?? 0).toBeLessThan(before);
  await page.getByRole('radio', { name: 'Seat' }).click();
  await page.getByRole('slider').fill('17');
  await expect(page.getByText('no direct sun at this hour')).toBeVisible();
  await page.getByRole('radio', { name: 'Light' }).click();
  const light = page.getByRole('region', { name: 'Light' });
  await expect(light.getByText(/h lost, mostly to Left-hand pot/).first()).toBeVisible();
  await light.getByRole('button', { name: /^Use these sun hours$/ }).click();
  await expect(light).toContainText('Every container already uses the sun it gets here.');
  await page.getByRole('radio', { name: 'Year' }).click();
  await expect(page.getByRole('region', { name: 'Through the year' })).toContainText('terracotta may crack');
  await page.getByRole('radio', { name: 'Totals' }).click();
  const all = page.getByRole('region', { name: 'Totals' });
  await expect(all.getByText('To buy', { exact: true })).toBeVisible();
  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    all.getByRole('button', { name: 'One-page summary' }).click(),
  ]);
  expect(
    readFileSync(await sheet.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await accessible(page);
});

test('a row of six by turns: a partner is composed, and each stands for itself', async ({ page }) => {
  await together(page, 'Changing-room arcade');
  const baskets = page.getByRole('button', { name: /^Six baskets \d, / });
  await expect(baskets).toHaveCount(6);
  await expect(one(page)).toContainText('All one height, so they look like a row.');
  const first = page.getByRole('button', { name: /^Six baskets 1, / });
  const where = page.getByRole('region', { name: 'Position' });
  await where.getByLabel('Left–right').fill('-180 cm');
  await where.getByLabel('Left–right').press('Enter');
  await first.press('ArrowRight');
  await expect(one(page)).toContainText('overlap by');
  await page.getByRole('button', { name: 'In a row' }).press('Enter');
  await expect(one(page)).not.toContainText('overlap by');
  await where.getByText('A row of this one').click();
  await where.getByRole('button', { name: 'Make a row of 6' }).press('Enter');
  await expect(page.getByRole('button', { name: /^Six baskets, partner \d, / })).toHaveCount(3);
  await expect(baskets).toHaveCount(3);
  const order = await page
    .getByRole('button', { name: /^Six baskets.*Use the arrow keys to move it/ })
    .evaluateAll((list) =>
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
  await compose.getByLabel('Where').selectOption({ label: 'Next to the door' });
  await expect(compose.getByRole('list', { name: 'Containers' })).toContainText('less than half the door');
  await compose.getByRole('button', { name: 'Compose', exact: true }).press('Enter');
  // Three containers are composed one after another, each by all the plants: slow where the machine is shared.
  await expect(compose.getByText(/repeat in all 3|They share one set of colours/).first()).toBeVisible({
    timeout: 120_000,
  });
  await compose.getByRole('button', { name: 'Use this group' }).first().press('Enter');
  for (const role of ['Main', 'Supporting', 'Low'])
    await expect(
      page.getByRole('button', { name: new RegExp(`^${role}, .*Use the arrow keys to move it`) }),
    ).toBeVisible();
  await expect(one(page)).not.toContainText('overlap by');
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByRole('link', { name: /Low$/ }).last()).toBeVisible();
});
