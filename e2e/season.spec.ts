import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { accessible, grown, test } from './help';

const POT = '/pot/lido-entrance-left/season';
/** One in which something is covered. */
const COVERED = '/pot/lido-entrance-autumn/season';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto(POT);
  await grown(page);
});

const portraits = (page: Page) => page.locator('figure [data-state=grown]');

test('by keyboard: a pinch is tried beside the pot as it is, dropped, tried again, kept, moved and undone', async ({
  page,
}) => {
  await page.getByLabel('Week shown').focus();
  await page.keyboard.press('Home');
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
  await page.getByLabel('Of', { exact: true }).selectOption({ label: 'Petunia, magenta' });
  await page.getByRole('button', { name: 'Try it in week 5' }).press('Enter');
  await expect(page.getByText('As it is')).toBeVisible();
  await expect(page.getByText('With it')).toBeVisible();
  await expect(portraits(page)).toHaveCount(2);
  await accessible(page);
  await page.getByRole('button', { name: 'Drop it' }).press('Enter');
  await expect(page.getByText('With it')).toBeHidden();
  await page.getByRole('button', { name: 'Try it in week 5' }).press('Enter');
  await page.getByRole('button', { name: 'Keep it' }).press('Enter');
  const planned = page.getByRole('list', { name: 'Planned' });
  await expect(planned.getByRole('listitem').first()).toContainText('Pinch out the tips, Petunia, magenta');
  const week = planned.getByLabel('Week').first();
  await week.fill('7');
  await week.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo' }).first()).toHaveAttribute('title', /Move it to week 7/);
  await page.getByRole('button', { name: 'Undo' }).first().press('Enter');
  await page.getByRole('button', { name: 'Undo' }).first().press('Enter');
  await expect(planned).toBeHidden();
});

test('two weeks stand side by side, and let go', async ({ page }) => {
  const float = page.getByLabel('Week shown');
  await float.focus();
  await page.keyboard.press('End');
  await page.getByRole('button', { name: /^Hold week \d+ beside$/ }).press('Enter');
  await float.focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('figcaption')).toHaveText([/^Week 1$/, /^Week 2\d$/]);
  await expect(portraits(page)).toHaveCount(2);
  const [early, late] = [portraits(page).first(), portraits(page).last()];
  await expect(early).toHaveAttribute('aria-label', /week 1\b/);
  await expect(late).toHaveAttribute('aria-label', /week 2\d/);
  await page.getByRole('button', { name: /^Let week \d+ go$/ }).press('Enter');
  await expect(page.locator('figcaption')).toHaveCount(0);
});

test('a day to be ready for says what would have it ready, and does it', async ({ page }) => {
  const best = page.getByRole('region', { name: 'At its best' });
  await best.getByLabel('A day to be ready for').fill('2026-08-20');
  await best.getByLabel('A day to be ready for').press('Enter');
  await expect(best.getByRole('status')).toContainText('Its best weeks hold that day.');
  await best.getByLabel('A day to be ready for').fill('2026-06-24');
  await best.getByLabel('A day to be ready for').press('Enter');
  await expect(best.getByRole('status')).toContainText('That day lies outside its best weeks');
  await best.getByRole('button', { name: 'Look at that day' }).press('Enter');
  await expect(page.getByLabel('Week shown')).toHaveAttribute('aria-valuetext', /June/);
});

test('another year, and a chart with its table and file', async ({ page }) => {
  await page.getByLabel('Year').selectOption({ label: 'A hot summer, 3.5 °C over the ordinary' });
  await expect(page.getByText('A hot summer').first()).toBeVisible();
  const said = page.getByRole('region', { name: 'What if' }).getByRole('listitem');
  await expect(said.filter({ hasText: 'Petunia, magenta' })).toContainText(/as ever|more|less/);
  await page.getByRole('button', { name: 'Back to an ordinary year' }).press('Enter');
  const charts = page.getByRole('region', { name: 'Charts' });
  await charts.getByLabel('Chart').selectOption({ label: 'Flower, of all that is seen, by month' });
  await expect(charts.locator('svg')).toBeVisible();
  await charts.locator('summary').press('Enter');
  await expect(charts.getByRole('row', { name: /^July/ })).toContainText('%');
  await accessible(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    charts.getByRole('button', { name: 'Keep these figures as CSV' }).press('Enter'),
  ]);
  const text = readFileSync(await file.path(), 'utf8');
  expect(text).toMatch(/^month,.*Petunia, magenta/);
  expect(text.trim().split('\n').length).toBeGreaterThan(4);
});

test('stones open, each month tells its colours, and what is lost stands as an outline on the portrait', async ({
  page,
}) => {
  await page.getByRole('button', { name: /^Pinch .*petunia.*, \d+ June$/ }).press('Enter');
  const stone = page.getByRole('dialog', { name: /^Pinch .*petunia/ });
  await expect(stone).toContainText('side shoots');
  await stone.getByRole('button', { name: 'Look at week 3' }).press('Enter');
  await expect(page.getByLabel('Week shown')).toHaveAttribute('aria-valuetext', /^Week 3,/);
  const months = page.getByRole('region', { name: 'Colour by month' });
  await expect(months.getByRole('img', { name: /^holds.*Petunia, magenta, \d+ %/ }).first()).toBeVisible();
  await months.getByRole('button', { name: 'September' }).press('Enter');
  await expect(page.getByLabel('Week shown')).toHaveAttribute('aria-valuetext', /September/);
  await page.goto(COVERED);
  await grown(page);
  const who = page.getByRole('region', { name: 'Who covers whom' });
  await who
    .getByRole('button', { name: /^See what is lost/ })
    .first()
    .press('Enter');
  await expect(page.getByTestId('ghost')).toBeVisible();
  await page.getByLabel('Week shown').focus();
  await expect(page.getByTestId('ghost')).toBeHidden();
});

test('in the hand: what covers what, and what would help, in one column', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(COVERED);
  await grown(page);
  const who = page.getByRole('region', { name: 'Who covers whom' });
  await who.getByRole('button', { name: 'What would help?' }).first().press('Enter');
  const way = who.getByRole('button', { name: /behind$|nothing lost$/ }).first();
  await way.press('Enter');
  await expect(page.getByText('With it')).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).press('Enter');
  await expect(page.getByText('With it')).toBeHidden();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await accessible(page);
});
