// Draws plants large and side by side on one sheet, to be looked at: `npm run sheet -- --out FILE.png
// [--names] [--columns N] [--size PX] [--week N] [--hour H] [--away MM,MM] [--turn DEG] [PLANT or
// PLANTING.json …]`.
// Without names of plants: thirty everyday ones. Needs no build.
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import { chromiumPath, ensureChromium } from './setup.mjs';
import { ARGS } from './visit.mjs';

const THIRTY = [
  'petunia-violet',
  'calibrachoa-orange',
  'pelargonium-scarlet',
  'pelargonium-ivy-lilac',
  'coleus-plum-lime',
  'salvia-blue',
  'snapdragon-pink',
  'angelonia-purple',
  'begonia-rose-bronze',
  'impatiens-coral',
  'fuchsia-trailing-violet',
  'lobelia-blue',
  'bacopa-white',
  'sweet-potato-vine-lime',
  'dichondra-silver',
  'liquorice-plant-silver',
  'heuchera-silver',
  'fern-sword',
  'pennisetum-purple',
  'cordyline-wine',
  'canna-bronze-orange',
  'lavender',
  'echeveria-grey-pink',
  'verbena-magenta',
  'fan-flower-blue',
  'dianthus-pink',
  'marigold-orange',
  'dahlia-yellow',
  'ivy-variegated',
  'hosta-white-edge',
  'box-ball',
];

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    out: { type: 'string', default: '/tmp/sheet.png' },
    names: { type: 'boolean', default: false },
    columns: { type: 'string', default: '6' },
    size: { type: 'string', default: '300' },
    week: { type: 'string' },
    hour: { type: 'string' },
    away: { type: 'string' },
    turn: { type: 'string', default: '0' },
  },
});
// Each planting from as far away as asked, in mm; else as its picture frames it.
const aways = values.away?.split(',').map(Number) ?? [undefined];
const wanted = (positionals.length > 0 ? positionals : THIRTY).flatMap((what) => aways.map((away) => [what, away]));
const size = Number(values.size);

const { outputFiles } = await build({
  entryPoints: ['scripts/sheet/page.ts'],
  bundle: true,
  write: false,
  format: 'iife',
  define: { 'process.env.NODE_ENV': '"production"' },
  alias: { '@': './src' },
  logLevel: 'error',
});
ensureChromium();
const browser = await chromium.launch({ executablePath: chromiumPath, args: ARGS });
try {
  const page = await browser.newPage({
    viewport: { width: Number(values.columns) * size, height: size },
  });
  await page.setContent(
    `<style>body{margin:0;display:grid;grid-template-columns:repeat(${values.columns},${size}px);background:#e9ece6;font:13px sans-serif}figure{margin:0;position:relative}img{display:block}figcaption{position:absolute;left:6px;top:4px}</style>`,
  );
  await page.addScriptTag({ content: outputFiles[0].text });
  for (const [what, away] of wanted) {
    const made = await page.evaluate(
      ([id, file, px, week, hour, away, turn]) =>
        file ? window.planting(file, px, { week, hour, away, turn }) : window.plant(id, px, turn),
      [
        what,
        what.endsWith('.json') ? JSON.parse(readFileSync(what, 'utf8')) : null,
        size,
        values.week === undefined ? undefined : Number(values.week),
        values.hour === undefined ? undefined : Number(values.hour),
        away,
        (Number(values.turn) * Math.PI) / 180,
      ],
    );
    await page.evaluate(
      async ([href, name]) => {
        const figure = document.createElement('figure');
        const img = new Image();
        img.src = href;
        await img.decode();
        figure.append(img);
        if (name) {
          const caption = document.createElement('figcaption');
          caption.textContent = name;
          figure.append(caption);
        }
        document.body.append(figure);
      },
      [made.href, values.names ? made.name : ''],
    );
    console.log(JSON.stringify({ case: 'sheet', plant: what, ms: Math.round(made.ms) }));
  }
  writeFileSync(values.out, await page.screenshot({ fullPage: true }));
} finally {
  await browser.close();
}
