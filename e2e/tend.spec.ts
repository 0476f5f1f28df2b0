import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import ICAL from 'ical.js';
import { accessible, grown, test } from './help';

const at = (pot: string) => `/pot/${pot}/tend`;

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

const part = (page: Page, name: string) => page.getByRole('radio', { name, exact: true });
const undo = (page: Page) => page.locator('[data-sonner-toast]').getByRole('button', { name: 'Undo' });

test('a July morning over the whole lido, by keyboard: watered, done, undone, shared out, and saved as a calendar', async ({
  page,
}) => {
  await page.getByRole('link', { name: 'Today’s jobs' }).press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Friday 10 July');
  await expect(page.getByRole('list', { name: 'Weather' }).getByRole('listitem').nth(4)).toContainText(/2[7-9]°|3\d°/);
  const steps = page.getByRole('region', { name: 'Entrance steps' });
  const pot = steps.getByRole('button', { name: 'Done: Left-hand pot, water it' });
  await pot.press('Enter');
  await expect(pot).toBeHidden();
  const window = page.getByRole('region', { name: 'Ticket-office window' });
  const deadhead = window.getByRole('button', { name: /^Done: Rail box, deadhead/ });
  await deadhead.press('Enter');
  await expect(deadhead).toBeHidden();
  await undo(page).first().press('Enter');
  await expect(deadhead).toBeVisible();
  const rota = page.getByRole('region', { name: 'Watering schedule' });
  for (const who of ['Ada', 'Bo']) {
    await rota.getByLabel('Person watering').fill(who);
    await rota.getByLabel('Person watering').press('Enter');
    await expect(rota.getByRole('list', { name: 'In the schedule' })).toContainText(who);
  }
  const rows = rota.getByRole('row');
  await expect(rows.nth(1)).toContainText('Ada');
  await expect(rows.nth(2)).toContainText('Bo');
  await expect(rows.nth(2)).toContainText(/\d+ L.*\d+ min/);
  await page.getByLabel('Place').selectOption('Café terrace');
  await expect(steps).toBeHidden();
  const [ics] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a calendar' }).press('Enter'),
  ]);
  const calendar = new ICAL.Component(ICAL.parse(readFileSync(await ics.path(), 'utf8')) as unknown[]);
  const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
  expect(events.length).toBeGreaterThan(10);
  expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
  expect(events.every((e) => /^(Old barrow|Oval tub): /.test(e.summary))).toBe(true);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Done: Left-hand pot, water it' })).toHaveCount(0);
});

