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
  await page.getByLabel('To which plant').selectOption({ label: 'Petunia, magenta' });
  await page.getByRole('button', { name: 'Try it in week 5' }).press('Enter');
  await expect(page.getByText('Now', { exact: true })).toBeVisible();
  await expect(page.getByText('With the change')).toBeVisible();
  await expect(portraits(page)).toHaveCount(2);
  await accessible(page);
  await page.getByRole('button', { name: 'Discard' }).press('Enter');
  await expect(page.getByText('With the change')).toBeHidden();
  await page.getByRole('button', { name: 'Try it in week 5' }).press('Enter');
  await page.getByRole('button', { name: 'Save this' }).press('Enter');
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
  await page.getByRole('button', { name: /^Compare with week \d+$/ }).press('Enter');
  await float.focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('figcaption')).toHaveText([/^Week 1$/, /^Week 2\d$/]);
  await expect(portraits(page)).toHaveCount(2);
  const [early, late] = [portraits(page).first(), portraits(page).last()];
  await expect(early).toHaveAttribute('aria-label', /^Week 1:/);
  await expect(late).toHaveAttribute('aria-label', /^Week 2\d/);
  await page.getByRole('button', { name: /^Stop comparing week \d+$/ }).press('Enter');
  await expect(page.locator('figcaption')).toHaveCount(0);
});

test('a day to be ready for says what would have it ready, and does it', async ({ page }) => {
  const best = page.getByRole('region', { name: 'At its best' });
  await best.getByLabel('A date to be at its best').fill('2026-08-20');
  await best.getByLabel('A date to be at its best').press('Enter');
  await expect(best.getByRole('status')).toContainText('That day falls in its best weeks.');
  await best.getByLabel('A date to be at its best').fill('2026-06-24');
  await best.getByLabel('A date to be at its best').press('Enter');
  await expect(best.getByRole('status')).toContainText('That day falls outside its best weeks');
  await best.getByRole('button', { name: 'Show that day' }).press('Enter');
  await expect(page.getByLabel('Week shown')).toHaveAttribute('aria-valuetext', /June/);
});

test('another year, and a chart with its table and file', async ({ page }) => {
  await page.getByLabel('Year').selectOption({ label: 'A hot summer, 3.5°C above average' });
  await expect(page.getByText('A hot summer').first()).toBeVisible();
  const said = page.getByRole('region', { name: 'What if' }).getByRole('listitem');
  await expect(said.filter({ hasText: 'Petunia, magenta' })).toContainText(/as usual|more|less/);
  await page.getByRole('button', { name: 'Back to an average year' }).press('Enter');
  const charts = page.getByRole('region', { name: 'Charts' });
  await charts.getByLabel('Chart').selectOption({ label: 'Flower, as a share of what you see, by month' });
  await expect(charts.locator('svg')).toBeVisible();
  await charts.locator('summary').press('Enter');
  await expect(charts.getByRole('row', { name: /^July/ })).toContainText('%');
  await accessible(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    charts.getByRole('button', { name: 'Save as CSV' }).press('Enter'),
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
  await expect(stone).toContainText('bushier plant');
  await stone.getByRole('button', { name: 'Go to week 3' }).press('Enter');
  await expect(page.getByLabel('Week shown')).toHaveAttribute('aria-valuetext', /^Week 3,/);
  const months = page.getByRole('region', { name: 'Colour by month' });
  await expect(months.getByRole('img', { name: /^on scheme.*Petunia, magenta, \d+%/ }).first()).toBeVisible();
  await months.getByRole('button', { name: 'September' }).press('Enter');
  await expect(page.getByLabel('Week shown')).toHaveAttribute('aria-valuetext', /September/);
  await page.goto(COVERED);
  await grown(page);
  const who = page.getByRole('region', { name: 'Plants shading each other' });
  await who
    .getByRole('button', { name: /^Show the effect/ })
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
  const who = page.getByRole('region', { name: 'Plants shading each other' });
  await who.getByRole('button', { name: 'What would help?' }).first().press('Enter');
  const way = who.getByRole('button', { name: /behind$|no loss$/ }).first();
  await way.press('Enter');
  await expect(page.getByText('With the change')).toBeVisible();
  await page.getByRole('button', { name: 'Save this' }).press('Enter');
  await expect(page.getByText('With the change')).toBeHidden();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await accessible(page);
});
