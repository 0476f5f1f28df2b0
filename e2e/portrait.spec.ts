import { expect, type Page } from '@playwright/test';
import { accessible, grown, pixelsNear, test } from './help';

const portrait = (page: Page) => page.getByRole('img', { name: /^Week \d/ });
const view = (page: Page, name: string) => page.getByRole('button', { name, exact: true });

test('by keyboard: bent down to a flower and back, stood in the sun of an hour and in the shade of another', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
  const magenta = () => pixelsNear(page, [200, 20, 110], 110);
  const far = await magenta();
  await portrait(page).press('0');
  await expect(view(page, 'Close-up')).toHaveAttribute('aria-pressed', 'true');
  // Close to, there is more of the same flower to see.
  await expect.poll(magenta).toBeGreaterThan(far * 1.3);
  await portrait(page).press('1');
  await expect(view(page, 'Front')).toHaveAttribute('aria-pressed', 'true');

  await view(page, 'Sun').press('Enter');
  const hour = page.getByRole('slider', { name: /^Sun at/ });
  // Noted hours end at four in the afternoon.
  await expect(page.getByText('Sun at 17:00')).toContainText('no direct sun at this hour');
  for (let i = 0; i < 8; i += 1) await hour.press('ArrowLeft');
  await expect(page.getByText('Sun at 13:00')).toContainText('assumed to face south');
  await accessible(page);
  await view(page, 'Sun').press('Enter');
  await expect(hour).toBeHidden();
});

test('what a spot has underfoot and stands by is seen round the pot, and kept', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto('/pot/lido-terrace-tub/spot');
  await page.getByLabel('Ground surface').selectOption({ label: 'Deck' });
  await page.getByLabel('Next to').selectOption({ label: 'A door' });
  await page.reload();
  await expect(page.getByLabel('Ground surface')).toHaveValue('deck');
  await expect(page.getByLabel('Next to')).toHaveValue('door');
  await page.goto('/pot/lido-terrace-tub/plants');
  await grown(page);
  // The green of the door.
  await expect.poll(() => pixelsNear(page, [61, 92, 90], 40)).toBeGreaterThan(200);
});

test('a barrow loses its wheel and gets it back', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto('/pot/lido-terrace-barrow/container');
  const wheel = page.getByLabel('It is a wheelbarrow');
  await expect(wheel).toBeChecked();
  await wheel.press('Space');
  await expect(wheel).not.toBeChecked();
  await expect(page.getByLabel('On pot feet')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).first().press('Enter');
  await expect(wheel).toBeChecked();
});
