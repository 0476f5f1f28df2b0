// Tries to lose or break something through the browser, and counts. Part of `npm run faults`; needs a build.
import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath, run } from './setup.mjs';
import { ARGS, serve, visit } from './visit.mjs';

const say = (line) => console.log(JSON.stringify(line));
const POT = '/pot/lido-entrance-left';
const KILLS = Number(process.env.FAULTS_KILLS ?? 1000);

/** Makes calls of the browser's database fail from now on, or only the next one. */
const breakStore = (page, { calls, error, once }) =>
  page.evaluate(
    ([names, errorName, onlyNext]) => {
      const store = IDBObjectStore.prototype;
      const was = Object.fromEntries(names.map((n) => [n, store[n]]));
      const mend = () => Object.assign(store, was);
      for (const n of names)
        store[n] = function broken() {
          if (onlyNext) mend();
          throw new DOMException(`${errorName} on purpose`, errorName);
        };
      window.mendStore = mend;
    },
    [calls, error, once],
  );
const WRITES = ['put', 'add', 'delete'];

const more = async (page, pot, item) => {
  await page.getByRole('button', { name: `More for ${pot}`, exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
};

/** Everything a gardener does that is kept: the page it is done on, what comes before, and the step that is kept. */
const STEPS = {
  'start a container': {
    step: (p) => p.getByRole('banner').getByRole('button', { name: 'Add a container' }).click(),
  },
  'copy a container': { step: (p) => more(p, 'Left-hand pot', 'Copy') },
  'rename a container': {
    before: async (p) => {
      await more(p, 'Left-hand pot', 'Rename');
      await p.getByLabel('New name for Left-hand pot').fill('Other');
    },
    step: (p) => p.getByRole('button', { name: 'Rename', exact: true }).click(),
  },
  'put a container away': { step: (p) => more(p, 'Left-hand pot', 'Put away') },
  'delete a container': { step: (p) => more(p, 'Left-hand pot', 'Delete'), calls: ['delete'] },
  'undo a delete': {
    before: (p) => more(p, 'Left-hand pot', 'Delete'),
    step: (p) => p.getByRole('button', { name: 'Undo' }).click(),
  },
  'undo a put-away': {
    before: (p) => more(p, 'Left-hand pot', 'Put away'),
    step: (p) => p.getByRole('button', { name: 'Undo' }).click(),
  },
  'open a file': {
    step: (p) =>
      p.getByLabel('Backup or planting file').setInputFiles({
        name: 'one.json',
        mimeType: 'application/json',
        buffer: Buffer.from(JSON.stringify(p.lido[0])),
      }),
  },
  'edit a container': {
    path: `${POT}/container`,
    before: (p) => p.getByLabel('Name', { exact: true }).fill('Other'),
    step: (p) => p.getByLabel('Name', { exact: true }).press('Enter'),
  },
  'undo an edit': {
    path: `${POT}/container`,
    before: async (p) => {
      await p.getByLabel('Name', { exact: true }).fill('Other');
      await p.getByLabel('Name', { exact: true }).press('Enter');
      await p.getByText(/^Saved \d/).waitFor();
    },
    step: (p) => p.getByRole('button', { name: 'Undo' }).click(),
  },
  'take a plant out': {
    path: `${POT}/plants`,
    step: (p) =>
      p
        .getByRole('button', { name: /^Petunia, magenta, .*pot/ })
        .first()
        .press('Delete'),
  },
  'give another pot this reading': {
    path: `${POT}/spot`,
    before: (p) => p.getByLabel('Place').fill('Other steps'),
    step: (p) => p.getByLabel('Place').press('Enter'),
  },
  'add a plant of one’s own': {
    path: '/library',
    before: async (p) => {
      await p.getByRole('button', { name: 'Add a plant' }).click();
      await p.getByLabel('Common name').fill('Gate daisy');
    },
    step: (p) => p.getByRole('dialog').getByRole('button', { name: 'Add to my plants' }).click(),
  },
  'ask the nursery': {
    path: '/library',
    before: (p) => p.getByRole('button', { name: /Nursery stock/ }).click(),
    step: (p) => p.getByRole('dialog').getByRole('button', { name: /^Ask/ }).first().click(),
  },
};

/** Each of them with the database full, and with one call of it failing: told, and nothing dead. */
async function brokenStore({ browser, base }, kind) {
  const count = { case: kind, steps: 0, told: 0, silent: [], dead: [] };
  for (const [name, { path = '/', before, step, calls = WRITES }] of Object.entries(STEPS)) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    page.lido = [];
    const uncaught = [];
    page.on('pageerror', (e) => uncaught.push(String(e)));
    try {
      await page.goto(base);
      await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
      page.lido = await page.evaluate(
        () =>
          new Promise((done) => {
            indexedDB.open('rillbank').onsuccess = (e) => {
              const all = e.target.result.transaction('plantings').objectStore('plantings').getAll();
              all.onsuccess = () => done([{ ...all.result[0].planting, id: 'brought' }]);
            };
          }),
      );
      if (path !== '/') await page.goto(base + path);
      if (path.startsWith('/pot')) await page.locator('[data-state=grown]').waitFor();
      await before?.(page);
      await breakStore(
        page,
        kind === 'storage-full'
          ? { calls, error: 'QuotaExceededError', once: false }
          : { calls, error: 'UnknownError', once: true },
      );
      count.steps += 1;
      await step(page);
      const message = page.locator('[data-sonner-toast]', {
        hasText: /No room left|Not saved|not (kept|added|opened)/i,
      });
      await message.first().waitFor({ timeout: 8000 });
      count.told += 1;
    } catch (e) {
      count.silent.push(`${name}: ${String(e).split('\n')[0]}`);
    }
    if (uncaught.length > 0) count.dead.push(`${name}: ${uncaught[0]}`);
    await context.close();
  }
  say(count);
}

/** A part of the application that does not come, each in turn: said, with a way on. */
async function missingParts({ browser, base }) {
  const count = { case: 'missing-parts', parts: 0, dead: [] };
  for (const path of ['/', `${POT}/plants`, '/library']) {
    const html = await (await fetch(base + path)).text();
    const first = new Set([...html.matchAll(/\/_next\/static\/chunks\/[^"'\\ ]+/g)].map((m) => m[0]));
    const context = await browser.newContext({ serviceWorkers: 'block', viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.goto(base);
    await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
    const later = new Set();
    const note = (r) => {
      const { pathname } = new URL(r.url());
      if (/\/chunks\/.*\.js$/.test(pathname) && !first.has(pathname)) later.add(pathname);
    };
    page.on('request', note);
    await page.goto(base + path);
    await page.waitForTimeout(4000);
    page.off('request', note);
    for (const gone of later) {
      await page.route(`**${gone}`, (r) => r.fulfill({ status: 404, body: 'gone' }));
      await page.goto(base + path);
      await page.waitForTimeout(3500);
      const text = await page.locator('body').innerText();
      count.parts += 1;
      if (/Setting out the pots|Fetching the pot|couldn’t load/.test(text) || text.trim().length < 40)
        count.dead.push(`${path} ${gone}`);
      await page.unroute(`**${gone}`);
    }
    await context.close();
  }
  say(count);
}

/** An edit, *saved*, and the browser killed at some moment after; what is there when it is opened again. */
async function kills({ base }, edits) {
  const profile = mkdtempSync(join(tmpdir(), 'rillbank-'));
  const open = () =>
    chromium.launchPersistentContext(profile, {
      executablePath: chromiumPath,
      args: ARGS,
      viewport: { width: 900, height: 500 },
    });
  let context = await open();
  let page = context.pages()[0] ?? (await context.newPage());
  await page.goto(base);
  await page.getByRole('button', { name: 'Add a container' }).first().click();
  await page.waitForURL(/\/spot$/);
  const address = page.url().replace('/spot', '/container');
  const count = { case: 'kills', edits: 0, lost: 0 };
  for (let i = 0; i < edits; i += 1) {
    await page.goto(address);
    const name = page.getByLabel('Name', { exact: true });
    await name.waitFor();
    if (i > 0 && (await name.inputValue()) !== `Edit ${i - 1}`) count.lost += 1;
    await name.fill(`Edit ${i}`);
    await name.press('Enter');
    await page.getByText(/^Saved \d/).waitFor();
    await page.waitForTimeout(Math.random() * 200);
    const gone = new Promise((done) => context.once('close', done));
    killTree(profile);
    await gone;
    context = await open();
    page = context.pages()[0] ?? (await context.newPage());
    count.edits += 1;
    if (count.edits % 100 === 0) say({ ...count, sofar: true });
  }
  await page.goto(address);
  await page.getByLabel('Name', { exact: true }).waitFor();
  if (edits > 0 && (await page.getByLabel('Name', { exact: true }).inputValue()) !== `Edit ${edits - 1}`)
    count.lost += 1;
  await context.close();
  rmSync(profile, { recursive: true, force: true });
  say(count);
}

/** Kills every process of the browser that works in a profile, without a word to it. */
const killTree = (profile) => spawn('pkill', ['-9', '-f', profile], { stdio: 'ignore' });

/** A new build takes the old one's place under a page that is open, with and without its service worker. */
async function release(port) {
  const base = `http://localhost:${port}`;
  const browser = await chromium.launch({ executablePath: chromiumPath, args: ARGS });
  for (const worker of [true, false]) {
    let server = await serve(port, '.next');
    const context = await browser.newContext({
      serviceWorkers: worker ? 'allow' : 'block',
      viewport: { width: 1280, height: 800 },
    });
    const page = await context.newPage();
    const count = { case: 'release', worker, kept: false, wentOn: false, newest: false };
    try {
      await page.goto(base);
      await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
      await page.goto(`${base}${POT}/container`);
      await page.locator('[data-state=grown]').waitFor();
      if (worker) await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
      if (worker) await page.waitForTimeout(3000);
      server.stop();
      server = await serve(port, '.next-other');
      await page.getByLabel('Name', { exact: true }).fill('Through a release');
      await page.getByLabel('Name', { exact: true }).press('Enter');
      await page.getByText(/^Saved \d/).waitFor();
      for (const station of ['Plants', 'Plant up', 'Spot']) {
        await page.getByRole('navigation').getByRole('link', { name: station }).click();
        await page.waitForURL(new RegExp(`/${station.toLowerCase()}$`));
      }
      await page.getByRole('link', { name: 'Rillbank, to the bench' }).click();
      await page.getByRole('button', { name: 'More for Through a release' }).waitFor();
      count.wentOn = true;
      await page.reload();
      await page.getByRole('button', { name: 'More for Through a release' }).waitFor();
      count.kept = true;
      await page.waitForTimeout(4000);
      await page.reload();
      await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
      count.newest = await page.evaluate(async () => {
        const html = await (await fetch('/', { cache: 'no-store' })).text();
        const wanted = [...html.matchAll(/<script[^>]+src="(\/_next\/static\/[^"]+)"/g)].map((m) => m[1]);
        const there = new Set([...document.scripts].map((e) => e.getAttribute('src')));
        return wanted.length > 0 && wanted.every((src) => there.has(src));
      });
    } catch (e) {
      count.why = String(e).split('\n')[0];
    }
    say(count);
    await context.close();
    server.stop();
  }
  await browser.close();
}

const only = process.argv.slice(2);
const wanted = (name) => only.length === 0 || only.includes(name);
await visit(async (at) => {
  if (wanted('storage-full')) await brokenStore(at, 'storage-full');
  if (wanted('store-fails-once')) await brokenStore(at, 'store-fails-once');
  if (wanted('missing-parts')) await missingParts(at);
  if (wanted('kills')) await kills(at, KILLS);
});
if (wanted('release')) {
  // The build as it is, and one more of the same under another name and number.
  rmSync('.next-other', { recursive: true, force: true });
  cpSync('.next', '.next-other', { recursive: true });
  run('npm', ['run', 'build', '--silent']);
  await release(4105);
  rmSync('.next-other', { recursive: true, force: true });
}
