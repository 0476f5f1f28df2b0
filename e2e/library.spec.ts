import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { accessible, EMPTY, grown, test } from './help';

const FOR_POT = '/library?for=lido-entrance-left';
const shelf = (page: Page) => page.getByRole('list', { name: 'Plants' });
const onShelf = (page: Page, name: string | RegExp) => shelf(page).getByRole('button', { name });
const count = (page: Page) => page.getByRole('region', { name: 'Plants' }).getByRole('status');

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('a plant is found though misspelt, is drawn, and says whether it would live in the pot', async ({ page }) => {
  await page.goto(FOR_POT);
  await expect(count(page)).toHaveText(/^\d+ plants$/);
  await page.keyboard.press('/');
  await page.keyboard.type('petuina');
  await expect(count(page)).toHaveText(/^2\d plants of \d+/);
  await onShelf(page, /^Petunia, magenta/).click();
  const sheet = page.getByRole('article', { name: 'Petunia, magenta' });
  await expect(sheet.getByRole('img', { name: /^Petunia, magenta, 26 cm tall/ })).toBeVisible();
  await expect(sheet.getByText('Suits Left-hand pot')).toBeVisible();
  await expect(sheet.getByRole('img', { name: /^In flower in .*July/ })).toBeVisible();
  await accessible(page);
  await page.getByLabel('Search plants').fill('fern');
  await onShelf(page, /Ruled out: It needs/)
    .first()
    .click();
  await expect(page.getByText('Does not suit Left-hand pot')).toBeVisible();
  await page.getByLabel('Search plants').fill('zzzz');
  await expect(page.getByRole('heading', { name: 'No plants match' })).toBeVisible();
});

test('shelves are narrowed down by what is asked, walked by arrow keys, and asked for whole again', async ({
  page,
}) => {
  await page.goto(FOR_POT);
  const n = async () => Number(/^([\d,]+)/.exec((await count(page).textContent()) ?? '')?.[1]?.replace(',', '') ?? NaN);
  await expect(count(page)).toHaveText(/^\d+ plants$/);
  const all = await n();
  await page.getByRole('button', { name: 'Spiller' }).click();
  await expect.poll(n).toBeLessThan(all);
  const spillers = await n();
  await page.getByRole('checkbox', { name: 'blue' }).press('Space');
  await expect.poll(n).toBeLessThan(spillers);
  await page.getByRole('switch', { name: 'Safe for cats and dogs' }).click();
  await page.getByLabel('To', { exact: true }).fill('20');
  await page.getByLabel('To', { exact: true }).press('Enter');
  await expect.poll(n).toBeGreaterThan(0);
  const first = shelf(page).getByRole('button').first();
  await first.focus();
  await first.press('Enter');
  await page.keyboard.press('ArrowRight');
  await expect(shelf(page).getByRole('button').nth(1)).toHaveAttribute('aria-pressed', 'true');
  await expect(shelf(page).getByRole('button').nth(1)).toBeFocused();
  await page.getByRole('button', { name: 'Clear filters' }).click();
  await expect.poll(n).toBe(all);
  await page.getByRole('switch', { name: 'Only plants that suit it' }).click();
  await expect.poll(n).toBeLessThan(all);
});

test('four are compared at one scale; a fifth is not', async ({ page }) => {
  await page.goto('/library');
  for (const [typed, name] of [
    ['cordyline', /^Cordyline, wine red/],
    ['coleus lime', /^Coleus, lime/],
    ['heuchera', /^Heuchera/],
    ['dichondra', /Dichondra/],
  ] as const) {
    await page.getByLabel('Search plants').fill(typed);
    // The shelves move while what was typed is looked for.
    const more = page.getByRole('button', { name: 'Compare', exact: true });
    await expect(async () => {
      await onShelf(page, name).first().click();
      await expect(more).toBeVisible({ timeout: 4000 });
    }).toPass();
    await more.click();
  }
  await page.getByLabel('Search plants').fill('ivy');
  await onShelf(page, /^Ivy/).first().click();
  await expect(page.getByRole('button', { name: 'You can compare up to four' })).toBeDisabled();
  await page.getByRole('button', { name: 'Compare 4' }).click();
  const compare = page.getByRole('region', { name: 'Compare' });
  await expect(compare.getByRole('columnheader')).toHaveCount(4);
  await expect(compare.getByRole('row', { name: /^Height when grown 40–75 cm/ })).toBeVisible();
  // True to one scale: the pictures' heights stand to each other as what is in them does.
  const tall = async (name: RegExp) => {
    const img = compare.getByRole('img', { name });
    const said = Number(/(\d+) cm tall/.exec((await img.getAttribute('alt')) ?? '')?.[1]);
    return { said, px: (await img.boundingBox())?.height ?? 0 };
  };
  await expect(compare.getByRole('img', { name: /cm tall at its peak/ })).toHaveCount(4);
  const [a, b] = [await tall(/^Cordyline/), await tall(/^Coleus/)];
  expect(a.said).toBeGreaterThan(b.said);
  expect(a.px).toBeGreaterThan(b.px);
  await accessible(page);
  await compare.getByRole('button', { name: 'Remove Coleus, lime' }).click();
  await expect(compare.getByRole('columnheader')).toHaveCount(3);
});

