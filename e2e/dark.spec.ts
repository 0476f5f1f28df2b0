import { expect } from '@playwright/test';
import { accessible, grown, test } from './help';

/** Every page and dialog once more where the device asks for the dark, at a desk and on a phone. */
const POT = '/pot/lido-entrance-left';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('the bench, the library and every station can be read in the dark, and on a phone nothing runs off the side', async ({
  page,
}) => {
  test.slow();
  for (const [path, ready] of [
    ['/', () => expect(page.getByRole('button', { name: 'More for Left-hand pot', exact: true })).toBeVisible()],
    [`${POT}/spot`, () => expect(page.getByLabel('Place')).toBeVisible()],
    [`${POT}/container`, () => expect(page.getByLabel('Depth', { exact: true })).toBeVisible()],
    [`${POT}/plants`, () => grown(page)],
    [`${POT}/season`, () => expect(page.getByRole('heading', { name: 'What if' })).toBeVisible()],
    [`${POT}/make`, () => expect(page.getByRole('heading', { name: /Shopping list/ })).toBeVisible()],
    [`${POT}/tend`, () => expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()],
    ['/today', () => expect(page.getByRole('heading', { name: 'Weather ahead' })).toBeVisible()],
    ['/library', () => expect(page.getByRole('list', { name: 'Plants' })).toBeVisible()],
    ['/nowhere', () => expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible()],
  ] as const) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(path);
    await ready();
    expect(await page.evaluate(() => matchMedia('(prefers-color-scheme: dark)').matches)).toBe(true);
    await accessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await ready();
    // What was drawn for the wide window is measured anew in a moment.
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: path }).toBe(390);
    await accessible(page);
  }
});

test('dialogs can be read in the dark', async ({ page }) => {
  test.slow();
  const shown = async (name: string | RegExp) => {
    await expect(page.getByRole('dialog', { name })).toBeVisible();
    await accessible(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog', { name })).toBeHidden();
  };
  await page.goto(`${POT}/plants`);
  await grown(page);
  await page.getByRole('button', { name: 'Add a plant' }).click();
  await shown('Add a plant');
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('What would you like to do?')).toBeVisible();
  await accessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Settings' }).click();
  await accessible(page);
  await page.goto('/library?for=lido-entrance-left');
  await expect(page.getByRole('list', { name: 'Plants' })).toBeVisible();
  await page.getByRole('button', { name: 'Add a plant' }).click();
  await shown('Add a plant from its label');
  await page.getByRole('button', { name: 'Nursery stock' }).click();
  await shown(/stock/i);
  await page.getByLabel('File of plants').setInputFiles({
    name: 'nursery.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Plant name,Colour\nPetunia,rose pink\n'),
  });
  await shown('Plants from nursery.csv');
});
