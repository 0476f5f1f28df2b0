import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { PaperDrawing } from '@/core/papers/drawing';
import { labelSheets } from '@/core/papers/labels';
import { sheetOf } from '@/core/papers/sheet';
import { MARGIN } from '@/core/papers/sizes';
import { svgOf } from '@/core/papers/svg';
import { templateOf } from '@/core/papers/template';
import { OVERLAP, tiledTemplate, tilingOf } from '@/core/papers/tiles';
import { warmPot } from '@/core/testing/pots';
import { some } from '@/core/testing/some';
import { pdfOf } from './write';

interface Text {
  text: string;
  x: number;
  y: number;
  wide: number;
}
interface Page {
  wide: number;
  high: number;
  texts: Text[];
  fonts: { name: string; embedded: boolean }[];
}

const folder = mkdtempSync(join(tmpdir(), 'rillbank-pdf-'));
const font = (weight: number) => readFileSync(`public/fonts/bricolage-grotesque-${weight}.ttf`);

/** Writes papers, and reads them with another program than the one that wrote them. */
async function written(name: string, pages: readonly PaperDrawing[]): Promise<Page[]> {
  const path = join(folder, `${name}.pdf`);
  writeFileSync(path, await pdfOf(pages, { plain: font(400), bold: font(600) }));
  return JSON.parse(execFileSync('node', ['scripts/read-pdf.mjs', path], { encoding: 'utf8' })) as Page[];
}

const planting = warmPot();
const template = templateOf(planting);
const TOLERANCE_MM = 0.2;

describe('the template as PDF, read by another reader', () => {
  const tiling = tilingOf(template.drawing, 'a4');
  let pages: Page[] = [];
  beforeAll(async () => {
    pages = await written('template', tiledTemplate(template, 'a4'));
  });

  test('has a key and a sheet for each tile, each of A4', () => {
    expect(pages).toHaveLength(tiling.tiles.length + 1);
    for (const p of some(pages)) expect([p.wide, p.high].map(Math.round).sort()).toEqual([210, 297]);
  });

  test('root balls stand as far from one another as on the plan, to 0.2 mm, whichever sheet they are on', () => {
    const middles = new Map<string, { x: number; y: number }>();
    pages.slice(1).forEach((page, i) => {
      const tile = tiling.tiles[i];
      if (!tile) throw new Error('no tile');
      for (const { no } of template.key) {
        const found = page.texts.find((t) => t.text === String(no));
        // Cut off at a sheet's edge a number is read and not printed: only those well inside count.
        if (!found || found.x < MARGIN || found.x + found.wide > MARGIN + tile.wide) continue;
        if (found.y < MARGIN || found.y > MARGIN + tile.high) continue;
        const at = { x: found.x + found.wide / 2 - MARGIN + tile.x, y: found.y - MARGIN + tile.y };
        const known = middles.get(String(no));
        // In the overlap it stands on both sheets, in one place.
        if (known) expect(Math.hypot(known.x - at.x, known.y - at.y)).toBeLessThan(TOLERANCE_MM);
        middles.set(String(no), at);
      }
    });
    expect(middles.size).toBe(template.key.length);
    for (const a of template.key)
      for (const b of template.key) {
        const [p, q] = [middles.get(String(a.no)), middles.get(String(b.no))];
        const read = Math.hypot((p?.x ?? 0) - (q?.x ?? 0), (p?.y ?? 0) - (q?.y ?? 0));
        expect(Math.abs(read - Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm))).toBeLessThan(TOLERANCE_MM);
      }
  });

  test('its text is text, in fonts that are embedded', () => {
    const key = pages[0];
    expect(key?.texts.map((t) => t.text).join(' ')).toContain('Print at 100%');
    for (const f of some(pages.flatMap((p) => p.fonts))) expect(f.embedded).toBe(true);
    expect(new Set(pages.flatMap((p) => p.fonts.map((f) => f.name))).size).toBe(2);
  });
});

