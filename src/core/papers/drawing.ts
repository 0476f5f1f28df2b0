/** How a line or an area is drawn. Lengths in mm, colours as #rrggbb. */
export interface Ink {
  stroke?: string;
  fill?: string;
  widthMm?: number;
  dashMm?: readonly number[];
}

export interface PathMark extends Ink {
  kind: 'path';
  points: readonly { x: number; y: number }[];
  closed?: boolean;
}
export interface CircleMark extends Ink {
  kind: 'circle';
  x: number;
  y: number;
  r: number;
}
export interface TextMark {
  kind: 'text';
  /** On the line the letters stand on. */
  x: number;
  y: number;
  text: string;
  /** Height of the letters as printers count it, mm. */
  sizeMm: number;
  bold?: boolean;
  align?: 'left' | 'middle' | 'right';
  colour?: string;
}
/** A picture, PNG as a data URL. */
export interface ImageMark {
  kind: 'image';
  x: number;
  y: number;
  wide: number;
  high: number;
  href: string;
}
/**
 * Part of another drawing seen through a frame: what lies outside it is cut off. `fromX`, `fromY` is what
 * stands in its upper left corner.
 */
export interface WindowMark {
  kind: 'window';
  x: number;
  y: number;
  wide: number;
  high: number;
  fromX: number;
  fromY: number;
  marks: readonly PaperMark[];
}
export type PaperMark = PathMark | CircleMark | TextMark | ImageMark | WindowMark;

/** A paper: millimetres from its upper left corner, x to the right, y down. Written as SVG and as PDF. */
export interface PaperDrawing {
  title: string;
  wide: number;
  high: number;
  marks: readonly PaperMark[];
}

export const INK = '#16211e';
export const QUIET = '#5a6b66';
export const HAIR = 0.18;

/** A straight line. */
export const line = (x1: number, y1: number, x2: number, y2: number, ink: Ink = {}): PathMark => ({
  kind: 'path',
  points: [
    { x: x1, y: y1 },
    { x: x2, y: y2 },
  ],
  stroke: INK,
  widthMm: 0.25,
  ...ink,
});

/** A frame. */
export const frame = (x: number, y: number, wide: number, high: number, ink: Ink = {}): PathMark => ({
  kind: 'path',
  points: [
    { x, y },
    { x: x + wide, y },
    { x: x + wide, y: y + high },
    { x, y: y + high },
  ],
  closed: true,
  stroke: INK,
  widthMm: 0.25,
  ...ink,
});

/**
 * Letters are about this wide for their height. Working figure for the font the papers are set in, a little
 * over its mean.
 */
const LETTER = 0.49;

/** About how long a text is when it is set, mm. */
export const lengthOf = (text: string, sizeMm: number): number => text.length * sizeMm * LETTER;

/** A text in lines no longer than `wide`, broken between words; a word that is longer stands alone. */
export function wrapped(text: string, sizeMm: number, wide: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const last = lines.at(-1);
    if (last !== undefined && lengthOf(`${last} ${word}`, sizeMm) <= wide) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

/** Letters and the gap under them, as a multiple of their height. */
const LEADING = 1.32;

/** Lines of text under one another from a first baseline, and where the next one would stand. */
export function paragraph(
  text: string,
  at: { x: number; y: number; wide: number; sizeMm: number } & Pick<TextMark, 'bold' | 'colour'>,
): { marks: TextMark[]; nextY: number } {
  const { x, y, wide, sizeMm, ...look } = at;
  const lines = wrapped(text, sizeMm, wide);
  return {
    marks: lines.map((t, i) => ({ kind: 'text', x, y: y + i * sizeMm * LEADING, text: t, sizeMm, ...look })),
    nextY: y + lines.length * sizeMm * LEADING,
  };
}
