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

function written(m: PaperMark): string {
  switch (m.kind) {
    case 'path':
      return `<path d="M${m.points.map((p) => `${mm(p.x)} ${mm(p.y)}`).join('L')}${m.closed ? 'Z' : ''}" ${inkOf(m)}/>`;
    case 'circle':
      return `<circle cx="${mm(m.x)}" cy="${mm(m.y)}" r="${mm(m.r)}" ${inkOf(m)}/>`;
    case 'text':
      return `<text x="${mm(m.x)}" y="${mm(m.y)}" font-size="${mm(m.sizeMm)}" font-weight="${m.bold ? 600 : 400}" text-anchor="${ANCHOR[m.align ?? 'left']}" fill="${m.colour ?? INK}">${escaped(m.text)}</text>`;
    case 'image':
      return `<image x="${mm(m.x)}" y="${mm(m.y)}" width="${mm(m.wide)}" height="${mm(m.high)}" href="${escaped(m.href)}"/>`;
    case 'window':
      return `<svg x="${mm(m.x)}" y="${mm(m.y)}" width="${mm(m.wide)}" height="${mm(m.high)}" viewBox="${[m.fromX, m.fromY, m.wide, m.high].map(mm).join(' ')}" overflow="hidden">${m.marks.map(written).join('')}</svg>`;
  }
}

/** A drawing as SVG 1.1 in true millimetres. */
export const svgOf = ({ title, wide, high, marks }: PaperDrawing): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(wide)}mm" height="${mm(high)}mm" viewBox="0 0 ${mm(wide)} ${mm(high)}" font-family="${FONT}"><title>${escaped(title)}</title>\n${marks.map(written).join('\n')}\n</svg>\n`;
