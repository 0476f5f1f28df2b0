import { expect, type Page, type Worker } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import { newPlacement } from '../src/core/plantings/fresh';
import { pot } from '../src/core/testing/pots';
import { accessible, EMPTY, grown, pixelsNear, test } from './help';

const POT = '/pot/lido-entrance-left';
const put = (page: Page, id: string, planting: string) =>
  page.evaluate(
    ([key, row]) =>
      new Promise<void>((done, fail) => {
        const open = indexedDB.open('rillbank');
        open.onerror = () => fail(new Error('the database did not open'));
        open.onsuccess = () => {
          const tx = open.result.transaction('plantings', 'readwrite');
          tx.objectStore('plantings').put({
            id: key,
            place: 'Shed',
            updatedAt: 1,
            planting: JSON.parse(row) as unknown,
          });
          tx.oncomplete = () => done();
        };
      }),
    [id, planting] as const,
  );

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
});

test('a year half typed into “Plant on” is not kept, and the bench stands', async ({ page }) => {
  await page.goto(`${POT}/plants`);
  await grown(page);
  await page.getByRole('button', { name: 'Compose again' }).click();
  const day = page.getByLabel('Planting date');
  for (const wrong of ['0202-05-14', '0026-05-14', '0002-05-14']) {
    await day.fill(wrong);
    await expect(day).toHaveValue(wrong);
    await day.blur();
  }
  await expect(page.getByText('Choose a date between 2000 and 2100.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'More for Left-hand pot', exact: true })).toBeVisible();
  await expect(page.getByText('Planted 14 May. No concerns.').first()).toBeVisible();
});

test('a container that cannot be read is told, saved as a file, and deleted; the others stand', async ({ page }) => {
  await put(
    page,
    'odd-one',
    JSON.stringify({ format: 'rillbank.planting', version: 2, name: 'Odd one', startDate: '0026-05-14' }),
  );
  await page.reload();
  const told = page.getByRole('alert').filter({ hasText: 'One container could not be read' });
  await expect(told).toContainText('Odd one');
  await expect(page.getByRole('button', { name: 'More for Left-hand pot', exact: true })).toBeVisible();
  await accessible(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    told.getByRole('button', { name: 'Save Odd one as a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('odd-one-as-stored.json');
  await told.getByRole('button', { name: 'Delete Odd one' }).click();
  await expect(told).toBeHidden();
  await page.reload();
  await expect(page.getByRole('button', { name: 'More for Left-hand pot', exact: true })).toBeVisible();
});

test('a container saved by a newer Rillbank opens, says so, and loses nothing when it is edited and saved', async ({
  page,
}, info) => {
  await page.goto(EMPTY);
  const deed = { id: 'd7', what: 'slug-hunt', to: null, on: '2026-07-01', done: null, leave: 0.5 };
  const petunia = newPlacement('p1', { plant: 'petunia-violet', start: 'p9', xMm: 0, yMm: 0, role: 'filler' });
  const planting = {
    ...pot({ id: 'newer', name: 'Newer', placements: [petunia], nextId: 9 }),
    minor: 1,
    scented: true,
    deeds: [deed],
  };
  await page.getByLabel('Backup or planting file').setInputFiles({
    name: 'newer.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(planting)),
  });
  await page.getByRole('link', { name: /Newer/ }).first().click();
  await expect(page.getByText('Saved by a newer Rillbank: 2 things in it cannot be shown here.')).toBeVisible();
  await accessible(page);
  await page.goto(`${EMPTY}/pot/newer/spot`);
  const place = page.getByLabel('Place');
  await place.fill('Shed door');
  await place.blur();
  await expect(page.getByText(/^Saved \d/)).toBeVisible();
  await page.getByRole('link', { name: 'Rillbank, to the bench' }).click();
  const [backup] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  const path = info.outputPath('backup.zip');
  await backup.saveAs(path);
  const file = unzipSync(readFileSync(path))['containers/newer.json'] ?? new Uint8Array();
  expect(JSON.parse(strFromU8(file))).toMatchObject({
    minor: 1,
    spot: { name: 'Shed door' },
    later: [
      { at: ['scented'], is: true },
      { at: ['deeds'], is: deed },
    ],
  });
});

test('a rim typed digit by digit leaves the base alone, one typed too wide is clamped and told, and a reload keeps what is half typed', async ({
  page,
}) => {
  await page.goto(`${POT}/container`);
  const [rim, base] = [page.getByLabel('Rim', { exact: true }), page.getByLabel('Base', { exact: true })];
  const was = await base.inputValue();
  await rim.click();
  await rim.press('Control+a');
  await rim.pressSequentially('1000 mm', { delay: 30 });
  await expect(base).toHaveValue(was);
  await rim.press('Enter');
  await expect(rim).toHaveValue('100 cm');
  await expect(base).toHaveValue(was);
  await rim.fill('9 m');
  await rim.press('Enter');
  await expect(rim).toHaveValue('200 cm');
  await expect(page.getByText('Maximum 200 cm.')).toBeVisible();
  await rim.fill('44 c');
  await page.reload();
  await expect(rim).toHaveValue('44 c');
  await rim.press('Escape');
  await expect(rim).toHaveValue('200 cm');
  await expect(page.getByText(/^Saved \d\d:\d\d$/)).toBeHidden();
});

test('two tabs change two things and both are kept; undo here leaves what was done there', async ({
  page,
  context,
}) => {
  await page.goto(`${POT}/container`);
  const other = await context.newPage();
  await other.goto(`${POT}/spot`);
  await other.getByLabel('Place').fill('Steps by the gate');
  await page.getByLabel('Name', { exact: true }).fill('Gate pot');
  await other.getByLabel('Place').press('Enter');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  for (const tab of [page, other]) await expect(tab.getByText('Steps by the gate / Gate pot')).toBeVisible();
  await expect(page.getByText(/^Saved \d\d:\d\d$/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  for (const tab of [page, other]) await expect(tab.getByText('Steps by the gate / Left-hand pot')).toBeVisible();
});

test('what the browser will not keep stays on the screen, can be saved as a file, and is kept when there is room', async ({
  page,
}) => {
  await page.goto(`${POT}/container`);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    Object.assign(window, { roomAgain: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Name', { exact: true }).fill('Gate pot');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(page.getByText('No room left to save')).toBeVisible();
  await expect(page.getByRole('banner').getByText('Not saved')).toBeVisible();
  await accessible(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('banner').getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('gate-pot-planting.json');
  await page.evaluate(() => (window as unknown as { roomAgain: () => void }).roomAgain());
  await page.getByRole('banner').getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText(/^Saved \d\d:\d\d$/)).toBeVisible();
  await page.reload();
  await expect(page.getByText('Entrance steps / Gate pot')).toBeVisible();
  // The way back outlives the reload too.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Entrance steps / Left-hand pot')).toBeVisible();
});

test('the diary of the demonstration is open in July, says so, and opens on the real day', async ({ page }) => {
  await expect(page.getByText('Showing 10 July 2026.')).toBeVisible();
  await page.getByRole('button', { name: 'Use today’s date' }).click();
  await expect(page.getByText(/Showing/)).toBeHidden();
  await page.getByRole('button', { name: 'Settings' }).click();
  const day = page.getByLabel('Show Rillbank as on');
  await day.fill('2026-08-01');
  await day.press('Enter');
  await expect(page.getByText('Showing 1 August 2026.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Showing 1 August 2026.')).toBeVisible();
});

/** The worker that draws, holding what it draws with: caught at its next picture. */
async function easelOf(page: Page): Promise<Worker> {
  const workers = page.workers();
  await Promise.all(
    workers.map((w) =>
      w.evaluate(() => {
        const of = WebGL2RenderingContext.prototype;
        const own = of.drawElements;
        of.drawElements = function (this: WebGL2RenderingContext, ...asked: Parameters<typeof own>) {
          Object.assign(globalThis, { gl: this });
          own.apply(this, asked);
        };
      }),
    ),
  );
  await page.getByRole('img', { name: /^Week \d/ }).press('ArrowRight');
  const holds = () => Promise.all(workers.map((w) => w.evaluate(() => 'gl' in globalThis)));
  let draws = -1;
  await expect.poll(async () => (draws = (await holds()).indexOf(true))).toBeGreaterThanOrEqual(0);
  return workers[draws] as Worker;
}

test('a picture that the graphics chip lets go of is painted meanwhile, and comes back', async ({ page }) => {
  await page.goto(`${POT}/plants`);
  await grown(page);
  /** Magenta of the petunia: there is a picture. */
  const drawn = () => expect.poll(() => pixelsNear(page, [200, 20, 110], 110)).toBeGreaterThan(300);
  await drawn();
  const said = page.getByText(/^3D graphics stopped/);
  for (const again of [true, false]) {
    const easel = await easelOf(page);
    await easel.evaluate((comesBack) => {
      const { gl } = globalThis as { gl?: WebGL2RenderingContext };
      const ext = gl?.getExtension('WEBGL_lose_context');
      ext?.loseContext();
      if (comesBack) setTimeout(() => ext?.restoreContext(), 1500);
    }, again);
    await Promise.all([expect(said).toBeVisible(), expect(page.getByTestId('painted')).toBeVisible()]);
    await expect(said).toBeHidden();
    await expect(page.getByTestId('painted')).toBeHidden();
    await drawn();
  }
});
