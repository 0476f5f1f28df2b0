import { chromium, expect, test } from '@playwright/test';

test('without WebGL the portrait is an elevation, true to scale', async ({ baseURL }) => {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-3d-apis', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${baseURL ?? ''}/`);
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(`${baseURL ?? ''}/pot/lido-entrance-left/plants`);
  const drawing = page.getByTestId('elevation');
  await expect.poll(() => drawing.locator('path').count()).toBeGreaterThan(800);
  // The cordyline is about as tall as the 40 cm pot: leaves must reach well over the rim, which is y = 0.
  const top = await drawing
    .locator('path')
    .evaluateAll((list) => Math.min(...list.map((p) => (p as SVGPathElement).getBBox().y)));
  expect(top).toBeLessThan(-420);
  expect(top).toBeGreaterThan(-800);
  await expect(page.getByRole('meter')).toHaveCount(5);
  await browser.close();
});
