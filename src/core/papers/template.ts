import { headspaceMm, SOIL_BUFFER_MM } from '../containers';
import { clearOf, rimOf } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import type { PlanPoint } from '../containers/shapes/shape';
import { plantName } from '../plants/schema';
import { signature } from '../plants/signature';
import { STARTS } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import { type Numbered, plantingOrder } from '../steps/order';
import { type PaperDrawing, INK, line, type PaperMark, QUIET } from './drawing';

/** Room round the rim for the marks of centre and front, mm. */
const AROUND = 14;
/** Lines about as wide as a pencil's, mm. */
const PEN = 0.35;
/** Letters in a hole: its number, and its start under it, mm. */
const NUMBER_MM = 7;
const START_MM = 3.2;
/** A hole smaller than this across has its start beside it in the key alone, mm. */
const ROOM_FOR_START = 36;
/** An arrow that tells which way it leans, mm. */
const ARROW = 9;
const BARB = 3;
/** Arms of the cross in the middle, from and to, mm. */
const CROSS_FROM = 10;
const CROSS_TO = 18;

/** A template: the plan at full size, and what its numbers are. */
export interface Template {
  drawing: PaperDrawing;
  key: readonly Numbered[];
  /** The container's middle on the drawing, mm. */
  middle: PlanPoint;
}

/** Which way a plant leans: what hangs leans out to the nearest rim; nothing else does. */
export function leanOf(planting: Planting, p: Numbered): PlanPoint | null {
  if (p.role !== 'spiller') return null;
  const { nx, ny } = clearOf(planting.container.shape, 0, p.xMm, p.yMm);
  return { x: nx, y: ny };
}

function hole(planting: Planting, p: Numbered, at: PlanPoint): PaperMark[] {
  const { ballMm, label } = STARTS[p.start];
  const r = ballMm / 2;
  const lean = leanOf(planting, p);
  const tip = lean && { x: at.x + lean.x * (r + ARROW), y: at.y + lean.y * (r + ARROW) };
  const foot = lean && { x: at.x + lean.x * r, y: at.y + lean.y * r };
  const barb = (turn: 1 | -1) =>
    lean && tip
      ? [
          line(
            tip.x,
            tip.y,
            tip.x - (lean.x + turn * lean.y * 0.6) * BARB,
            tip.y - (lean.y - turn * lean.x * 0.6) * BARB,
            { widthMm: PEN },
          ),
        ]
      : [];
  return [
    { kind: 'circle', x: at.x, y: at.y, r, stroke: signature(p.plant), widthMm: PEN * 4 },
    { kind: 'circle', x: at.x, y: at.y, r, stroke: INK, widthMm: PEN },
    ...(tip && foot ? [line(foot.x, foot.y, tip.x, tip.y, { widthMm: PEN }), ...barb(1), ...barb(-1)] : []),
    {
      kind: 'text',
      x: at.x,
      y: at.y + NUMBER_MM * 0.36,
      text: String(p.no),
      sizeMm: NUMBER_MM,
      bold: true,
      align: 'middle',
    },
    ...(ballMm >= ROOM_FOR_START
      ? [
          {
            kind: 'text' as const,
            x: at.x,
            y: at.y + NUMBER_MM * 0.36 + START_MM * 1.5,
            text: label,
            sizeMm: START_MM,
            align: 'middle' as const,
            colour: QUIET,
          },
        ]
      : []),
  ];
}

/** Centre and front: a cross, and an arrow at the side that is looked at. */
function bearings({ x, y }: PlanPoint, deep: number): PaperMark[] {
  const front = y + deep / 2;
  const text = (at: number, words: string): PaperMark => ({
    kind: 'text',
    x,
    y: at,
    text: words,
    sizeMm: 4,
    bold: true,
    align: 'middle',
  });
  return [
    // The arms stand clear of a number in the middle.
    ...[1, -1].flatMap((way) => [
      line(x + way * CROSS_FROM, y, x + way * CROSS_TO, y, { stroke: QUIET }),
      line(x, y + way * CROSS_FROM, x, y + way * CROSS_TO, { stroke: QUIET }),
    ]),
    line(x, front, x, front + 5, { widthMm: PEN }),
    line(x, front + 5, x - 2, front + 2.6, { widthMm: PEN }),
    line(x, front + 5, x + 2, front + 2.6, { widthMm: PEN }),
    text(front + 10, 'front'),
    text(y - deep / 2 - 4, 'back'),
  ];
}

/**
 * The plan of one container at full size: its rim, the line root balls keep within, centre and front, and for each
 * root ball a circle as wide as it is, with its number, its start and the way it leans. Throws UnknownPlantError.
 */
export function templateOf(planting: Planting): Template {
  const { shape } = planting.container;
  const s = shapeOf(shape);
  const { wide, deep } = rimOf(shape);
  const middle = { x: wide / 2 + AROUND, y: deep / 2 + AROUND };
  const on = (p: PlanPoint): PlanPoint => ({ x: middle.x + p.x, y: middle.y + p.y });
  const soil = s.ring(shape, headspaceMm(planting.container));
  const key = plantingOrder(planting);
  const marks: PaperMark[] = [
    { kind: 'path', points: s.ring(shape, 0).map(on), closed: true, stroke: INK, widthMm: PEN },
    {
      kind: 'path',
      points: soil.map((p) => {
        const c = clearOf(shape, headspaceMm(planting.container), p.x, p.y);
        return on({ x: p.x - c.nx * SOIL_BUFFER_MM, y: p.y - c.ny * SOIL_BUFFER_MM });
      }),
      closed: true,
      stroke: QUIET,
      widthMm: PEN * 0.6,
      dashMm: [3, 2],
    },
    ...bearings(middle, deep),
    ...key.flatMap((p) => hole(planting, p, on({ x: p.xMm, y: p.yMm }))),
  ];
  const drawing = {
    title: `${planting.name}: template at full size`,
    wide: wide + 2 * AROUND,
    high: deep + 2 * AROUND,
    marks,
  };
  return { drawing, key, middle };
}

/** A numbered plant in words: “3 Petunia, magenta, 9 cm pot”. */
export const keyLine = (p: Numbered): string => `${plantName(p.plant)}, ${STARTS[p.start].label}`;
