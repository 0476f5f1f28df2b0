import { expect, type Page } from '@playwright/test';
import { STATION_IDS, stationPath } from '../src/features/shell/stations';
import { accessible, grown, test } from './help';

test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

const POT = 'lido-entrance-left';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

/**
 * Controls that are smaller than a thumb needs, and letters that are smaller than can be read, as they stand
 * on the screen.
 */
const tooSmall = (page: Page) =>
  page.evaluate(() => {
    const shown = (e: Element) =>
      e.checkVisibility({ visibilityProperty: true }) && !e.closest('.sr-only, [aria-hidden]');
    const named = (e: Element) => `${e.tagName} ${(e.getAttribute('aria-label') ?? e.textContent ?? '').slice(0, 40)}`;
    const controls = [
      ...document.querySelectorAll('button, a, input, select, [role=switch], [role=slider], svg [tabindex]'),
    ];
    const thumbs = controls.flatMap((e) => {
      // A link in a sentence is as high as its line; a hidden radio, and a switch, is hit by its label.
      if (!shown(e) || getComputedStyle(e).display === 'inline') return [];
      const hit = e.closest('label') ?? (e.matches('[role=switch]') ? (e.parentElement ?? e) : e);
      const { width, height } = hit.getBoundingClientRect();
      return Math.min(width, height) < 23.9 ? [`${named(e)}: ${width.toFixed(0)} × ${height.toFixed(0)}`] : [];
    });
    const letters = [...document.querySelectorAll('body *')].flatMap((e) => {
      const own = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent?.trim());
      if (!own || !e.checkVisibility() || e.closest('.sr-only, script, style, title')) return [];
      const k = e instanceof SVGGraphicsElement ? (e.getScreenCTM()?.d ?? 1) : 1;
      const px = parseFloat(getComputedStyle(e).fontSize) * k;
      return px < 10.95 ? [`${named(e)}: ${px.toFixed(1)} px`] : [];
    });
    return { thumbs, letters };
  });

/** What has the focus, and whether it can be seen whole or is as tall as the room between head and season. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const e = document.activeElement;
    if (!e || e === document.body) return null;
    const box = (e.closest('label') ?? e).getBoundingClientRect();
    const head = document.querySelector('header')?.getBoundingClientRect();
    const foot = document.querySelector('footer')?.getBoundingClientRect();
    const inFrame = e.closest('header, footer, [role=menu], [href="#work"]') !== null;
    const top =
      inFrame || getComputedStyle(document.querySelector('header') ?? e).position !== 'sticky'
        ? 0
        : (head?.bottom ?? 0);
    const bottom = inFrame ? innerHeight : (foot?.top ?? innerHeight);
    const hidden = box.bottom <= top + 1 || box.top >= bottom - 1;
    const cut = box.height < bottom - top && (box.top < top - 1 || box.bottom > bottom + 1);
    return {
      what: `${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent?.slice(0, 30)}`,
      covered: hidden || cut,
    };
  });

async function walk(page: Page): Promise<string[]> {
  const covered: string[] = [];
  const met = new Set<string>();
  for (let i = 0; i < 70; i += 1) {
    await page.keyboard.press('Tab');
    const at = await focused(page);
    // The walk before may have ended on the last control of all: the step after it leads out of the page.
    if (!at && met.size === 0 && i === 0) continue;
    if (!at) break;
    if (met.has(at.what) && met.size > 60) break;
    met.add(at.what);
    if (at.covered) covered.push(at.what);
  }
  expect(met.size).toBeGreaterThan(8);
  return covered;
}

for (const station of STATION_IDS)
  test(`the work comes first at ${station}: one row of head, a strip, nothing too small or covered`, async ({
    page,
  }) => {
    await page.goto(stationPath(POT, station));
    await grown(page);
    const box = async (css: string) => (await page.locator(css).first().boundingBox()) ?? { y: 0, height: 0 };
    expect((await box('body > div > header, header.sticky')).height).toBeLessThanOrEqual(60);
    expect((await box('#work')).y).toBeLessThan(844 / 3);
    expect((await box('footer')).height).toBeLessThanOrEqual(60);
    expect(await tooSmall(page)).toEqual({ thumbs: [], letters: [] });
    expect(await walk(page)).toEqual([]);
    await page.setViewportSize({ width: 360, height: 640 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
    expect(await walk(page)).toEqual([]);
    // As a page of 1280 × 800 at twice its size.
    await page.setViewportSize({ width: 640, height: 400 });
    expect(await walk(page)).toEqual([]);
    await accessible(page);
  });

test('the portrait opens and shrinks, the season unfolds, and what is chosen comes into view', async ({ page }) => {
  await page.goto(stationPath(POT, 'plants'));
  await grown(page);
  const portrait = page.getByRole('region', { name: 'Picture' });
  const tall = async () => (await portrait.boundingBox())?.height ?? 0;
  expect(await tall()).toBeLessThan(120);
  await page.getByRole('button', { name: 'Enlarge the picture' }).tap();
  expect(await tall()).toBeGreaterThan(400);
  await page.getByRole('button', { name: 'Shrink the picture' }).tap();
  expect(await tall()).toBeLessThan(120);

  await page.getByRole('slider', { name: 'Week shown' }).press('ArrowRight');
  await expect(portrait.getByText('Week 12')).toBeVisible();
  await page.getByRole('button', { name: 'Season' }).tap();
  await expect(page.getByText('first frost')).toBeVisible();
  await page.getByRole('button', { name: 'Hide the season strip' }).tap();

  await page.getByRole('button', { name: /^Bedding salvia( × \d)? violet/ }).tap();
  const hand = page.getByRole('heading', { name: /^Bedding salvia/ });
  await expect(hand).toBeInViewport();
});

test('stations, undo and the library lie under one thumb', async ({ page }) => {
  await page.goto(stationPath(POT, 'container'));
  await grown(page);
  await page.getByLabel('Name', { exact: true }).fill('Gate pot');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(page.getByRole('heading', { name: /^Gate pot/ })).toBeVisible();
  await page.getByRole('button', { name: 'Pages: Container' }).tap();
  await accessible(page);
  await page.getByRole('menuitem', { name: /^Undo/ }).tap();
  await expect(page.getByRole('heading', { name: /^Left-hand pot/ })).toBeVisible();
  await page.getByRole('button', { name: 'Pages: Container' }).tap();
  await page.getByRole('menuitem', { name: 'Plant up' }).tap();
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toBeVisible();
  await page.getByRole('link', { name: 'Rillbank, to the bench' }).tap();
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('names of eighty letters without a space are broken or cut short: no page is wider than the window', async ({
  page,
}) => {
  for (const [station, label] of [
    ['container', 'Name'],
    ['spot', 'Place'],
  ] as const) {
    await page.goto(stationPath(POT, station));
    const field = page.getByLabel(label, { exact: true });
    await field.fill('w'.repeat(80));
    await field.press('Enter');
    await expect(page.getByText(/^Saved \d/)).toBeVisible();
  }
  for (const width of [390, 1280]) {
    await page.setViewportSize({ width, height: 844 });
    for (const path of ['/', '/today', '/group', ...STATION_IDS.map((id) => stationPath(POT, id))]) {
      await page.goto(path);
      await expect(page.getByText('w'.repeat(80)).first()).toBeAttached();
      const wider = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      await expect.poll(wider, path).toBeLessThanOrEqual(0);
    }
  }
});
