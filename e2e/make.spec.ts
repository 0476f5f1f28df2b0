import { readFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { expect, type Page } from '@playwright/test';
import { accessible, grown, test } from './help';

const POT = '/pot/lido-entrance-left/make';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(POT);
  await grown(page);
});

const part = (page: Page, name: string) => page.getByRole('radio', { name, exact: true });
const toPay = (page: Page) => page.locator('tfoot td').first();

/** A PDF that was saved, read by another program than the one that wrote it. */
const read = (path: string): { texts: { text: string }[] }[] =>
  JSON.parse(execFileSync('node', ['scripts/read-pdf.mjs', path], { encoding: 'utf8' })) as ReturnType<typeof read>;

/** What the format's own validator says of a model that was saved. */
const checked = (
  path: string,
): {
  issues: { messages: { code: string; severity: number }[] };
  info: { totalTriangleCount: number };
} =>
  JSON.parse(execFileSync('node', ['scripts/read-gltf.mjs', path], { encoding: 'utf8', maxBuffer: 1e8 })) as ReturnType<
    typeof checked
  >;

test('the list: ticked, priced by hand, for a place, in another currency, and kept through a reload', async ({
  page,
}) => {
  const before = await toPay(page).textContent();
  await page.getByRole('checkbox', { name: 'Have Petunia, magenta, 10 cm pot' }).press('Space');
  await expect(toPay(page)).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: /^Price of Cordyline, wine red/ }).press('Enter');
  const price = page.getByLabel('GBP for one 2 L pot');
  await price.fill('4');
  await price.press('Enter');
  await expect(page.getByRole('button', { name: 'Price of Cordyline, wine red, £4.00: change' })).toBeVisible();
  await page.locator('summary').filter({ hasText: 'prices in pounds' }).press('Enter');
  await page.getByLabel('Prices in').selectOption({ label: 'euros' });
  await expect(toPay(page)).toContainText('€');
  await page.getByLabel('Feed', { exact: true }).selectOption({ index: 1 });
  await expect(page.getByRole('checkbox', { name: 'Have Liquid feed, mL' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /^Have Slow-release/ })).toHaveCount(0);
  const after = await toPay(page).textContent();
  await page.reload();
  await expect(toPay(page)).toHaveText(after ?? '');
  await expect(page.getByRole('checkbox', { name: 'Have Petunia, magenta, 10 cm pot' })).toBeChecked();
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Every container at Entrance steps' });
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toContainText('for 6 containers');
  await expect(page.getByRole('checkbox', { name: 'Have Petunia, magenta, 10 cm pot' })).not.toBeChecked();
  await accessible(page);
});

test('a batch of forty, two recipes by turns, with its hours at the bench and a file of it', async ({ page }) => {
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'A batch' });
  const batch = page.getByRole('region', { name: 'Batch' });
  await batch.getByRole('button', { name: 'Start with Left-hand pot' }).press('Enter');
  await batch.getByRole('button', { name: 'Add another' }).press('Enter');
  await batch.getByRole('button', { name: '40 in total' }).press('Enter');
  await expect(batch.getByLabel('How many, 1')).toHaveValue('20');
  await expect(batch.getByLabel('How many, 2')).toHaveValue('20');
  await expect(batch).toContainText(/40 containers: about [\d.]+ h of work/);
  await expect(page.getByRole('row', { name: /Petunia, magenta/ })).toContainText('60 × 10 cm pot');
  await expect(page.getByRole('row', { name: /Petunia, magenta/ })).toContainText('3 × tray of 18');
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  expect(csv.suggestedFilename()).toBe('batch-shopping.csv');
  expect(readFileSync(await csv.path(), 'utf8')).toContain('3 × tray of 18');
});

