import { expect, type Page } from '@playwright/test';
import { pot, sun } from '../src/core/testing/pots';
import { accessible, EMPTY, test } from './help';

const focused = (page: Page) =>
  page.evaluate(() => document.activeElement?.id || document.activeElement?.textContent?.trim() || 'nothing');

test('with everything left as it stands a small basket gets a choice, and the way there loses no focus', async ({
  page,
}) => {
  await page.goto(EMPTY);
  await page.getByRole('main').getByRole('button', { name: 'Add a container' }).press('Enter');
  await expect(page).toHaveURL(/\/spot$/);
  await expect(page).toHaveTitle('New container, Spot · Rillbank');
  await expect.poll(() => focused(page)).toBe('work');
  await page.getByRole('link', { name: 'Next: the container' }).press('Enter');
  await expect(page).toHaveTitle('New container, Container · Rillbank');
  await expect.poll(() => focused(page)).not.toBe('nothing');
  await page.getByLabel('Shape').selectOption({ label: 'Hanging basket' });
  await page.getByLabel('Standard size').selectOption({ index: 0 });
  await page.getByRole('navigation').getByRole('link', { name: 'Plants' }).press('Enter');
  await expect(page.getByLabel('Arrangement')).toHaveValue('level-dome');
  await page.getByRole('button', { name: 'Compose', exact: true }).press('Enter');
  await expect(page.getByText(/^\d proposals$/)).toBeVisible();
  expect(await page.getByRole('radio', { name: /^Proposal \d/ }).count()).toBeGreaterThanOrEqual(4);
  await expect.poll(() => focused(page)).toBe('work');
  await page.getByRole('button', { name: /^Use proposal 1/ }).press('Enter');
  await expect(page.getByRole('meter')).toHaveCount(5);
  await expect.poll(() => focused(page)).not.toBe('nothing');
  await accessible(page);
});

test('a brief that nothing answers names what to change and goes there', async ({ page }) => {
  await page.goto(EMPTY);
  const spot = sun([], { children: true, cats: true, dogs: true, coldestWinterC: -40 });
  const { brief } = pot();
  await page.getByLabel('Backup or planting file').setInputFiles({
    name: 'hard.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(pot({ id: 'hard', name: 'Hard', spot, brief: { ...brief, lasting: true } }))),
  });
  await page.getByRole('link', { name: /Hard/ }).first().click();
  await page.getByRole('button', { name: 'Compose', exact: true }).click();
  await expect(page.getByText('Nothing fits yet')).toBeVisible();
  await accessible(page);
  await page
    .getByRole('main')
    .getByRole('link', { name: /^(Change|Check|Choose)/ })
    .click();
  await expect(page).toHaveURL(/\/(spot|container)$/);
});

test('two clicks start one container, and the keyboard skips to the work', async ({ page }) => {
  await page.goto(EMPTY);
  await page.getByRole('main').getByRole('button', { name: 'Add a container' }).dblclick();
  await expect(page).toHaveURL(/\/spot$/);
  await page.reload();
  await expect(page.getByLabel('Place')).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to main content' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect.poll(() => focused(page)).toBe('work');
  const kept = await page.evaluate(
    () =>
      new Promise<number>((done) => {
        const asked = indexedDB.open('rillbank');
        asked.onsuccess = () => {
          const count = asked.result.transaction('plantings').objectStore('plantings').count();
          count.onsuccess = () => done(count.result);
        };
      }),
  );
  expect(kept).toBe(1);
});

test('with the keyboard alone a first pot takes no more than forty presses, and what was found outlives a reload', async ({
  page,
}) => {
  await page.goto(EMPTY);
  await expect(page.getByRole('heading', { name: 'Your bench is empty' })).toBeVisible();
  let presses = 0;
  const press = async (key: string) => {
    await page.keyboard.press(key);
    presses += 1;
  };
  /** Tab until something of that name is reached, then Enter. */
  const enter = async (name: RegExp) => {
    const here = () =>
      page.evaluate(
        () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
      );
    while (!name.test((await here()).trim())) {
      expect(presses).toBeLessThan(80);
      await press('Tab');
    }
    await press('Enter');
  };
  const atWork = () => expect.poll(() => page.evaluate(() => document.activeElement?.id)).toBe('work');
  await enter(/^Add a container$/);
  await atWork();
  await enter(/^Next: the container$/);
  await expect(page).toHaveURL(/\/container$/);
  // The page before it may still have the focus for a moment.
  await expect(page.getByRole('link', { name: 'Next: the plants' })).toBeVisible();
  await atWork();
  await enter(/^Next: the plants$/);
  await expect(page).toHaveURL(/\/plants$/);
  await atWork();
  await enter(/^Compose$/);
  await expect(page.getByText(/^\d proposals$/)).toBeVisible();
  await atWork();

  const reasons = () =>
    page.getByRole('radio', { name: /^Proposal \d/ }).evaluateAll((all) => all.map((b) => b.ariaLabel));
  const found = await reasons();
  await page.reload();
  await expect(page.getByText(/^\d proposals$/)).toBeVisible();
  await expect.poll(reasons).toEqual(found);
  await page.getByRole('link', { name: 'Library', exact: true }).click();
  await expect(page).toHaveURL(/\/library/);
  await page.goBack();
  await expect(page).toHaveURL(/\/plants$/);
  await expect.poll(reasons).toEqual(found);
  await atWork();

  await enter(/^Use proposal 1/);
  await expect(page.getByRole('meter')).toHaveCount(5);
  expect(presses).toBeLessThanOrEqual(40);
  // Another may still be looked at, and taken instead.
  await page.getByRole('button', { name: `See the ${found.length} proposals again` }).click();
  await page.getByRole('radio', { name: /^Proposal 1/ }).press('ArrowRight');
  await page.getByRole('button', { name: /^Use proposal 2/ }).click();
  await expect(page.getByRole('meter')).toHaveCount(5);
});

test('a container that was started and left untouched is on no shelf; its list says that nothing is planted', async ({
  page,
}) => {
  await page.goto(EMPTY);
  await page.getByRole('main').getByRole('button', { name: 'Add a container' }).click();
  await expect(page).toHaveURL(/\/spot$/);
  await page.getByRole('navigation').getByRole('link', { name: 'Plant up' }).click();
  await expect(page.getByText('for one container, not planted yet')).toBeVisible();
  await page.getByRole('link', { name: 'Rillbank, to the bench' }).click();
  await expect(page.getByRole('heading', { name: 'Your bench is empty' })).toBeVisible();
  await page.goBack();
  await page.getByRole('main').getByRole('link', { name: 'Compose one' }).click();
  await page.getByRole('navigation').getByRole('link', { name: 'Container' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Mine');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(page.getByText(/^Saved \d/)).toBeVisible();
  await page.getByRole('link', { name: 'Rillbank, to the bench' }).click();
  await expect(page.getByRole('button', { name: 'More for Mine' })).toBeVisible();
});

test('what has the focus keeps it when it is moved or off for a moment', async ({ page }) => {
  await page.goto('/');
  const add = page.getByRole('banner').getByRole('button', { name: 'Add a container' });
  await add.focus();
  await add.evaluate((e: HTMLButtonElement) => e.parentElement?.append(e));
  await expect(add).toBeFocused();
  await add.evaluate((e: HTMLButtonElement) => {
    e.disabled = true;
    requestAnimationFrame(() => requestAnimationFrame(() => (e.disabled = false)));
  });
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  await expect(add).toBeFocused();
});
