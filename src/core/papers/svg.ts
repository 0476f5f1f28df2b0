import { type PaperDrawing, INK, type Ink, type PaperMark } from './drawing';

const FONT = "'Bricolage Grotesque', 'Bricolage Grotesque Variable', sans-serif";
const ANCHOR = { left: 'start', middle: 'middle', right: 'end' } as const;

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);

/** A length to the hundredth of a millimetre. */
const mm = (n: number): string => String(Number(n.toFixed(2)));

const inkOf = ({ stroke, fill, widthMm, dashMm }: Ink): string =>
  `fill="${fill ?? 'none'}"${stroke ? ` stroke="${stroke}" stroke-width="${mm(widthMm ?? 0.25)}"` : ''}${
    dashMm ? ` stroke-dasharray="${dashMm.map(mm).join(' ')}"` : ''
  }`;

const boxOf = ({ x, y, wide, high }: Extract<PaperMark, { kind: 'image' | 'window' }>): string =>
  `x="${mm(x)}" y="${mm(y)}" width="${mm(wide)}" height="${mm(high)}"`;

const letters = ({ sizeMm, bold, align, colour }: Extract<PaperMark, { kind: 'text' }>): string =>
  `font-size="${mm(sizeMm)}" font-weight="${bold ? 600 : 400}" text-anchor="${ANCHOR[align ?? 'left']}" fill="${colour ?? INK}"`;

function written(m: PaperMark): string {
  switch (m.kind) {
    case 'path':
      return `<path d="M${m.points.map((p) => `${mm(p.x)} ${mm(p.y)}`).join('L')}${m.closed ? 'Z' : ''}" ${inkOf(m)}/>`;
    case 'circle':
      return `<circle cx="${mm(m.x)}" cy="${mm(m.y)}" r="${mm(m.r)}" ${inkOf(m)}/>`;
    case 'text':
      return `<text x="${mm(m.x)}" y="${mm(m.y)}" ${letters(m)}>${escaped(m.text)}</text>`;
    case 'image':
      return `<image ${boxOf(m)} href="${escaped(m.href)}"/>`;
    case 'window': {
      const seen = [m.fromX, m.fromY, m.wide, m.high].map(mm).join(' ');
      return `<svg ${boxOf(m)} viewBox="${seen}" overflow="hidden">${m.marks.map(written).join('')}</svg>`;
    }
  }
}

/** A drawing as SVG 1.1 in true millimetres. */
export const svgOf = ({ title, wide, high, marks }: PaperDrawing): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(wide)}mm" height="${mm(high)}mm" viewBox="0 0 ${mm(wide)} ${mm(high)}" font-family="${FONT}"><title>${escaped(title)}</title>\n${marks.map(written).join('\n')}\n</svg>\n`;
