// Presses, types and wanders at random over all stations, by seed, and counts what goes wrong: errors, dead
// ends, focus that fell to the page, and pages wider than the window. Part of `npm run faults`; needs a
// build. `node scripts/monkey.mjs SEED…` tries those.
import { visit } from './visit.mjs';

const SEEDS = process.argv.length > 2 ? process.argv.slice(2).map(Number) : Array.from({ length: 30 }, (_, i) => i + 1);
const ACTIONS = Number(process.env.FAULTS_ACTIONS ?? 100);
const STATIONS = ['spot', 'container', 'plants', 'season', 'make', 'tend'];
const POTS = ['lido-entrance-left', 'lido-ticket-box'];
const PAGES = ['/', '/today', '/group', '/library', ...POTS.flatMap((id) => STATIONS.map((s) => `/pot/${id}/${s}`))];
const CONTROLS =
  'button, a[href], summary, select, textarea, input:not([type=file]), [role=tab], [role=switch], [role=menuitem], [role=option], [role=slider]';
const KEYS = [
  'Tab',
  'Shift+Tab',
  'Enter',
  'Escape',
  'ArrowDown',
  'ArrowUp',
  'ArrowLeft',
  'ArrowRight',
  'Home',
  'End',
  '?',
  'Delete',
  'Control+z',
];
const WORDS = ['', '0', '-1', '7', '1,5', '1e9', 'petunia', '<b>x</b>', 'ü'.repeat(300), '2026-02-30', '12 in', '=1+1'];

/** Numbers from 0 to 1, the same for a seed. */
function seeded(seed) {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** What is there to press, as it lies in the document; what is under an open dialog cannot be reached. */
const reachable = (page) =>
  page.locator(CONTROLS).evaluateAll((all) =>
    all.flatMap((e, i) => {
      const box = e.getBoundingClientRect();
      const hidden =
        box.width === 0 ||
        !e.checkVisibility() ||
        e.closest('[aria-hidden=true], [inert]') ||
        getComputedStyle(e).pointerEvents === 'none';
      return hidden || e.disabled || e.hasAttribute('download') ? [] : [i];
    }),
  );

/** One action on a control, told as one would. */
async function press(page, at, any) {
  const control = page.locator(CONTROLS).nth(at);
  const what = await control.evaluate((e) => ({
    tag: e.tagName.toLowerCase(),
    type: e.getAttribute('type') ?? '',
    name: (e.getAttribute('aria-label') ?? e.labels?.[0]?.textContent ?? e.textContent ?? '').trim().slice(0, 50),
    options: e.tagName === 'SELECT' ? e.options.length : 0,
  }));
  const told = `${what.tag} ${what.name}`;
  const typed =
    what.tag === 'textarea' || (what.tag === 'input' && ['', 'text', 'number', 'search'].includes(what.type));
  if (typed) {
    await control.fill(any(WORDS), { timeout: 2000 });
    await control.press(any(['Enter', 'Tab', 'Escape']), { timeout: 2000 });
  } else if (what.tag === 'select') {
    await control.focus({ timeout: 2000 });
    await control.selectOption({ index: Math.floor(any([0, 0.3, 0.6, 0.9]) * what.options) }, { timeout: 2000 });
  } else {
    await control.focus({ timeout: 2000 });
    await control.press(what.tag === 'input' ? 'Space' : 'Enter', { timeout: 2000 });
  }
  return { told, typed };
}

/** What a page looks like after an action: whether there is a way on, where focus is, and whether it fits. */
const stateOf = (page) =>
  page.evaluate((controls) => {
    const open = [...document.querySelectorAll(controls)].filter((e) => e.getClientRects().length > 0 && !e.disabled);
    return {
      ways: open.length,
      words: document.body.innerText.trim().length,
      failed: /went wrong|couldn’t load|could not be shown/i.test(document.body.innerText),
      onPage: document.activeElement === document.body,
      wide: document.documentElement.scrollWidth - window.innerWidth,
    };
  }, CONTROLS);

await visit(async ({ browser, base }) => {
  const all = { case: 'monkey', seeds: 0, actions: 0, errors: 0, deadEnds: 0, focusFell: 0, wide: 0 };
  for (const seed of SEEDS) {
    const count = { case: 'monkey', seed, actions: 0, errors: [], deadEnds: [], focusFell: [], wide: [] };
    const random = seeded(seed);
    const any = (list) => list[Math.floor(random() * list.length)];
    const context = await browser.newContext({
      viewport: any([
        { width: 1280, height: 800 },
        { width: 390, height: 844 },
      ]),
    });
    await context.addInitScript(() => localStorage.setItem('rillbank.pictures', 'plain'));
    const page = await context.newPage();
    let told = 'open';
    const note = (list, why) =>
      list.push(
        `action ${count.actions}, ${page.viewportSize().width} px, ${new URL(page.url()).pathname}, ${told}: ${why}`,
      );
    page.on('pageerror', (e) => note(count.errors, String(e).split('\n')[0]));
    page.on('dialog', (d) => void d.dismiss());
    await page.goto(base);
    await page.getByRole('heading', { name: 'Entrance steps' }).waitFor();
    // Back out of the first page leads nowhere.
    let went = 0;
    page.on('framenavigated', () => (went += 1));
    for (let i = 0; i < ACTIONS; i += 1) {
      count.actions += 1;
      const before = page.url();
      let pressed = false;
      try {
        const roll = random();
        if (roll < 0.06) await page.goto(base + (told = any(PAGES)));
        else if (roll < 0.1 && went > 0) await page.goBack().then(() => (told = 'back'));
        else if (roll < 0.22) await page.keyboard.press((told = any(KEYS)));
        else {
          const there = await reachable(page);
          if (there.length > 0) {
            const done = await press(page, any(there), any);
            told = done.told;
            pressed = !done.typed;
          }
        }
      } catch {
        // What moved away meanwhile cannot be pressed: that is no fault.
      }
      await page.waitForTimeout(150);
      let state = await stateOf(page).catch(() => null);
      if (state && (state.ways === 0 || state.words < 40)) {
        await page.waitForTimeout(5000);
        state = await stateOf(page).catch(() => null);
        if (state && (state.ways === 0 || state.words < 40))
          note(count.deadEnds, `${state.ways} controls, ${state.words} letters`);
      }
      if (state?.failed) note(count.deadEnds, 'says that something failed');
      if (state?.onPage && pressed && page.url() === before) {
        await page.waitForTimeout(600);
        const later = await stateOf(page).catch(() => null);
        if (later?.onPage && page.url() === before) note(count.focusFell, 'focus on the page');
      }
      if (state && state.wide > 1) note(count.wide, `${state.wide} px too wide`);
      if (!page.url().startsWith(base)) await page.goto(base);
    }
    await context.close();
    console.log(JSON.stringify(count));
    all.seeds += 1;
    all.actions += count.actions;
    for (const of of ['errors', 'deadEnds', 'focusFell', 'wide']) all[of] += count[of].length;
  }
  console.log(JSON.stringify(all));
});
