// Keeps Rillbank open where there is no signal: pages as they were last seen, and everything they are built of.
// What a gardener made is not here: it lives in the browser's own database and needs no network.
const BUILD = new URL(self.location.href).searchParams.get('build') ?? '0';
const PAGES = `rillbank-pages-${BUILD}`;
const PARTS = `rillbank-parts-${BUILD}`;
/** A page of each station that belongs to no container: what it shows is in the browser, so that it serves for any. */
const STATIONS = ['spot', 'container', 'plants', 'season', 'make', 'tend'];
/** What papers are set in. */
/** Reminders outlive a build: their name does not begin as those of a build do. */
const REMINDERS = 'reminders-of-rillbank';
const REMINDER_KEY = '/reminders.json';
const REMINDER = 'jobs-today';
const FONTS = ['/fonts/bricolage-grotesque-400.ttf', '/fonts/bricolage-grotesque-600.ttf'];
const shellOf = (station) => `/pot/shell/${station}`;
/** Builds whose pages are kept: this one, and the one before it for what was not opened since. */
const KEPT_BUILDS = 2;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(PAGES)
      .then((cache) => cache.addAll(['/', '/today', '/group', '/library', ...STATIONS.map(shellOf), ...FONTS]))
      .then(() => self.skipWaiting()),
  );
});
self.addEventListener('activate', (event) =>
  event.waitUntil(
    prune()
      .then(() => self.clients.claim())
      .then(keepParts),
  ),
);

/** Everything the pages are built of, listed at the build: a page that was never opened needs no signal for its parts. */
async function keepParts() {
  const list = await fetch('/_next/static/parts.json', { cache: 'no-store' })
    .then((answer) => (answer.ok ? answer.json() : []))
    .catch(() => []);
  await add(PARTS, list);
}

/** Forgets what older builds kept. Caches come in the order they were made. */
async function prune() {
  const ours = (await caches.keys()).filter((name) => name.startsWith('rillbank-'));
  const builds = [...new Set(ours.map((name) => name.split('-').pop()))].filter((build) => build !== BUILD);
  const old = new Set(builds.slice(0, Math.max(0, builds.length - (KEPT_BUILDS - 1))));
  await Promise.all(ours.filter((name) => old.has(name.split('-').pop())).map((name) => caches.delete(name)));
}

// What was fetched before this worker was there is told by the page, and kept too.
self.addEventListener('message', (event) =>
  event.waitUntil(event.data?.remind ? remind() : add(PARTS, event.data?.parts ?? [])),
);

// The browser wakes this worker about once a day where it may, and a page asks for the same when it is opened.
self.addEventListener('periodicsync', (event) => event.tag === REMINDER && event.waitUntil(remind()));
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(openToday());
});

/** What the day asks for, as the page worked it out when it was last open; once a day. */
async function remind() {
  const cache = await caches.open(REMINDERS);
  const kept = await cache.match(REMINDER_KEY);
  if (!kept || Notification.permission !== 'granted') return;
  const { days, told } = await kept.json();
  const now = new Date();
  const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((n) => String(n).padStart(2, '0')).join('-');
  if (told === today || !days[today]) return;
  await self.registration.showNotification('Jobs today', { body: days[today], tag: REMINDER, icon: '/icon.svg' });
  await cache.put(REMINDER_KEY, new Response(JSON.stringify({ days, told: today })));
}

async function openToday() {
  const [open] = await self.clients.matchAll({ type: 'window' });
  if (!open) return self.clients.openWindow('/today');
  await open.focus();
  return open.navigate('/today');
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  // What a page asks for on its way to the next is left alone: where it fails, the whole page is asked for instead.
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.searchParams.has('_rsc')) return;
  event.respondWith(url.pathname.startsWith('/_next/static/') ? part(request) : page(request, url));
});

async function add(name, urls) {
  const cache = await caches.open(name);
  await Promise.all(
    [...new Set(urls.map(bare))].map(async (url) => (await cache.match(url)) ?? cache.add(url).catch(() => undefined)),
  );
}

/** An address without what stands after the #. */
const bare = (url) => url.split('#')[0];

/**
 * Parts carry their contents in their names: once kept, always right. They are handed on without an address of their
 * own: several workers start from one script and know which they are by what stands after the # in what was asked.
 */
async function part(request) {
  const cache = await caches.open(PARTS);
  const url = bare(request.url);
  let answer = (await cache.match(url)) ?? (await caches.match(url));
  if (!answer) {
    answer = await fetch(url);
    if (!answer.ok) return answer;
    await cache.put(url, answer.clone()).catch(() => undefined);
  }
  return new Response(answer.body, { status: answer.status, headers: answer.headers });
}

/** Pages come fresh while there is a network, and as last seen when there is none. A page is one whatever is asked after it. */
async function page(request, url) {
  const cache = await caches.open(PAGES);
  const station = /^\/pot\/[^/]+\/([^/]+)$/.exec(url.pathname)?.[1];
  const key = request.mode !== 'navigate' ? request : STATIONS.includes(station) ? shellOf(station) : url.pathname;
  try {
    const answer = await fetch(request);
    // What could not be kept is no reason not to show it.
    if (answer.ok) void cache.put(key, answer.clone()).catch(() => undefined);
    return answer;
  } catch (error) {
    const kept = (await cache.match(key)) ?? (await caches.match(key));
    if (kept) return kept;
    if (request.mode !== 'navigate') throw error;
    return new Response(
      '<!doctype html><html lang="en-GB"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>No signal</title><body style="font:16px/1.5 system-ui;max-width:30rem;margin:15vh auto;padding:0 1rem"><main><h1>No signal</h1><p>This page has not been opened on this device before, so it is not kept here. Your containers are: <a href="/">back to the bench</a>.</p></main>',
      { status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } },
    );
  }
}
