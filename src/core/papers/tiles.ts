import { formatLength, MM_PER_INCH, type UnitSystem } from '../units/length';
import { type PaperDrawing, frame, HAIR, INK, line, type PaperMark, QUIET } from './drawing';
import { MARGIN, type SheetId, SHEETS } from './sizes';
import { keyLine, type Template } from './template';

/** What two sheets share where they join, mm: enough for a strip of tape. Working figure. */
export const OVERLAP = 12;

/** One sheet of a large drawing: its row and column, and what of the drawing it shows, mm. */
export interface PaperTile {
  row: number;
  column: number;
  x: number;
  y: number;
  wide: number;
  high: number;
}

/** How a drawing falls on sheets. */
export interface Tiling {
  sheet: { wide: number; high: number };
  rows: number;
  columns: number;
  tiles: PaperTile[];
}

/** Sheets needed along a length, each showing so much, neighbours sharing the overlap. */
const along = (length: number, shows: number): number => Math.max(1, Math.ceil((length - OVERLAP) / (shows - OVERLAP)));

/** A drawing on as few sheets as it takes, upright or lying; upright on a tie. */
export function tilingOf({ wide, high }: Pick<PaperDrawing, 'wide' | 'high'>, sheetId: SheetId): Tiling {
  const { wide: w, high: h } = SHEETS[sheetId];
  const ways = [
    { wide: w, high: h },
    { wide: h, high: w },
  ].map((sheet) => {
    const [showsWide, showsHigh] = [sheet.wide - 2 * MARGIN, sheet.high - 2 * MARGIN];
    return { sheet, showsWide, showsHigh, columns: along(wide, showsWide), rows: along(high, showsHigh) };
  });
  const [upright, lying] = ways as [(typeof ways)[0], (typeof ways)[0]];
  const best = lying.columns * lying.rows < upright.columns * upright.rows ? lying : upright;
  const { sheet, showsWide, showsHigh, columns, rows } = best;
  const tiles = Array.from({ length: rows * columns }, (_, i): PaperTile => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    return {
      row,
      column,
      x: column * (showsWide - OVERLAP),
      y: row * (showsHigh - OVERLAP),
      wide: showsWide,
      high: showsHigh,
    };
  });
  return { sheet, rows, columns, tiles };
}

/** “B2”: columns by letter, rows by number. */
export const tileName = ({ row, column }: Pick<PaperTile, 'row' | 'column'>): string =>
  `${String.fromCharCode(65 + column)}${row + 1}`;

/** Length of a crop mark, mm. */
const CROP = 5;

/** Where a sheet is cut or folded to meet its neighbour: short lines in the margin, and the line of the overlap. */
function joins(tile: PaperTile, { rows, columns }: Tiling): PaperMark[] {
  const [left, top, right, foot] = [MARGIN, MARGIN, MARGIN + tile.wide, MARGIN + tile.high];
  const out: PaperMark[] = [];
  const thin = { widthMm: HAIR };
  const upDown = (x: number) => {
    out.push(line(x, top - CROP, x, top, thin), line(x, foot, x, foot + CROP, thin));
    out.push(line(x, top, x, foot, { ...thin, stroke: QUIET, dashMm: [1, 3] }));
  };
  const across = (y: number) => {
    out.push(line(left - CROP, y, left, y, thin), line(right, y, right + CROP, y, thin));
    out.push(line(left, y, right, y, { ...thin, stroke: QUIET, dashMm: [1, 3] }));
  };
  if (tile.column > 0) upDown(left + OVERLAP);
  if (tile.column < columns - 1) upDown(right);
  if (tile.row > 0) across(top + OVERLAP);
  if (tile.row < rows - 1) across(foot);
  return out;
}

/** Bars of 100 mm and of 4 in, to lay a ruler on. */
function bars(x: number, y: number): PaperMark[] {
  const bar = (at: number, long: number, words: string): PaperMark[] => [
    line(x, at, x + long, at, { widthMm: 0.4 }),
    line(x, at - 1.6, x, at + 1.6, { widthMm: 0.4 }),
    line(x + long, at - 1.6, x + long, at + 1.6, { widthMm: 0.4 }),
    { kind: 'text', x: x + long + 2, y: at + 1.2, text: words, sizeMm: 3.4 },
  ];
  return [...bar(y, 100, '100 mm'), ...bar(y + 6, 4 * MM_PER_INCH, '4 in')];
}

