// What the bench downloads before anything is drawn, against an empty page of the same framework, as JSON lines. Part
// of `npm run bench`; needs a build.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { visit } from './visit.mjs';

/** Script bytes as they travel: gzip of a built file by its address. */
const sizes = new Map();
function travels(address) {
  const file = `.next/${new URL(address, 'http://x').pathname.replace(/^\/_next\//, '')}`;
  if (!sizes.has(file)) sizes.set(file, gzipSync(readFileSync(file)).length);
  return sizes.get(file);
}

const empty = JSON.parse(readFileSync('.next/build-manifest.json', 'utf8')).rootMainFiles.map((f) => `/_next/${f}`);
const sum = (list) => list.reduce((s, address) => s + travels(address), 0);

await visit(async ({ browser, base }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const asked = [];
  page.on('request', (r) => r.resourceType() === 'script' && asked.push(r.url()));
  const html = await (await fetch(base)).text();
  const first = [...html.matchAll(/<script[^>]+src="(\/_next\/static\/[^"]+)"(?![^>]*nomodule)/gi)].map((m) => m[1]);
  await page.goto(base);
  await page
    .getByRole('img', { name: /^Week \d/ })
    .first()
    .waitFor();
  const kB = (n) => Math.round(n / 1000);
  const [none, shell, all] = [sum(empty), sum([...new Set(first)]), sum([...new Set(asked)])];
  console.log(
    JSON.stringify({
      case: 'first-load',
      page: 'bench',
      emptyKB: kB(none),
      beforePortraitsKB: kB(shell),
      ratio: Math.round((shell / none) * 100) / 100,
      withPortraitsKB: kB(all),
    }),
  );
});
