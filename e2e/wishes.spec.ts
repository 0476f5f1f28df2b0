import { expect, type Page } from '@playwright/test';
import { accessible, grown, test } from './help';

const POT = '/pot/lido-entrance-left/plants';
const take = (page: Page, n: number) => page.getByRole('button', { name: new RegExp(`^Use proposal ${n}`) });
/** Composes what the brief says, by its key, and waits for the list. */
async function compose(page: Page) {
  await page.getByRole('button', { name: 'Compose', exact: true }).press('Enter');
  await expect(take(page, 1)).toBeEnabled({ timeout: 60_000 });
}

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(POT);
  await grown(page);
});

test('by keyboard: one’s own colours, for bees, best on a day; rather calmer, more like one, and taken', async ({
  page,
}) => {
  await page.getByRole('button', { name: 'Compose again' }).press('Enter');
  await page.getByRole('radio', { name: 'My colours' }).press('Space');
  await page.getByLabel('Colour 1').fill('#7a3fa0');
  await page.getByRole('button', { name: 'Add a colour' }).press('Enter');
  await expect(page.getByLabel('Colour 3')).toBeVisible();
  await page.getByLabel('Plants to use').selectOption({ label: 'Flowers for bees' });
  await page.getByText(/^More/).press('Enter');
  const best = page.getByLabel('At its best on');
  await best.fill('2026-07-12');
  await best.press('Tab');
  await compose(page);
  await accessible(page);
  await page.getByRole('button', { name: 'calmer' }).press('Enter');
  await expect(page.getByText(/^Calmer: /)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('button', { name: 'calmer' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'More like proposal 1' }).press('Enter');
  await expect(page.getByText('More like the one you chose.')).toBeVisible({ timeout: 60_000 });
  await take(page, 1).press('Enter');
  await expect(page.getByRole('heading', { name: 'Thriller' })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Compose again' }).press('Enter');
  await expect(page.getByRole('radio', { name: 'My colours' })).toBeChecked();
});

test('a leaf leads by its hidden colour; another arrangement stands beside; a plant that is not there says why', async ({
  page,
}) => {
  await page.getByRole('button', { name: 'Compose again' }).press('Enter');
  await page.getByLabel('Arrangement').selectOption({ label: 'Star leaf' });
  await page.getByLabel('The leaf', { exact: true }).selectOption({ label: 'Cordyline, wine red' });
  const colours = page.getByRole('group', { name: 'Colours in the leaf' });
  await expect(colours.getByRole('button', { name: 'edge' })).toHaveAttribute('aria-pressed', 'true');
  await colours.getByRole('button', { name: 'leaf itself' }).press('Enter');
  const echo = page.getByRole('group', { name: 'Colour to repeat: the leaf itself' }).getByRole('button').first();
  const name = (await echo.textContent()) ?? '';
  await echo.press('Enter');
  await expect(echo).toHaveAttribute('aria-pressed', 'true');
  await compose(page);
  const first = page.getByRole('list', { name: 'Plants' });
  await expect(first.getByText('Cordyline, wine red').first()).toBeVisible();
  await expect(first.getByText(name).first()).toBeVisible();
  await page.getByLabel('Compare with').selectOption({ label: 'Off-centre third' });
  // The best of each stand side by side.
  await expect(page.getByRole('paragraph').filter({ hasText: 'Off-centre third' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('paragraph').filter({ hasText: 'Star leaf' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Use proposal/ })).toHaveCount(2);
  await page.getByRole('button', { name: 'Why not this plant?' }).press('Enter');
  await page.keyboard.type('hosta gold');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/It needs 0 to 6 hours of sun a day; this spot gets 7/)).toBeVisible();
  await page.getByRole('button', { name: 'Why not this plant?' }).press('Enter');
  await page.keyboard.type('petunia white');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/it (is in proposal|suits the spot and container)/)).toBeVisible();
  await accessible(page);
});

test('what is to be eaten is proposed of kitchen plants, none of them poisonous', async ({ page }) => {
  await page.getByRole('button', { name: 'Compose again' }).press('Enter');
  await page.getByRole('radio', { name: 'All foliage' }).press('Space');
  await page.getByLabel('Arrangement').selectOption({ label: 'Tall centre' });
  await page.getByLabel('Plants to use').selectOption({ label: 'Things to eat' });
  await compose(page);
  await take(page, 1).press('Enter');
  await expect(page.getByRole('heading', { name: 'Thriller' })).toBeVisible();
  await expect(page.getByText(/is a food crop\. Never plant them together/)).toBeHidden();
  await page.getByText(/other checks are fine$/).click();
  await expect(page.getByRole('heading', { name: 'Good Companions' })).toBeVisible();
});

test('by keyboard: a winter pot and the summer that follows it are taken together, and taken back in one', async ({
  page,
}) => {
  await page.goto('/pot/lido-entrance-autumn/plants');
  await grown(page);
  await page.getByRole('button', { name: 'Compose again' }).press('Enter');
  await compose(page);
  const both = page.getByRole('button', { name: /^Use both, number \d and what follows from \d+ May/ }).first();
  await expect(both).toBeVisible({ timeout: 60_000 });
  await accessible(page);
  await both.press('Enter');
  await expect(page.getByRole('heading', { name: 'Thriller' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await page.getByRole('button', { name: 'Redo' }).press('Enter');
  await page.goto('/pot/lido-entrance-autumn/tend');
  await page.getByRole('radio', { name: 'Replant', exact: true }).press('Space');
  await expect(page.getByText(/1[0-9] May/).first()).toBeVisible();
});