test('a plant of one’s own is added from its tag, composed with, corrected in its pot, and deleted with undo', async ({
  page,
}) => {
  await page.goto(FOR_POT);
  await page.getByRole('button', { name: 'Add a plant' }).click();
  const form = page.getByRole('dialog', { name: 'Add a plant from its label' });
  await form.getByRole('button', { name: 'Add to my plants' }).click();
  await expect(form.getByText('Enter a name.').first()).toBeVisible();
  await form.getByLabel('Common name').fill('Petunia');
  await form.getByLabel('Variety').fill('double apricot');
  await expect(form.getByText(/Other details are copied from Petunia/)).toBeVisible();
  await form.getByLabel('Height when grown').fill('tall');
  await form.getByLabel('Height when grown').press('Tab');
  await expect(form.getByText(/is not a length\. Use the form 30–60 cm/)).toBeVisible();
  await form.getByLabel('Height when grown').fill('10-14 in');
  await form.getByLabel('Flower colour').fill('#f4b183');
  await form.getByLabel('Photograph').setInputFiles({
    name: 'tag.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    ),
  });
  await expect(form.getByRole('img', { name: 'Photograph' })).toBeVisible();
  await form.getByText(/^Everything else/).click();
  await form.getByLabel('After flowering').selectOption('seed heads');
  const shown = form.getByRole('toolbar', { name: 'Shown in' });
  for (const month of ['October', 'November']) await shown.getByRole('button', { name: month }).click();
  await accessible(page);
  await form.getByRole('button', { name: 'Add to my plants' }).click();
  const sheet = page.getByRole('article', { name: 'Petunia, double apricot' });
  await sheet.getByText('Leaf, flower and visitors').click();
  await expect(sheet.getByText('seed heads in Sep')).toBeVisible();
  await expect(sheet.getByText('25–36 cm')).toBeVisible();
  await expect(sheet.getByRole('img', { name: 'Your photograph of Petunia, double apricot' })).toBeVisible();
  // Into the pot it was looked at for.
  await sheet.getByRole('link', { name: 'Add to Left-hand pot' }).click();
  const add = page.getByRole('dialog', { name: 'Add a plant' });
  await add.getByRole('button', { name: 'Add Petunia, double apricot' }).click();
  const fullUp = add.getByText(/does not fit/);
  const inPot = page.getByRole('button', { name: /^Petunia double apricot/ });
  await expect(inPot.or(fullUp)).toBeVisible();
  if (await fullUp.isVisible()) {
    await add.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('button', { name: /^Petunia magenta/ }).click();
    await page.getByRole('button', { name: 'Remove' }).click();
    await page.getByRole('button', { name: 'Add a plant' }).click();
    await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('double apricot');
    await page
      .getByRole('dialog')
      .getByRole('button', { name: /^Add Petunia, double apricot/ })
      .click();
  }
  await expect(inPot).toBeVisible();
  await page.reload();
  await expect(inPot).toBeVisible();
  // Changed in the library, it is changed in the pot.
  await page.getByRole('link', { name: 'Library' }).click();
  await page.getByRole('switch', { name: 'My plants' }).click();
  const change = page.getByRole('button', { name: 'Edit' });
  // The shelves close up to what is one's own: what moves while it is pressed is pressed again.
  await expect(async () => {
    await onShelf(page, /^Petunia, double apricot/).click();
    await expect(change).toBeVisible({ timeout: 3000 });
  }).toPass();
  await change.click();
  await page.getByRole('dialog').getByLabel('Variety').fill('double peach');
  await page.getByRole('dialog').getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByText(/1 container updated/)).toBeVisible();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(count(page)).toHaveText(/^0 plants/);
  await page.getByRole('listitem').filter({ hasText: 'deleted' }).getByRole('button', { name: 'Undo' }).click();
  await expect(count(page)).toHaveText(/^1 plant /);
  await page.goto('/pot/lido-entrance-left/plants');
  await expect(page.getByRole('button', { name: /^Petunia double peach/ })).toBeVisible();
});

