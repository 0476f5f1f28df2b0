import { expect } from '@playwright/test';
import { test, accessible, grown } from './help';

const at = (station: string) => `/pot/lido-entrance-left/${station}`;

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('six the same: counts, mix and price are for the set, and one can still be seen alone', async ({ page }) => {
  await page.goto(at('container'));
  await page.getByLabel('How many like this').fill('6');
  await page.getByRole('navigation').getByRole('link', { name: 'Plant up' }).click();
  const row = page.getByRole('row', { name: /Petunia, magenta/ });
  await expect(row.getByRole('cell').nth(2)).toHaveText('18 × 10 cm pot');
  const price = async () => Number((await page.locator('tfoot td').first().textContent())?.match(/[\d.]+/)?.[0]);
  const whole = await price();
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'One of this container' });
  await expect(row.getByRole('cell').nth(2)).toHaveText('3 × 10 cm pot');
  // Bags come whole, so six cost no more than six times one.
  expect(whole).toBeLessThanOrEqual((await price()) * 6 + 0.01);
  expect(whole).toBeGreaterThan((await price()) * 4);
});

test('a pot without holes is wrong at its own station, and the remedy drills them', async ({ page }) => {
  await page.goto(at('container'));
  await page.getByRole('switch', { name: 'Drainage holes', exact: true }).click();
  await expect(
    page.getByText('No drainage holes: roots will rot. Drill the base before you plant, and wear eye protection.'),
  ).toBeVisible();
  await expect(page.getByRole('link', { name: /Container.*problem here/ })).toBeVisible();
  await page.getByRole('navigation').getByRole('link', { name: 'Plants' }).click();
  await page.getByRole('button', { name: /^Drill holes in the base/ }).click();
  await expect(page.getByRole('navigation').getByRole('link', { name: 'Container', exact: true })).toBeVisible();
});

test('lifting and frost are cautioned where they are met', async ({ page }) => {
  await page.goto(at('container'));
  await expect(page.getByText(/when watered, it is too heavy for one person.*ask a structural engineer/)).toBeVisible();
  await expect(page.getByText(/can crack in frost unless sold as frost-proof/)).toBeVisible();
  await page.getByLabel('Material').selectOption({ label: 'Plastic' });
  await expect(page.getByText(/can crack in frost/)).toBeHidden();
});

test('children about: what is not known to be safe is counted out, and the plants in the pot are told on', async ({
  page,
}) => {
  await page.goto('/pot/lido-entrance-autumn/spot');
  await page.getByRole('button', { name: 'Children' }).click();
  await expect(page.getByText('Ruled out on safety')).toBeVisible();
  await expect(page.getByText(/In an emergency call a doctor, vet or poisons helpline/)).toBeVisible();
  await expect(page.getByRole('link', { name: /Plants.*problem here/ })).toBeVisible();
  await page
    .getByRole('navigation')
    .getByRole('link', { name: /Plants/ })
    .click();
  await expect(page.getByText(/ is poisonous to children/).first()).toBeVisible();
  await accessible(page);
});

test('the float shows planting day and frost, and the portrait follows', async ({ page }) => {
  await page.goto(at('plants'));
  await grown(page);
  const float = page.getByRole('slider', { name: 'Week shown' });
  await float.press('End');
  await expect(page.getByRole('img', { name: /^Week 2\d: .*killed by frost/ })).toBeVisible();
  await float.press('Home');
  await expect(float).toHaveAttribute('aria-valuetext', 'Week 0, 14 May');
});

test('inches and feet are understood and given back', async ({ page }) => {
  await page.goto(at('container'));
  await page.getByRole('button', { name: 'Settings' }).click();
  await page.getByRole('radio', { name: 'in, qt, lb' }).click();
  await page.keyboard.press('Escape');
  const depth = page.getByLabel('Depth', { exact: true });
  await expect(depth).toHaveValue('16.5 in');
  await depth.fill(`1' 2"`);
  await depth.press('Enter');
  await expect(depth).toHaveValue('14 in');
  await depth.fill('40 cm');
  await depth.press('Enter');
  await expect(depth).toHaveValue('15.5 in');
  await page.reload();
  await expect(page.getByLabel('Depth', { exact: true })).toHaveValue('15.5 in');
});
