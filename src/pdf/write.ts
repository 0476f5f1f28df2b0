import fontkit from '@pdf-lib/fontkit';
import {
  beginText,
  clip,
  closePath,
  concatTransformationMatrix,
  drawObject,
  endPath,
  endText,
  fill,
  fillAndStroke,
  lineTo,
  moveTo,
  PDFDocument,
  type PDFFont,
  type PDFImage,
  type PDFName,
  type PDFOperator,
  type PDFPage,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  setDashPattern,
  setFillingColor,
  setFontAndSize,
  setLineWidth,
  setStrokingColor,
  setTextMatrix,
  showText,
  stroke,
  appendBezierCurve,
} from 'pdf-lib';
import {
  type CircleMark,
  type PaperDrawing,
  INK,
  type Ink,
  type PaperMark,
  type TextMark,
} from '@/core/papers/drawing';
import { MM_PER_INCH } from '@/core/units/length';

/** The cuts of the font that papers are set in, as TrueType files. */
export interface Fonts {
  plain: ArrayBuffer | Uint8Array;
  bold: ArrayBuffer | Uint8Array;
}

const POINTS_PER_MM = 72 / MM_PER_INCH;
/** A quarter circle as a Bézier: the control points’ distance as a share of the radius (usual constant). */
const QUARTER = 0.5522847498;

/** What a page is written with. */
interface Pen {
  page: PDFPage;
  plain: PDFFont;
  bold: PDFFont;
  plainKey: PDFName;
  boldKey: PDFName;
  images: ReadonlyMap<string, PDFImage>;
}

const colourOf = (hex: string) => {
  const n = Number.parseInt(hex.slice(1), 16);
  return rgb((n >> 16) / 255, ((n >> 8) & 255) / 255, (n & 255) / 255);
};

/** Sets the ink, draws what `outline` makes, and paints it. */
function inked(ink: Ink, outline: readonly PDFOperator[]): PDFOperator[] {
  const set: PDFOperator[] = [];
  if (ink.stroke) set.push(setStrokingColor(colourOf(ink.stroke)), setLineWidth(ink.widthMm ?? 0.25));
  if (ink.fill) set.push(setFillingColor(colourOf(ink.fill)));
  if (ink.dashMm) set.push(setDashPattern([...ink.dashMm], 0));
  const paint = ink.stroke && ink.fill ? fillAndStroke() : ink.fill ? fill() : ink.stroke ? stroke() : endPath();
  return [pushGraphicsState(), ...set, ...outline, paint, popGraphicsState()];
}

function circle({ x, y, r }: CircleMark): PDFOperator[] {
  const k = r * QUARTER;
  return [
    moveTo(x + r, y),
    appendBezierCurve(x + r, y + k, x + k, y + r, x, y + r),
    appendBezierCurve(x - k, y + r, x - r, y + k, x - r, y),
    appendBezierCurve(x - r, y - k, x - k, y - r, x, y - r),
    appendBezierCurve(x + k, y - r, x + r, y - k, x + r, y),
    closePath(),
  ];
}

const SHIFT = { left: 0, middle: 0.5, right: 1 } as const;

function text(m: TextMark, pen: Pen): PDFOperator[] {
  const font = m.bold ? pen.bold : pen.plain;
  const long = font.widthOfTextAtSize(m.text, m.sizeMm);
  return [
    pushGraphicsState(),
    setFillingColor(colourOf(m.colour ?? INK)),
    beginText(),
    setFontAndSize(m.bold ? pen.boldKey : pen.plainKey, m.sizeMm),
    // The page is turned upside down so that y runs down; letters are turned back.
    setTextMatrix(1, 0, 0, -1, m.x - long * SHIFT[m.align ?? 'left'], m.y),
    showText(font.encodeText(m.text)),
    endText(),
    popGraphicsState(),
  ];
}

function drawn(m: PaperMark, pen: Pen): PDFOperator[] {
  switch (m.kind) {
    case 'path': {
      const [first, ...rest] = m.points;
      if (!first) return [];
      const way = [moveTo(first.x, first.y), ...rest.map((p) => lineTo(p.x, p.y))];
      return inked(m, m.closed ? [...way, closePath()] : way);
    }
    case 'circle':
      return inked(m, circle(m));
    case 'text':
      return text(m, pen);
    case 'image': {
      const image = pen.images.get(m.href);
      if (!image) return [];
      const name = pen.page.node.newXObject('Image', image.ref);
      return [
        pushGraphicsState(),
        concatTransformationMatrix(m.wide, 0, 0, -m.high, m.x, m.y + m.high),
        drawObject(name),
        popGraphicsState(),
      ];
    }
    case 'window':
      return [
        pushGraphicsState(),
        rectangle(m.x, m.y, m.wide, m.high),
        clip(),
        endPath(),
        concatTransformationMatrix(1, 0, 0, 1, m.x - m.fromX, m.y - m.fromY),
        ...m.marks.flatMap((o) => drawn(o, pen)),
        popGraphicsState(),
      ];
  }
}

/** Every picture in some marks, by its address. */
const hrefsIn = (marks: readonly PaperMark[]): string[] =>
  marks.flatMap((m) => (m.kind === 'image' ? [m.href] : m.kind === 'window' ? hrefsIn(m.marks) : []));

/** Papers as one PDF at true size, with real text in an embedded font. Throws where a picture is no PNG. */
export async function pdfOf(pages: readonly PaperDrawing[], fonts: Fonts): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  file.registerFontkit(fontkit);
  file.setTitle(pages[0]?.title ?? 'Rillbank');
  file.setCreator('Rillbank');
  const plain = await file.embedFont(fonts.plain, { subset: true });
  const bold = await file.embedFont(fonts.bold, { subset: true });
  const images = new Map<string, PDFImage>();
  for (const href of new Set(pages.flatMap((p) => hrefsIn(p.marks)))) images.set(href, await file.embedPng(href));
  for (const { wide, high, marks } of pages) {
    const page = file.addPage([wide * POINTS_PER_MM, high * POINTS_PER_MM]);
    const pen: Pen = {
      page,
      plain,
      bold,
      plainKey: page.node.newFontDictionary(plain.name, plain.ref),
      boldKey: page.node.newFontDictionary(bold.name, bold.ref),
      images,
    };
    page.pushOperators(
      pushGraphicsState(),
      concatTransformationMatrix(POINTS_PER_MM, 0, 0, -POINTS_PER_MM, 0, high * POINTS_PER_MM),
      ...marks.flatMap((m) => drawn(m, pen)),
      popGraphicsState(),
    );
  }
  return file.save();
}