/** The step at which the left-hand pot is kept in this browser. */
const leftAt = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((done, fail) => {
        const open = indexedDB.open('rillbank');
        open.onerror = () => fail(open.error);
        open.onsuccess = () => {
          const get = open.result.transaction('settings').objectStore('settings').get('making');
          get.onsuccess = () => done(String(get.result?.value?.steps?.['lido-entrance-left']));
        };
      }),
  );

test('steps by keyboard, lit on the plan, and resumed after a reload', async ({ page }) => {
  await part(page, 'Steps').press('Space');
  const steps = page.getByRole('region', { name: 'Planting steps' });
  await expect(steps.getByText('Step 1 of')).toBeVisible();
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('PageDown');
  await expect(steps.getByRole('heading', { level: 2 })).toHaveText(/^1\. Cordyline, wine red, in the middle$/);
  await expect(steps.getByRole('img', { name: /number 1$/ })).toBeVisible();
  await page.keyboard.press('PageUp');
  await expect(steps.getByRole('heading', { level: 2 })).toHaveText(/slow-release feed/);
  await page.keyboard.press('PageDown');
  await expect.poll(() => leftAt(page)).toBe('set-p1');
  await page.reload();
  await part(page, 'Steps').click();
  await expect(steps.getByRole('heading', { level: 2 })).toHaveText(/^1\. Cordyline/);
  await accessible(page);
});

test('the template as PDF and SVG, and at true size once a card was held to the screen', async ({ page }) => {
  await part(page, 'Template').click();
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PDF' }).click(),
  ]);
  const pages = read(await pdf.path());
  expect(pages).toHaveLength(7);
  expect(pages[0]?.texts.map((t) => t.text).join(' ')).toContain('Petunia, magenta, 10 cm pot');
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as SVG' }).click(),
  ]);
  expect(readFileSync(await svg.path(), 'utf8')).toContain('width="488mm"');
  await page.getByRole('button', { name: 'Calibrate the screen' }).press('Enter');
  const frame = page.getByLabel('Width of the frame');
  await frame.focus();
  for (let i = 0; i < 10; i += 1) await page.keyboard.press('PageUp');
  await page.getByRole('button', { name: 'It matches' }).press('Enter');
  await expect(page.getByRole('region', { name: 'Template at actual size' })).toBeVisible();
  await accessible(page);
});

test('in the hand: labels and sheet as PDF, and nothing runs off the side', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await part(page, 'Labels and fact sheet').click();
  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save one-page sheet as PDF' }).click(),
  ]);
  const [first] = read(await sheet.path());
  expect(first?.texts.map((t) => t.text).join(' ')).toMatch(/Left-hand pot.*At its best, 30 July.*Care/);
  const [labels] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save labels as PDF' }).click(),
  ]);
  expect(read(await labels.path())[0]?.texts.map((t) => t.text)).toContain('Petunia × atkinsiana');
  const portrait = page.getByRole('article', { name: 'Picture' });
  const [png] = await Promise.all([
    page.waitForEvent('download'),
    portrait.getByRole('button', { name: 'Save as PNG' }).click(),
  ]);
  // Its height as PNG keeps it, px.
  expect(readFileSync(await png.path()).readUInt32BE(20)).toBeGreaterThan(2300);
  const [model] = await Promise.all([
    page.waitForEvent('download'),
    portrait.getByRole('button', { name: 'Save as glTF' }).click(),
  ]);
  const file = readFileSync(await model.path());
  expect(file.subarray(0, 4).toString()).toBe('glTF');
  const { nodes } = JSON.parse(file.subarray(20, 20 + file.readUInt32LE(12)).toString());
  expect(nodes.map((n: { name?: string }) => n.name)).toContain('Petunia, magenta (p2)');
  const { issues, info } = checked(await model.path());
  // 0 is an error, 1 a warning; what follows is advice.
  expect(issues.messages.filter((m) => m.severity < 2)).toEqual([]);
  expect(info.totalTriangleCount).toBeGreaterThan(10_000);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await part(page, 'List').click();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});
