import { expect, test, type Page } from '@playwright/test';
import { grown } from './help';

/** Elements and texts that the page still holds, once what is no longer needed has been given back. */
async function counting(page: Page): Promise<() => Promise<number>> {
  const chrome = await page.context().newCDPSession(page);
  await chrome.send('Performance.enable');
  return async () => {
    await chrome.send('HeapProfiler.collectGarbage');
    const { metrics } = await chrome.send('Performance.getMetrics');
    return metrics.find((m) => m.name === 'Nodes')?.value ?? NaN;
  };
}

/** To a container’s picture and back to the bench. */
async function toAndFro(page: Page): Promise<void> {
  await page.locator('a[href*="/pot/lido-entrance-left"]').first().click();
  await grown(page);
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
}

/** A page of a container is some five hundred elements: fewer than two of them are left over after six. */
const LEFT = 900;

test('pages that were left are given back: no more is held after eight ways to and fro than after two', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
  const held = await counting(page);
  for (let i = 0; i < 2; i += 1) await toAndFro(page);
  await expect.poll(held, { timeout: 30_000 }).toBeLessThan(4000);
  const before = await held();
  for (let i = 0; i < 6; i += 1) await toAndFro(page);
  await expect.poll(held, { timeout: 30_000 }).toBeLessThan(before + LEFT);
});
