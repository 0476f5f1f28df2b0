import { expect, type Page } from '@playwright/test';
import { test, accessible, EMPTY, grown } from './help';

/** The lido is set out on the first visit to the bench. */
async function atLido(page: Page, path: string): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(path);
}

test('a window box: shape, size, place, load with its caution, composed with tall behind and trailers in front', async ({
  page,
}) => {
  await page.goto(EMPTY);
  await page.getByRole('button', { name: 'Add a container' }).first().click();
  await page.getByRole('navigation').getByRole('link', { name: 'Container' }).click();
  await page.getByLabel('Shape').selectOption({ label: 'Box or trough' });
  await page.getByLabel('Standard size').selectOption({ label: '90 cm, 20 cm deep' });
  await page.getByLabel('Position').selectOption({ label: 'on a rail' });
  await expect(page.getByText('Load on metre of rail')).toBeVisible();
  await expect(page.getByText(/Rillbank cannot tell you it is safe/)).toBeVisible();
  await accessible(page);
  const length = page.getByLabel('Length', { exact: true });
  await length.fill(`35 in`);
  await length.press('Enter');
  await expect(length).toHaveValue('89 cm');
  await page.getByRole('navigation').getByRole('link', { name: 'Plants' }).click();
  await page.getByLabel('Arrangement').selectOption({ label: 'Tall back' });
  await page.getByRole('button', { name: 'Compose', exact: true }).click();
  await page
    .getByRole('button', { name: /^Use proposal/ })
    .first()
    .click();
  await grown(page);
  await expect(page.getByRole('img', { name: /^Week \d+: .*89 cm rail box/ })).toBeVisible();
  await page.getByRole('navigation').getByRole('link', { name: 'Plant up' }).click();
  await expect(page.getByRole('table').first()).toBeVisible();
});

test('a basket: a hook, six the same, and the section is dragged by keys', async ({ page }) => {
  await atLido(page, '/pot/lido-arcade-baskets/container');
  await expect(page.getByText('Load on the hook')).toBeVisible();
  await expect(page.getByText(/People walk underneath/)).toBeVisible();
  const depth = page.getByRole('slider', { name: 'Depth, in the cross-section' });
  await depth.focus();
  await depth.press('ArrowUp');
  await expect(page.getByLabel('Depth', { exact: true })).toHaveValue('20 cm');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Depth', { exact: true })).toHaveValue('19 cm');
  await page
    .getByRole('navigation')
    .getByRole('link', { name: /Plants/ })
    .click();
  await grown(page);
  await expect(page.getByRole('img', { name: /coir-lined wire 35 cm hanging basket.*trailing/ })).toBeVisible();
});

test('a box seen from inside: raising the sill hides plants and the level says from whom', async ({ page }) => {
  await atLido(page, '/pot/lido-ticket-box/spot');
  await expect(page.getByText(/The short viewer sees whatever is more than/)).toBeVisible();
  await accessible(page);
  const sill = page.getByRole('slider', { name: 'Sill' });
  await sill.focus();
  for (let i = 0; i < 14; i += 1) await sill.press('ArrowUp');
  await page
    .getByRole('navigation')
    .getByRole('link', { name: /Plants/ })
    .click();
  await grown(page);
  await expect(page.getByText(/From inside, the (short|tall) viewer sees only/)).toBeVisible();
  await page.getByRole('button', { name: 'From the short viewer’s eye level' }).click();
  await expect(page.getByRole('button', { name: 'From the short viewer’s eye level' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('the skyline is raised by keys and by dragging, and the light follows', async ({ page }) => {
  await atLido(page, '/pot/lido-terrace-tub/spot');
  const sky = page.getByRole('slider', { name: /^Skyline/ });
  await expect(page.getByText('full sun')).toBeVisible();
  await sky.focus();
  await sky.press('PageUp');
  await expect(sky).toHaveAttribute('aria-valuetext', /10° high/);
  const box = await sky.boundingBox();
  if (!box) throw new Error('no sky');
  // Up across the west, as if a tall building stood there.
  await page.mouse.move(box.x + box.width * 0.52, box.y + box.height * 0.06);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.96, box.y + box.height * 0.06, { steps: 14 });
  await page.mouse.up();
  await expect(page.getByText(/^(part shade|shade|part sun)$/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('full sun')).toBeVisible();
});

test('a wall typed in by height and distance, another climate, and weather that cannot be read', async ({ page }) => {
  await atLido(page, '/pot/lido-terrace-tub/spot');
  await page.getByText('Add a wall, building or tree').click();
  await page.getByLabel('Direction', { exact: true }).selectOption({ label: 'west' });
  await page.getByLabel('Height above the soil').fill('9 m');
  await page.getByLabel('Distance', { exact: true }).fill('5 m');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('full sun')).toBeHidden();
  await page.getByLabel('Climate').selectOption({ label: 'Birch Lake, cold continental' });
  await expect(page.getByText(/Hardiness zone 4b. Plants rated H7/)).toBeVisible();
  await page.getByLabel('Import daily weather').setInputFiles({
    name: 'log.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('date,high_c,low_c,rain_mm\n2025-07-31,10,20,0'),
  });
  await expect(page.getByText('Row 2: the low, 20, is above the high, 10.')).toBeVisible();
  await expect(page.getByLabel('Climate')).toHaveValue('birch-lake');
});

test('an own outline: a corner is moved by keys and one is added', async ({ page }) => {
  await atLido(page, '/pot/lido-terrace-barrow/container');
  const holds = async () => (await page.getByText('Volume to the soil surface').locator('..').textContent()) ?? '';
  const before = await holds();
  const corner = page.getByRole('button', { name: /^Corner 1:/ });
  await corner.focus();
  for (let i = 0; i < 6; i += 1) await page.getByRole('button', { name: /^Corner 1:/ }).press('ArrowRight');
  await expect.poll(holds).not.toBe(before);
  await page.getByRole('button', { name: 'Add a corner' }).click();
  await expect(page.getByRole('button', { name: /^Corner 7:/ })).toBeVisible();
});