test('a shipped plant is corrected for oneself and brought back', async ({ page }) => {
  await page.goto(FOR_POT);
  await page.getByLabel('Search plants').fill('calibrachoa orange');
  await onShelf(page, /^Calibrachoa, orange/).click();
  await page.getByRole('button', { name: 'Correct' }).click();
  const form = page.getByRole('dialog', { name: 'Correct Calibrachoa, orange' });
  await form.getByLabel('Height when grown').fill('30-40');
  await form.getByRole('button', { name: 'Save changes' }).click();
  const sheet = page.getByRole('article', { name: 'Calibrachoa, orange' });
  await expect(sheet.getByText('30–40 cm')).toBeVisible();
  await sheet.getByRole('button', { name: 'Restore the original' }).click();
  await expect(sheet.getByText('15–23 cm')).toBeVisible();
});

test('a spreadsheet is matched, looked at and added; its bad rows are told and nothing is half kept', async ({
  page,
}) => {
  await page.goto(`${EMPTY}/library`);
  const rows = Array.from({ length: 200 }, (_, i) =>
    i % 20 === 7 ? `Petunia,no ${i},blurple,30-40,full sun` : `Petunia,no ${i},rose pink,30-40,full sun`,
  );
  const file = {
    name: 'nursery.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Plant name,Form,Colour,Height (cm),Exposure\n${rows.join('\n')}\n`),
  };
  await page.getByLabel('File of plants').setInputFiles(file);
  const dialog = page.getByRole('dialog', { name: 'Plants from nursery.csv' });
  await expect(dialog.getByText(/^200 rows/)).toBeVisible();
  await expect(dialog.getByLabel('Meaning of Colour')).toHaveValue('flower_colour');
  await expect(dialog.getByLabel('Meaning of Form')).toHaveValue('variety');
  await dialog.getByLabel('Meaning of Plant name').selectOption({ label: 'ignore' });
  await expect(dialog.getByRole('button', { name: /^Read 4 columns/ })).toBeDisabled();
  await dialog.getByLabel('Meaning of Plant name').selectOption({ label: 'Common name' });
  await accessible(page);
  await dialog.getByRole('button', { name: 'Read 5 columns' }).click();
  await expect(dialog.getByRole('status')).toHaveText(/190 plants can be added; 10 rows cannot be read/);
  await expect(dialog.getByText('Row 9')).toBeVisible();
  await expect(
    dialog.getByText(/Colour: “blurple” is not a colour\. Use a name such as rose pink/).first(),
  ).toBeVisible();
  const [left] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'Save skipped rows' }).click(),
  ]);
  expect(
    readFileSync((await left.path()) ?? '', 'utf8')
      .trim()
      .split('\n'),
  ).toHaveLength(11);
  await accessible(page);
  // Closed before the last step, nothing is kept.
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(count(page)).toHaveText(/^\d+ plants$/);
  await page.getByLabel('File of plants').setInputFiles(file);
  await dialog.getByRole('button', { name: 'Read 5 columns' }).click();
  await dialog.getByRole('button', { name: 'Add 190 plants, skip 10 rows' }).click();
  await expect(count(page)).toHaveText(/190 of them yours/);
  // Out and in again: the same plants.
  const save = async (item: string) => {
    await page.getByRole('button', { name: 'Files' }).click();
    const [out] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: item }).click(),
    ]);
    return readFileSync((await out.path()) ?? '', 'utf8');
  };
  const csv = await save('Save my plants as CSV');
  expect(csv.trim().split('\r\n')).toHaveLength(191);
  const json = JSON.parse(await save('Save my plants as JSON, with photographs')) as {
    format: string;
    plants: unknown[];
  };
  expect([json.format, json.plants.length]).toEqual(['rillbank.plants', 190]);
  await page
    .getByLabel('File of plants')
    .setInputFiles({ name: 'my-plants.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await page.getByRole('button', { name: /^Read \d+ columns/ }).click();
  await expect(page.getByRole('status').filter({ hasText: '190 plants can be added' })).toHaveText(
    /190 plants would replace/,
  );
  await page.getByRole('button', { name: 'Add 190 plants' }).click();
  await expect(count(page)).toHaveText(/190 of them yours/);
});

