import { keepRemind } from './settings';

/** As in the service worker. */
const CACHE = 'reminders-of-rillbank';
const KEY = '/reminders.json';
const TAG = 'jobs-today';
const HALF_A_DAY_MS = 12 * 60 * 60 * 1000;

/** Whether this browser can remind, was allowed to, or was told not to. */
export type CanRemind = 'no' | 'ask' | 'yes' | 'blocked';

export function canRemind(): CanRemind {
  if (typeof Notification === 'undefined' || !('serviceWorker' in navigator) || typeof caches === 'undefined')
    return 'no';
  if (Notification.permission === 'denied') return 'blocked';
  return Notification.permission === 'granted' ? 'yes' : 'ask';
}

interface Waking {
  periodicSync?: { register: (tag: string, options: { minInterval: number }) => Promise<void> };
}

/** Asks the browser for leave, and to wake the service worker about twice a day where it can. Whether it was given. */
export async function startReminding(): Promise<boolean> {
  if ((await Notification.requestPermission()) !== 'granted') return false;
  keepRemind(true);
  const ready = (await navigator.serviceWorker.ready) as unknown as Waking;
  // Only installed applications may be woken; without it, one is reminded when a page is opened.
  await ready.periodicSync?.register(TAG, { minInterval: HALF_A_DAY_MS }).catch(() => undefined);
  return true;
}

export async function stopReminding(): Promise<void> {
  keepRemind(false);
  await caches.delete(CACHE);
}

/** Keeps what the coming days ask for where the service worker finds it, and lets it tell today's. */
export async function keepReminders(days: Record<string, string>): Promise<void> {
  const cache = await caches.open(CACHE);
  const before = await cache.match(KEY);
  const told: string | null = before ? ((await before.json()) as { told: string | null }).told : null;
  await cache.put(KEY, new Response(JSON.stringify({ days, told })));
  (await navigator.serviceWorker.ready).active?.postMessage({ remind: true });
}
