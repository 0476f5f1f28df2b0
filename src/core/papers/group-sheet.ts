import { describe } from '../containers/describe';
import { nameOf, type Scene } from '../groups/scene';
import { kindsIn } from '../plantings/kinds';
import { formatDay } from '../units/date';
import type { UnitSystem } from '../units/length';
import { careLines } from './care';
import { type PaperDrawing, HAIR, line, type PaperMark, paragraph, QUIET } from './drawing';
import type { Picture } from './sheet';
import { MARGIN, type SheetId, SHEETS } from './sizes';

/** Figures of a group that are reckoned elsewhere, in words. */
export interface GroupFigure {
  label: string;
  text: string;
}

/** Room for the scene, mm. */
const SCENE_HIGH = 108;
/** A container wants so much room at the foot of the page, and the lines of care so much, mm. */
const FOOT_MM = 22;
const CARE_MM = 48;
/** A row of figures is so high, mm. */
const FIGURES_HIGH = 16;

function scenePart(
  { href, wide, high, says }: Picture,
  y: number,
  inner: number,
): { marks: PaperMark[]; nextY: number } {
  const k = Math.min(inner / wide, SCENE_HIGH / high);
  const [w, h] = [wide * k, high * k];
  return {
    marks: [
      { kind: 'image', x: MARGIN + (inner - w) / 2, y, wide: w, high: h, href },
      { kind: 'text', x: MARGIN, y: y + h + 5, text: says, sizeMm: 3.4, colour: QUIET },
    ],
    nextY: y + h + 12,
  };
}

/**
 * One page for a board: the whole scene, what it comes to, each container with its plants, and the care of what leads
 * it. Containers that are the same stand once. Without a picture the page does without. Throws UnknownPlantError.
 */
export function groupSheetOf(
  scene: Scene,
  sheetId: SheetId,
  picture: Picture | null,
  figures: readonly GroupFigure[],
  units: UnitSystem = 'metric',
): PaperDrawing {
  const { wide, high } = SHEETS[sheetId];
  const inner = wide - 2 * MARGIN;
  const { group, bodies, date } = scene;
  const marks: PaperMark[] = [
    { kind: 'text', x: MARGIN, y: MARGIN + 9, text: group.place, sizeMm: 9, bold: true },
    {
      kind: 'text',
      x: MARGIN,
      y: MARGIN + 16,
      text: `${bodies.length === 1 ? 'One container' : `${bodies.length} containers`} on ${formatDay(date)}`,
      sizeMm: 3.8,
    },
    line(MARGIN, MARGIN + 20, wide - MARGIN, MARGIN + 20, { widthMm: HAIR }),
  ];
  let y = MARGIN + 24;
  if (picture) {
    const part = scenePart(picture, y, inner);
    marks.push(...part.marks);
    y = part.nextY;
  }
  figures.forEach((f, i) => {
    const x = MARGIN + (inner / Math.max(1, figures.length)) * i;
    marks.push(
      { kind: 'text', x, y: y + 4, text: f.label, sizeMm: 3.2, colour: QUIET },
      { kind: 'text', x, y: y + 10.5, text: f.text, sizeMm: 5, bold: true },
    );
  });
  if (figures.length > 0) y += FIGURES_HIGH;
  const kinds = bodies.filter((b, i) => bodies.findIndex((o) => o.of === b.of) === i);
  const say = (text: string, bold = false) => {
    const p = paragraph(text, { x: MARGIN, y, wide: inner, sizeMm: bold ? 4 : 3.5 });
    marks.push(...p.marks.map((m) => (m.kind === 'text' ? { ...m, bold } : m)));
    y = p.nextY + 0.6;
  };
  y += 4;
  for (const [i, b] of kinds.entries()) {
    if (y > high - MARGIN - FOOT_MM) {
      say(`and ${kinds.length - i} more`);
      break;
    }
    const { count } = b.planting.container;
    say(
      `${b.id === b.of ? nameOf(b) : b.planting.name}${count > 1 ? `, ${count} of it` : ''}: ${describe(b.planting.container, units)}`,
      true,
    );
    say(b.planting.placements.length > 0 ? kindsIn(b.planting) : 'Not planted yet.');
    y += 1.4;
  }
  const [lead] = [...kinds].sort((a, b) => b.topZ - a.topZ);
  if (lead && lead.planting.placements.length > 0 && y < high - MARGIN - CARE_MM) {
    y += 2;
    say('Care', true);
    for (const text of careLines(lead.planting)) say(text);
  }
  return { title: `${group.place}: sheet`, wide, high, marks };
}