test('the round in the hand: done with a thumb, nothing runs off the side', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/today');
  const done = page.getByRole('button', { name: /^Done: Old barrow, deadhead/ });
  await done.click();
  await expect(done).toBeHidden();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.goto(at('lido-terrace-barrow'));
  await expect(page.getByRole('region', { name: 'Jobs' })).not.toContainText('Deadhead snapdragon today');
  await page.getByRole('button', { name: 'I’ve watered it' }).click();
  await expect(page.getByRole('region', { name: 'Water', exact: true })).toContainText('filled today');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('away nine days: who dies, what would save them, and the timer that does', async ({ page }) => {
  await page.goto(at('lido-arcade-baskets'));
  await part(page, 'Away').press('Space');
  const away = page.getByRole('region', { name: 'Away' });
  await expect(away.getByLabel('Days away')).toHaveValue('9');
  await expect(away.getByRole('status')).toContainText(/\d+ plants would die|loses its flowers|lose their flowers/);
  await expect(away).toContainText('A neighbour who waters it every');
  await accessible(page);
  await away.getByRole('button', { name: 'Use this timer setting' }).press('Enter');
  await expect(away).toContainText('No plants are lost.');
  await away.getByLabel('Days away').fill('2');
  await away.getByLabel('Days away').press('Enter');
  await part(page, 'Today').press('Space');
  await page.getByText('Drip and probe').click();
  await expect(page.getByLabel('Drip timer, litres each morning')).not.toHaveValue('0');
  const probe = page.getByRole('checkbox', { name: 'It has a moisture probe' });
  await probe.click();
  await expect(probe).toBeChecked();
  await page.getByRole('button', { name: 'Read the probe' }).press('Enter');
  await expect(page.getByText(/^The probe says \d+%$/)).toBeVisible();
});

test('a change-over: what lasts stays, the gaps are filled, and all of it is undone', async ({ page }) => {
  test.slow();
  await page.goto(at('lido-boiler-bowl'));
  await part(page, 'Replant').press('Space');
  const over = page.getByRole('region', { name: 'Replant' });
  await over.getByRole('button', { name: 'Today', exact: true }).press('Enter');
  const list = over.getByRole('list', { name: 'What to keep and what to lift' });
  await expect(list.getByRole('listitem').filter({ hasText: 'Heuchera' })).toContainText('Keep');
  await expect(list.getByRole('listitem').filter({ hasText: 'Forget-me-not' })).toContainText('Onto the compost heap');
  await over.getByRole('button', { name: 'Fill the gaps' }).press('Enter');
  const ways = page.getByRole('region', { name: 'To fill the gaps' });
  await expect(ways.getByRole('button', { name: 'Use this plan' }).first()).toBeVisible({ timeout: 120_000 });
  await expect(ways).toContainText(/£\d+\.\d\d in plants, mix and feed/);
  await ways.getByRole('button', { name: 'Use this plan' }).first().press('Enter');
  await grown(page);
  await page.goto('/pot/lido-boiler-bowl/plants');
  await grown(page);
  await expect(page.getByRole('button', { name: /^Heuchera/ }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Forget-me-not/ })).toHaveCount(0);
  await page.goto('/pot/lido-boiler-bowl/make');
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toBeVisible();
  // Two of them stayed; a way may add two more, and then two are bought and not four.
  await expect(page.getByRole('row', { name: /Heuchera/ }).filter({ hasText: /[3-9] ×/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).first().press('Enter');
  await page.goto('/pot/lido-boiler-bowl/plants');
  await expect(page.getByRole('button', { name: /^Forget-me-not/ }).first()).toBeVisible();
});

test('a log with a photograph through a reload; a measure teaches the forecast, and is taken back', async ({
  page,
}) => {
  await page.goto(at('lido-ticket-box'));
  await part(page, 'Log').press('Space');
  const log = page.getByRole('region', { name: 'Log' });
  await log.getByRole('button', { name: 'Note or photograph' }).press('Enter');
  await log.getByLabel('What you see').fill('Slugs in the busy lizzies.');
  await page.getByLabel('Photograph', { exact: true }).setInputFiles('public/demo/bowl-week-6.jpg');
  await expect(log.getByRole('img', { name: 'The photograph chosen' })).toBeVisible();
  await log.getByRole('button', { name: 'Save entry' }).press('Enter');
  await expect(log.getByRole('img', { name: 'Slugs in the busy lizzies.' })).toBeVisible();
  await log.getByRole('button', { name: 'Measure' }).press('Enter');
  await log.getByLabel('Height above the soil').fill('60 cm');
  await log.getByLabel('Height above the soil').press('Tab');
  await log.getByRole('button', { name: 'Save entry' }).press('Enter');
  const measured = page.getByRole('region', { name: 'Measured' });
  await expect(measured).toContainText(/Wing-leaved begonia: \d+% taller/);
  await accessible(page);
  await page.reload();
  await part(page, 'Log').press('Space');
  await expect(log.getByRole('img', { name: 'Slugs in the busy lizzies.' })).toBeVisible();
  await expect(log.getByRole('listitem').first()).toContainText('60 cm high (predicted');
  await log.getByRole('button', { name: /^Remove from the log: .*60 cm/ }).press('Enter');
  await expect(measured.getByText(/taller/)).toBeHidden();
});

test('water that was counted teaches how much it drinks, keeps through a reload, and can be forgotten', async ({
  page,
}) => {
  await page.goto(at('lido-entrance-left'));
  const took = async (day: string, litres: string) => {
    await part(page, 'Log').press('Space');
    await page.getByRole('button', { name: 'Water used' }).press('Enter');
    await page.getByLabel('Day', { exact: true }).fill(day);
    await page.getByLabel('Litres until it ran from the base').fill(litres);
    await page.getByLabel('Litres until it ran from the base').press('Enter');
    await expect(page.getByRole('button', { name: 'Save entry' })).toBeHidden();
  };
  await took('2026-07-04', '2');
  await took('2026-07-06', '9');
  await part(page, 'Today').press('Space');
  const water = page.getByRole('region', { name: 'Water', exact: true });
  await expect(water).toContainText(/\d+% more than first predicted/);
  await page.reload();
  await expect(water).toContainText(/\d+% more than first predicted/);
  await part(page, 'Log').press('Space');
  await page.getByRole('button', { name: 'Use the first prediction' }).press('Enter');
  await part(page, 'Today').press('Space');
  await expect(water).not.toContainText('than first predicted');
});

test('days without a record are taken to be as in a year that was recorded', async ({ page }) => {
  await page.getByRole('link', { name: 'Today’s jobs' }).press('Enter');
  const ahead = page.getByRole('region', { name: 'Weather ahead' });
  const mine = page.getByRole('region', { name: 'Your weather' });
  const other = mine.getByLabel('Days you have no record of');
  await expect(other).toHaveCount(0);
  await mine.getByText('Add more days').click();
  const july = Array.from({ length: 31 }, (_, i) => `2025-07-${String(i + 1).padStart(2, '0')},36,19,0`);
  await mine
    .getByLabel('Or paste rows from a weather station or service')
    .fill(`date,high,low,rain\n${july.join('\n')}`);
  await mine.getByRole('button', { name: 'Add pasted days' }).press('Enter');
  await other.focus();
  await other.selectOption('as in 2025, 31 days recorded');
  await expect(other).toBeFocused();
  await expect(ahead).toContainText('Estimate, based on your own weather of 2025.');
  await expect(mine).toContainText('They bring no reminders of frost, gales or heavy rain');
  await expect(ahead.getByRole('listitem').first()).toHaveAccessibleName(/36°C by day.*as in 2025/);
  await page.reload();
  await expect(other).toHaveValue('2025');
  await accessible(page);
  await other.selectOption('from the simulated forecast');
  await expect(ahead).toContainText('Estimate, based on a simulated forecast.');
});

test('today’s weather typed in, more days pasted: what rests on them says so, and what is no weather is refused', async ({
  page,
}) => {
  await page.getByRole('link', { name: 'Today’s jobs' }).press('Enter');
  const ahead = page.getByRole('region', { name: 'Weather ahead' });
  await expect(ahead).toContainText('Estimate, based on a simulated forecast.');
  const mine = page.getByRole('region', { name: 'Your weather' });
  for (const [label, value] of [
    ['Today’s high, °C', '31'],
    ['Low, °C', '17'],
    ['Rain, mm', '0'],
  ] as const) {
    await mine.getByLabel(label).fill(value);
    await mine.getByLabel(label).press('Tab');
  }
  await mine.getByRole('button', { name: 'Save' }).press('Enter');
  await expect(ahead).toContainText('From your own weather since 10 July');
  await expect(mine.getByRole('button', { name: 'Save' })).toBeFocused();
  await mine.getByText('Add more days').click();
  const paste = mine.getByLabel('Or paste rows from a weather station or service');
  await paste.fill('day;tmax;tmin;rr\n2026-07-08;24,5;13;0\n2026-07-09;26;15;hail');
  await mine.getByRole('button', { name: 'Add pasted days' }).press('Enter');
  await expect(page.getByText('Row 3: rain “hail” must be mm, 0 or more.')).toBeVisible();
  await paste.fill('day;tmax;tmin;rr\n2026-07-08;24,5;13;0\n2026-07-09;26;15;1,2');
  await mine.getByRole('button', { name: 'Add pasted days' }).press('Enter');
  await expect(mine).toContainText('3 days of your own records.');
  await expect(ahead).toContainText('From your own weather since 8 July');
  await accessible(page);
});
