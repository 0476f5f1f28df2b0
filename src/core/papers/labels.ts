import { MATERIALS } from '../containers/materials';
import { describe } from '../containers/describe';
import type { FeedId } from '../materials/feeds';
import { plantName } from '../plants/schema';
import { signature } from '../plants/signature';
import type { Planting } from '../plantings/schema';
import { plantingOrder } from '../steps/order';
import { formatDay } from '../units/date';
import { formatLength, type UnitSystem } from '../units/length';
import { careLines, sunWords } from './care';
import { type PaperDrawing, frame, HAIR, line, lengthOf, type PaperMark, paragraph, QUIET } from './drawing';
import { MARGIN, type SheetId, SHEETS } from './sizes';

/** A plant label, mm: it is cut out and stuck on a stick. Working figures: three across either sheet. */
const LABEL = { wide: 60, high: 22, gap: 3 } as const;
/** The card for the container, mm. */
const CARD = { wide: 125, high: 82 } as const;

const THIRST = { dry: 'let it dry out', moderate: 'water when the top is dry', thirsty: 'keep it moist' } as const;

/** Letters no larger than `most` in which a text still fits a width, mm. */
const fitted = (text: string, most: number, wide: number): number =>
  Math.min(most, (most * wide) / Math.max(1, lengthOf(text, most)));

interface Label {
  name: string;
  botanical: string;
  /** Two short lines. */
  says: readonly [string, string];
  hex: string;
}

function labelsOf(planting: Planting, units: UnitSystem): Label[] {
  const order = plantingOrder(planting);
  const kinds = [...new Map(order.map((p) => [p.plant.id, p.plant])).values()];
  return kinds.map((plant) => ({
    name: plantName(plant),
    botanical: plant.botanical,
    says: [
      `Grows to ${formatLength(plant.heightMm[1], units)}; ${THIRST[plant.water]}`,
      `On the plan ${order
        .filter((p) => p.plant.id === plant.id)
        .map((p) => p.no)
        .join(', ')}`,
    ],
    hex: signature(plant),
  }));
}

function label({ name, botanical, says, hex }: Label, x: number, y: number): PaperMark[] {
  const inner = LABEL.wide - 8;
  return [
    frame(x, y, LABEL.wide, LABEL.high, { widthMm: HAIR, stroke: QUIET }),
    frame(x, y, 2.4, LABEL.high, { stroke: undefined, fill: hex }),
    { kind: 'text', x: x + 5, y: y + 6.5, text: name, sizeMm: fitted(name, 4.4, inner), bold: true },
    { kind: 'text', x: x + 5, y: y + 10.8, text: botanical, sizeMm: fitted(botanical, 3, inner), colour: QUIET },
    ...says.map((text, i): PaperMark => ({
      kind: 'text',
      x: x + 5,
      y: y + 15.4 + i * 4,
      text,
      sizeMm: fitted(text, 3, inner),
    })),
  ];
}

/** The card that stands in the container: what it is, how it is kept, and who planted it when. */
function card(planting: Planting, x: number, y: number, units: UnitSystem, feed: FeedId): PaperMark[] {
  const { name, spot, container, startDate } = planting;
  const marks: PaperMark[] = [
    frame(x, y, CARD.wide, CARD.high, { widthMm: HAIR, stroke: QUIET }),
    { kind: 'text', x: x + 6, y: y + 10, text: name, sizeMm: fitted(name, 7, CARD.wide - 12), bold: true },
    {
      kind: 'text',
      x: x + 6,
      y: y + 16,
      text: `${spot.name}; ${describe(container, units)}, ${MATERIALS[container.material].label.toLowerCase()}; ${sunWords(planting)}`,
      sizeMm: 3.2,
      colour: QUIET,
    },
  ];
  let at = y + 23;
  for (const text of careLines(planting, feed)) {
    const { marks: lines, nextY } = paragraph(text, { x: x + 6, y: at, wide: CARD.wide - 12, sizeMm: 3.4 });
    marks.push(...lines);
    at = nextY + 1;
  }
  const foot = y + CARD.high - 6;
  marks.push(
    { kind: 'text', x: x + 6, y: foot, text: `Planted on ${formatDay(startDate)} by`, sizeMm: 3.4 },
    line(x + 48, foot + 0.6, x + CARD.wide - 6, foot + 0.6, { widthMm: HAIR }),
  );
  return marks;
}

/**
 * A sheet with the container’s card and a label for each kind in it, to be cut out; more sheets where one
 * does not hold them. Throws UnknownPlantError.
 */
export function labelSheets(
  planting: Planting,
  sheetId: SheetId,
  units: UnitSystem = 'metric',
  feed: FeedId = 'slow',
): PaperDrawing[] {
  const { wide, high } = SHEETS[sheetId];
  const across = Math.floor((wide - 2 * MARGIN + LABEL.gap) / (LABEL.wide + LABEL.gap));
  const pages: PaperMark[][] = [[...card(planting, MARGIN, MARGIN, units, feed)]];
  let top = MARGIN + CARD.high + 8;
  let at = 0;
  for (const l of labelsOf(planting, units)) {
    const y = top + Math.floor(at / across) * (LABEL.high + LABEL.gap);
    if (y + LABEL.high > high - MARGIN) {
      pages.push([]);
      [top, at] = [MARGIN, 0];
    }
    const row = Math.floor(at / across);
    const x = MARGIN + (at % across) * (LABEL.wide + LABEL.gap);
    pages.at(-1)?.push(...label(l, x, top + row * (LABEL.high + LABEL.gap)));
    at += 1;
  }
  return pages.map((marks) => ({ title: `${planting.name}: labels`, wide, high, marks }));
}