test('neighbouring sheets share just the overlap, and together show all of the drawing', () => {
  for (const sheet of ['a4', 'letter'] as const) {
    const { tiles, rows, columns } = tilingOf({ wide: 1030, high: 540 }, sheet);
    expect(tiles).toHaveLength(rows * columns);
    for (const t of tiles) {
      const right = tiles.find((o) => o.row === t.row && o.column === t.column + 1);
      if (right) expect(t.x + t.wide - right.x).toBeCloseTo(OVERLAP, 9);
      const below = tiles.find((o) => o.column === t.column && o.row === t.row + 1);
      if (below) expect(t.y + t.high - below.y).toBeCloseTo(OVERLAP, 9);
    }
    expect(Math.max(...tiles.map((t) => t.x + t.wide))).toBeGreaterThanOrEqual(1030);
    expect(Math.max(...tiles.map((t) => t.y + t.high))).toBeGreaterThanOrEqual(540);
  }
});

test('a small pot takes one sheet; lying is taken only where it saves one', () => {
  expect(tilingOf({ wide: 180, high: 200 }, 'a4')).toMatchObject({ rows: 1, columns: 1, sheet: { wide: 210 } });
  expect(tilingOf({ wide: 270, high: 180 }, 'a4')).toMatchObject({ rows: 1, columns: 1, sheet: { wide: 297 } });
});

test('the template as SVG is in true millimetres, each circle where its root ball is', () => {
  const svg = svgOf(template.drawing);
  expect(svg).toMatch(/^<svg [^>]*width="[\d.]+mm" height="[\d.]+mm"/);
  const circles = [...svg.matchAll(/<circle cx="([\d.]+)" cy="([\d.]+)" r="([\d.]+)"/g)].map((m) =>
    m.slice(1, 4).map(Number),
  );
  for (const p of some(template.key)) {
    const [x, y] = [template.middle.x + p.xMm, template.middle.y + p.yMm];
    expect(circles.some(([cx, cy]) => Math.hypot((cx ?? 0) - x, (cy ?? 0) - y) < TOLERANCE_MM)).toBe(true);
  }
});

test('labels name every kind once with its numbers; the card says who it is for', async () => {
  const pages = await written('labels', labelSheets(planting, 'a4'));
  const texts = pages.flatMap((p) => p.texts.map((t) => t.text));
  expect(texts.filter((t) => t === 'Canna, dwarf, scarlet')).toHaveLength(1);
  expect(texts.some((t) => /^On the plan \d/.test(t))).toBe(true);
  expect(texts.some((t) => t.includes(planting.name))).toBe(true);
  expect(texts.some((t) => /^Planted on 16 May by/.test(t))).toBe(true);
});

test('many kinds run on to a second sheet and none falls off the first', () => {
  const many = {
    ...planting,
    placements: Array.from({ length: 40 }, (_, i) => ({
      ...planting.placements[0],
      id: `p${i}`,
      plant: ['petunia-white', 'petunia-magenta', 'petunia-violet'][i % 3] ?? 'petunia-white',
      xMm: i * 4 - 80,
      yMm: 0,
    })) as typeof planting.placements,
  };
  const bottom = (d: PaperDrawing) => Math.max(...d.marks.map((m) => ('y' in m ? m.y : 0)));
  for (const page of labelSheets(many, 'letter')) expect(bottom(page)).toBeLessThan(page.high - 5);
});

test('the sheet fits one page, with plan, plants and at most six lines of care', async () => {
  const [page] = await written('sheet', [sheetOf(planting, 'letter', [])]);
  const texts = page?.texts ?? [];
  expect(Math.max(...texts.map((t) => t.y))).toBeLessThan((page?.high ?? 0) - MARGIN);
  for (const t of texts) expect(t.x + t.wide).toBeLessThanOrEqual((page?.wide ?? 0) - MARGIN / 2);
  const care = texts.filter((t) => t.text.startsWith('–')).length;
  expect(care).toBeGreaterThanOrEqual(4);
  expect(care).toBeLessThanOrEqual(6);
});
