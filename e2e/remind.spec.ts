import { expect } from '@playwright/test';
import { accessible, test } from './help';

test('one is reminded of the day’s jobs once a day, after asking for it under Today, until it is put off', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['notifications']);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.goto('/today');
  const remind = page.getByRole('switch', { name: 'Remind me of the day’s jobs' });
  await expect(remind).not.toBeChecked();
  await remind.press('Space');
  await expect(remind).toBeChecked();
  await accessible(page);
  const kept = () =>
    page.evaluate(async () => {
      const answer = await (await caches.open('reminders-of-rillbank')).match('/reminders.json');
      return answer ? ((await answer.json()) as { days: Record<string, string>; told: string | null }) : null;
    });
  await expect.poll(async () => (await kept())?.days['2026-07-10'] ?? '').toMatch(/^Water it: /);

  // The demonstration's day is not the clock's: the same words for the clock's day.
  await page.evaluate(async () => {
    const now = new Date();
    const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()]
      .map((n) => String(n).padStart(2, '0'))
      .join('-');
    const cache = await caches.open('reminders-of-rillbank');
    await cache.put(
      '/reminders.json',
      new Response(JSON.stringify({ days: { [today]: 'Water it: Oval tub' }, told: null })),
    );
  });
  const ask = () =>
    page.evaluate(async () => (await navigator.serviceWorker.ready).active?.postMessage({ remind: true }));
  const shown = () =>
    page.evaluate(async () =>
      (await (await navigator.serviceWorker.ready).getNotifications()).map((n) => `${n.title}: ${n.body}`),
    );
  await ask();
  await expect.poll(shown).toEqual(['Jobs today: Water it: Oval tub']);
  await expect.poll(async () => (await kept())?.told !== null).toBe(true);

  await page.reload();
  await expect(remind).toBeChecked();
  await remind.press('Space');
  await expect(remind).not.toBeChecked();
  await expect.poll(kept).toBeNull();
});
