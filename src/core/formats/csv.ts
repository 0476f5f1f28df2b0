import Papa from 'papaparse';

/**
 * Rows under their headings as CSV (RFC 4180), the last line ended too. Cells that a spreadsheet would run as
 * a formula get an apostrophe.
 */
export const csvOf = (headings: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse([headings, ...rows], { escapeFormulae: true, newline: '\r\n' })}\r\n`;
