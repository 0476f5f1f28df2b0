/** Sheets a printer takes, mm: ISO 216 A4, and US Letter. */
export const SHEETS = {
  a4: { label: 'A4', wide: 210, high: 297 },
  letter: { label: 'Letter', wide: 215.9, high: 279.4 },
} as const;
export type SheetId = keyof typeof SHEETS;
export const SHEET_IDS = Object.keys(SHEETS) as SheetId[];

/** Nearer to the edge than this many printers print nothing, mm. Working figure. */
export const MARGIN = 10;
