import { describe } from '../containers/describe';
import { MATERIALS } from '../containers/materials';
import { rimOf } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import { bestWeeks } from '../growth/stretches';
import { grow } from '../growth/season';
import type { FeedId } from '../materials/feeds';
import { plantName } from '../plants/schema';
import { signature } from '../plants/signature';
import { STARTS } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import { type Numbered, plantingOrder } from '../steps/order';
import { addDays, formatDay } from '../units/date';
import type { UnitSystem } from '../units/length';
import { careLines, sunWords } from './care';
import { type PaperDrawing, HAIR, INK, line, type PaperMark, paragraph, QUIET } from './drawing';
import { MARGIN, type SheetId, SHEETS } from './sizes';

/** A picture for the sheet: a PNG as a data URL, its size in any unit, and what is under it. */
export interface Picture {
  href: string;
  wide: number;
  high: number;
  says: string;
}

/** Room for a picture, and for the plan, mm. */
const PICTURE_HIGH = 92;
const PLAN_HIGH = 56;

/** The plan small, its numbers as in the list. */
function smallPlan(planting: Planting, order: readonly Numbered[], x: number, y: number, wide: number): PaperMark[] {
  const { shape } = planting.container;
  const rim = rimOf(shape);
  const k = Math.min(wide / rim.wide, PLAN_HIGH / rim.deep);
  const [cx, cy] = [x + wide / 2, y + (rim.deep * k) / 2];
  const on = (p: { x: number; y: number }) => ({ x: cx + p.x * k, y: cy + p.y * k });
  return [
    { kind: 'path', points: shapeOf(shape).ring(shape, 0).map(on), closed: true, stroke: INK, widthMm: 0.4 },
    ...order.flatMap((p): PaperMark[] => {
      const at = on({ x: p.xMm, y: p.yMm });
      const r = (STARTS[p.start].ballMm / 2) * k;
      const size = Math.min(4, Math.max(2.4, r * 0.8));
      return [
        { kind: 'circle', ...at, r, stroke: signature(p.plant), widthMm: 0.8 },
        { kind: 'text', x: at.x, y: at.y + size * 0.36, text: String(p.no), sizeMm: size, bold: true, align: 'middle' },
      ];
    }),
    {
      kind: 'text',
      x: cx,
      y: y + rim.deep * k + 4.5,
      text: 'front',
      sizeMm: 3,
      align: 'middle',
      colour: QUIET,
    },
  ];
}

/** Pictures side by side in a row, each as large as its share of it allows. */
function pictured(pictures: readonly Picture[], x: number, y: number, wide: number): PaperMark[] {
  const each = wide / Math.max(1, pictures.length);
  const k = Math.min(...pictures.map((p) => Math.min((each - 4) / p.wide, PICTURE_HIGH / p.high)));
  return pictures.flatMap((p, i): PaperMark[] => {
    const [w, h] = [p.wide * k, p.high * k];
    const left = x + each * i + (each - w) / 2;
    return [
      { kind: 'image', x: left, y: y + PICTURE_HIGH - h, wide: w, high: h, href: p.href },
      {
        kind: 'text',
        x: x + each * (i + 0.5),
        y: y + PICTURE_HIGH + 5,
        text: p.says,
        sizeMm: 3.4,
        align: 'middle',
        colour: QUIET,
      },
    ];
  });
}

/** “1, 4, 7” with what they are. */
function plantList(order: readonly Numbered[]): string[] {
  const kinds = new Map<string, Numbered[]>();
  for (const p of order) kinds.set(`${p.plant.id}:${p.start}`, [...(kinds.get(`${p.plant.id}:${p.start}`) ?? []), p]);
  return [...kinds.values()].flatMap((all) => {
    const [first] = all;
    return first
      ? [`${all.map((p) => p.no).join(', ')}: ${all.length} ${plantName(first.plant)}, ${STARTS[first.start].label}`]
      : [];
  });
}

/**
 * One page for a client or a board: pictures, plan, plants, and six lines of care. Pictures are given, for they are
 * drawn elsewhere; without any the page does without. Throws UnknownPlantError.
 */
export function sheetOf(
  planting: Planting,
  sheetId: SheetId,
  pictures: readonly Picture[],
  units: UnitSystem = 'metric',
  feed: FeedId = 'slow',
): PaperDrawing {
  const { wide, high } = SHEETS[sheetId];
  const { name, spot, container, startDate } = planting;
  const order = plantingOrder(planting);
  const inner = wide - 2 * MARGIN;
  const best = bestWeeks(grow(planting));
  const when = best
    ? `; at its best ${formatDay(addDays(startDate, best.from * 7))} to ${formatDay(addDays(startDate, best.to * 7 + 6))}`
    : '';
  const marks: PaperMark[] = [
    { kind: 'text', x: MARGIN, y: MARGIN + 9, text: name, sizeMm: 9, bold: true },
    {
      kind: 'text',
      x: MARGIN,
      y: MARGIN + 16,
      text: `${spot.name}, ${sunWords(planting)}. ${describe(container, units)}, ${MATERIALS[container.material].label.toLowerCase()}.`,
      sizeMm: 3.8,
    },
    {
      kind: 'text',
      x: MARGIN,
      y: MARGIN + 21.5,
      text: `Planted ${formatDay(startDate)}${when}`,
      sizeMm: 3.8,
      colour: QUIET,
    },
    line(MARGIN, MARGIN + 25, wide - MARGIN, MARGIN + 25, { widthMm: HAIR }),
  ];
  let y = MARGIN + 29;
  if (pictures.length > 0) {
    marks.push(...pictured(pictures, MARGIN, y, inner));
    y += PICTURE_HIGH + 12;
  }
  const column = (inner - 8) * 0.42;
  marks.push(...smallPlan(planting, order, MARGIN, y + 4, column));
  let row = y + 5;
  const listX = MARGIN + column + 8;
  marks.push({ kind: 'text', x: listX, y: row, text: 'Plants', sizeMm: 4.2, bold: true });
  row += 6;
  for (const text of plantList(order)) {
    const p = paragraph(text, { x: listX, y: row, wide: inner - column - 8, sizeMm: 3.5 });
    marks.push(...p.marks);
    row = p.nextY + 0.8;
  }
  let foot = Math.max(row, y + PLAN_HIGH + 14) + 4;
  marks.push({ kind: 'text', x: MARGIN, y: foot, text: 'Care', sizeMm: 4.2, bold: true });
  foot += 6.5;
  for (const text of careLines(planting, feed)) {
    const p = paragraph(text, { x: MARGIN + 4, y: foot, wide: inner - 4, sizeMm: 3.8 });
    marks.push({ kind: 'text', x: MARGIN, y: foot, text: '–', sizeMm: 3.8 }, ...p.marks);
    foot = p.nextY + 1;
  }
  return { title: `${name}: sheet`, wide, high, marks };
}
