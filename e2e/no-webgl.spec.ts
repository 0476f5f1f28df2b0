import { chromium, expect, test } from '@playwright/test';

test('without WebGL the portrait is painted, true to scale', async ({ baseURL }) => {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-3d-apis', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${baseURL ?? ''}/`);
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(`${baseURL ?? ''}/pot/lido-entrance-left/plants`);
  const picture = page.getByTestId('painted').locator('img');
  await picture.waitFor();
  /**
   * Where the planting ends above, where its pot is widest and ends below, in pixels; and how much of it is
   * magenta.
   */
  const seen = await picture.evaluate(async (el: HTMLImageElement) => {
    await el.decode();
    const canvas = document.createElement('canvas');
    const [w, h] = [el.naturalWidth, el.naturalHeight];
    Object.assign(canvas, { width: w, height: h });
    const ctx = canvas.getContext('2d');
    ctx?.drawImage(el, 0, 0);
    const data = ctx?.getImageData(0, 0, w, h).data ?? new Uint8ClampedArray();
    const rows = Array.from({ length: h }, (_, y) => y).filter((y) =>
      data.subarray(y * w * 4, (y + 1) * w * 4).some((v, i) => i % 4 === 3 && v === 255),
    );
    let magenta = 0;
    for (let i = 0; i < data.length; i += 4)
      if ((data[i] ?? 0) > 150 && (data[i + 1] ?? 0) < 80 && (data[i + 2] ?? 0) > 60) magenta += 1;
    return { top: rows[0] ?? 0, bottom: rows.at(-1) ?? 0, h, magenta };
  });
  expect(seen.magenta).toBeGreaterThan(2000);
  // A pot 42 cm deep with a cordyline of about 47 cm over it fills most of a picture that holds the tallest
  // of any week.
  expect((seen.bottom - seen.top) / seen.h).toBeGreaterThan(0.7);
  expect(seen.top).toBeGreaterThan(0);
  await expect(page.getByRole('meter')).toHaveCount(5);
  await browser.close();
});