test('files of plants that are none are refused and change nothing', async ({ page }) => {
  await page.goto(`${EMPTY}/library`);
  await expect(count(page)).toHaveText(/^\d+ plants$/);
  for (const [name, body, says] of [
    ['a.json', '{"format":"rillbank.plants","version":9,"plants":[]}', /version 9/],
    ['b.json', '{"format":"rillbank.plants"', /file is incomplete|not a JSON file/],
  ] as const) {
    await page
      .getByLabel('File of plants')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });
    await expect(page.getByText(says).first()).toBeVisible();
  }
  await page
    .getByLabel('File of plants')
    .setInputFiles({ name: 'c.csv', mimeType: 'text/csv', buffer: Buffer.from('hello') });
  await expect(page.getByRole('alert').filter({ hasText: 'no table' })).toHaveText(/No plants were added/);
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(count(page)).toHaveText(/^\d+ plants$/);
});

test('stock is asked for and kept to; what is out gets a stand-in, on a phone at the nursery', async ({ page }) => {
  await page.goto(FOR_POT);
  await page.getByRole('button', { name: 'Nursery stock' }).click();
  const panel = page.getByRole('dialog', { name: 'Nursery stock' });
  await panel.getByRole('button', { name: 'Load the sample stock list' }).click();
  await expect(panel.getByText(/\d+ out of stock/)).toBeVisible();
  await accessible(page);
  await panel.getByLabel('Stock list').setInputFiles({
    name: 'corner.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'plant,start,price,available\n"Cordyline, wine red",1 L,7,0\ntriffid,9 cm,2,3\n"Dracaena, green spikes",1 L,6,2\n"Coleus, lime",9 cm,2.20,40\n',
    ),
  });
  await expect(panel.getByText(/Row 3: “triffid” is not in the library/)).toBeVisible();
  await panel.getByRole('button', { name: 'Load the sample stock list' }).click();
  await panel.getByRole('switch', { name: /Use only plants in stock/ }).click();
  await panel.getByRole('button', { name: 'Close' }).click();
  await expect(count(page)).toHaveText(/in stock at Kelp Street plant barrow/);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/pot/lido-entrance-left/make');
  await expect(page.getByText(/in stock|only \d+ in stock|out|not listed/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Find a substitute for Petunia, magenta' }).click();
  const dialog = page.getByRole('dialog', { name: /^Substitutes for Petunia, magenta/ });
  await expect(dialog.getByRole('status')).toHaveText(/closest matches, all in stock at Kelp Street plant barrow/);
  const first = dialog.getByRole('list', { name: 'Substitutes' }).getByRole('listitem').first();
  await expect(first).toContainText(/colour/);
  await accessible(page);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const name = ((await first.getByRole('button').getAttribute('aria-label')) ?? '').replace('Use ', '');
  await first.getByRole('button').click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('button', { name: `Find a substitute for ${name}` })).toBeVisible();
  await page.getByRole('button', { name: 'Pages: Plant up' }).click();
  await page.getByRole('menuitem', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: 'Find a substitute for Petunia, magenta' })).toBeVisible();
});

test('five thousand plants are scrolled and searched without more than a few shelves in the page', async ({ page }) => {
  await page.goto(`${EMPTY}/library`);
  const rows = Array.from({ length: 4600 }, (_, i) => `Petunia,number ${i},rose pink`);
  await page.getByLabel('File of plants').setInputFiles({
    name: 'many.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`name,variety,colour\n${rows.join('\n')}\n`),
  });
  await page.getByRole('button', { name: 'Read 3 columns' }).click();
  await page.getByRole('button', { name: 'Add 4,600 plants' }).click();
  await expect(count(page)).toHaveText(/^5,\d\d\d plants, 4,600 of them yours/);
  expect(await shelf(page).getByRole('button').count()).toBeLessThan(80);
  await page.getByLabel('Search plants').fill('number 4321');
  await expect(onShelf(page, /^Petunia, number 4321/)).toBeVisible();
  await page.getByLabel('Search plants').fill('');
  await expect(count(page)).toHaveText(/^5,\d\d\d plants, 4,600 of them yours/);
  await expect(onShelf(page, /^Petunia, number 0,/)).toBeVisible();
  await shelf(page)
    .locator('..')
    .evaluate((el) => el.scrollTo(0, el.scrollHeight));
  await expect(onShelf(page, /^Zinnia/).last()).toBeVisible();
  expect(await shelf(page).getByRole('button').count()).toBeLessThan(80);
});

test('on a phone the library is narrowed down and read by thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(FOR_POT);
  await expect(count(page)).toHaveText(/^\d+ plants$/);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByRole('button', { name: 'Filter' }).click();
  await page.getByRole('button', { name: 'Thriller' }).click();
  await page.getByRole('button', { name: 'Filter (1)' }).click();
  await shelf(page).getByRole('button').first().click();
  await expect(page.getByRole('article')).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Close' }).click();
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
});
