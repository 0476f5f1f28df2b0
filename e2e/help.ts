import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';

/** The server with an empty bench. */
export const EMPTY = 'http://localhost:4102';

/** Waits until the portrait has its leaves. */
export const grown = (page: Page) => expect(page.locator('[data-state=grown]')).toBeVisible();

/** Waits until what fades in or out has done so: what is half there has no contrast yet. */
async function settled(page: Page): Promise<void> {
  await page.evaluate(() =>
    Promise.race([
      Promise.all(document.getAnimations().map((a) => a.finished.catch(() => null))),
      new Promise((r) => setTimeout(r, 1500)),
    ]),
  );
  await page.waitForFunction(() =>
    [...document.querySelectorAll<HTMLElement>('[data-sonner-toast]')].every(
      (t) =>
        t.dataset.mounted === 'true' &&
        t.dataset.removed !== 'true' &&
        ['0', '1'].includes(getComputedStyle(t).opacity),
    ),
  );
}

/**
 * Axe finds nothing serious on the screen as it stands. Looks again only where a message came or went while
 * it was looking.
 */
export async function accessible(page: Page): Promise<void> {
  const messages = () =>
    page.locator('[data-sonner-toast]').evaluateAll((all) => all.map((t) => t.textContent).join('|'));
  for (let looks = 1; ; looks += 1) {
    await settled(page);
    const before = await messages();
    const { violations } = await new AxeBuilder({ page }).analyze();
    const serious = violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => [v.id, v.nodes.map((n) => n.target.join(' ')).slice(0, 4)]);
    const changed =
      before !== (await messages()) || (await page.locator('[data-sonner-toast][data-removed=true]').count()) > 0;
    if (serious.length > 0 && changed && looks < 4) continue;
    return expect(serious).toEqual([]);
  }
}

/** Pixels of the portrait that are near a colour: proof that something of that colour is drawn. */
export async function pixelsNear(page: Page, [r, g, b]: [number, number, number], within = 60): Promise<number> {
  return page.getByTestId('portrait').evaluate(
    (el, [wanted, near]) => {
      const from = el as HTMLCanvasElement;
      const copy = document.createElement('canvas');
      [copy.width, copy.height] = [from.clientWidth, from.clientHeight];
      const ctx = copy.getContext('2d');
      if (!ctx) return -1;
      ctx.drawImage(from, 0, 0, copy.width, copy.height);
      const { data } = ctx.getImageData(0, 0, copy.width, copy.height);
      let n = 0;
      for (let i = 0; i < data.length; i += 4) {
        const off =
          Math.abs((data[i] ?? 0) - wanted[0]) +
          Math.abs((data[i + 1] ?? 0) - wanted[1]) +
          Math.abs((data[i + 2] ?? 0) - wanted[2]);
        if ((data[i + 3] ?? 0) > 200 && off < near) n += 1;
      }
      return n;
    },
    [[r, g, b], within] as const,
  );
}

/** Every journey ends with axe on the screen it ended on. */
export const test = base.extend<{ axe: undefined }>({
  axe: [
    async ({ page }, use) => {
      await use(undefined);
      if (!page.isClosed() && page.url().startsWith('http')) await accessible(page);
    },
    { auto: true },
  ],
});