/** The first sheet: what it is, the bars, how the sheets lie, and what the numbers are. */
function keyPage(template: Template, tiling: Tiling, about: string): PaperDrawing {
  const { wide, high } = tiling.sheet;
  const { drawing, key } = template;
  const marks: PaperMark[] = [
    { kind: 'text', x: MARGIN, y: MARGIN + 8, text: drawing.title, sizeMm: 6.5, bold: true },
    { kind: 'text', x: MARGIN, y: MARGIN + 15, text: about, sizeMm: 3.8, colour: QUIET },
    {
      kind: 'text',
      x: MARGIN,
      y: MARGIN + 21,
      text: 'Print at 100%, not “fit to page”, and check the bars with a ruler before you cut.',
      sizeMm: 3.8,
    },
    ...bars(MARGIN, MARGIN + 29),
  ];
  const small = { x: MARGIN, y: MARGIN + 46, wide: 60, high: 44 };
  const [acrossMm, downMm] = [
    tiling.columns * (tiling.tiles[0]?.wide ?? 1) - (tiling.columns - 1) * OVERLAP,
    tiling.rows * (tiling.tiles[0]?.high ?? 1) - (tiling.rows - 1) * OVERLAP,
  ];
  const k = Math.min(small.wide / acrossMm, small.high / downMm);
  marks.push({ kind: 'text', x: small.x, y: small.y - 2, text: 'Sheet layout', sizeMm: 3.8, bold: true });
  for (const t of tiling.tiles) {
    marks.push(frame(small.x + t.x * k, small.y + t.y * k, t.wide * k, t.high * k, { widthMm: HAIR }));
    marks.push({
      kind: 'text',
      x: small.x + (t.x + t.wide / 2) * k,
      y: small.y + (t.y + t.high / 2) * k + 1.4,
      text: tileName(t),
      sizeMm: 4,
      align: 'middle',
    });
  }
  const rows = Math.max(1, Math.floor((high - small.y - small.high - MARGIN - 14) / 5.4));
  const columnWide = (wide - 2 * MARGIN) / Math.max(1, Math.ceil(key.length / rows));
  marks.push({
    kind: 'text',
    x: MARGIN,
    y: small.y + small.high + 9,
    text: 'Plant key, in planting order',
    sizeMm: 3.8,
    bold: true,
  });
  key.forEach((p, i) => {
    const x = MARGIN + Math.floor(i / rows) * columnWide;
    const y = small.y + small.high + 16 + (i % rows) * 5.4;
    marks.push({ kind: 'text', x: x + 6, y, text: String(p.no), sizeMm: 3.8, bold: true, align: 'right' });
    marks.push({ kind: 'text', x: x + 8, y, text: keyLine(p), sizeMm: 3.8 });
  });
  return { title: drawing.title, wide, high, marks };
}

/** A template on sheets: a key first, then the plan at full size, sheet by sheet. */
export function tiledTemplate(template: Template, sheetId: SheetId, units: UnitSystem = 'metric'): PaperDrawing[] {
  const { drawing } = template;
  const tiling = tilingOf(drawing, sheetId);
  const n = tiling.tiles.length;
  const size = `${formatLength(drawing.wide, units)} × ${formatLength(drawing.high, units)} including margins`;
  const about = `${size}, on ${n} ${n === 1 ? 'sheet' : 'sheets'} of ${SHEETS[sheetId].label}`;
  const pages = tiling.tiles.map((t): PaperDrawing => ({
    title: `${drawing.title}, ${tileName(t)}`,
    ...tiling.sheet,
    marks: [
      {
        kind: 'window',
        x: MARGIN,
        y: MARGIN,
        wide: t.wide,
        high: t.high,
        fromX: t.x,
        fromY: t.y,
        marks: drawing.marks,
      },
      ...joins(t, tiling),
      {
        kind: 'text',
        x: MARGIN + OVERLAP + CROP,
        y: tiling.sheet.high - 4,
        text: `${tileName(t)} of ${n}: ${drawing.title}. Overlap ${OVERLAP} mm, dotted.`,
        sizeMm: 3.2,
        colour: INK,
      },
    ],
  }));
  return [keyPage(template, tiling, about), ...pages];
}
