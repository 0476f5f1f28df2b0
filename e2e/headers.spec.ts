import { expect } from '@playwright/test';
import { grown, test } from './help';

const PAGES = ['/', '/library', '/pot/lido-entrance-left/plants', '/nowhere'];

test('every answer says what a page may load, who may frame it, and nothing of where one came from', async ({
  page,
  request,
}) => {
  const nonces = new Set<string>();
  for (const path of PAGES) {
    const { ['content-security-policy']: policy = '', ...headers } = (await request.get(path)).headers();
    expect(policy).toMatch(/default-src 'self'; script-src 'self' 'nonce-[\w+/=]+' 'strict-dynamic';/);
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'DENY',
      'referrer-policy': 'no-referrer',
      'permissions-policy': expect.stringContaining('geolocation=()'),
    });
    // A page that a cache may keep would hold back the next release.
    expect(headers['cache-control']).toMatch(/no-store|no-cache/);
    nonces.add(/nonce-([\w+/=]+)/.exec(policy)?.[1] ?? '');
  }
  expect(nonces.size).toBe(PAGES.length);
  // Under that policy all of it works, and nothing is refused.
  const refused: string[] = [];
  page.on('console', (m) => m.text().includes('Content Security Policy') && refused.push(m.text()));
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.goto('/pot/lido-entrance-left/plants');
  await grown(page);
  await page.goto('/library');
  await expect(page.getByRole('list', { name: 'Plants' })).toBeVisible();
  expect(refused).toEqual([]);
});
