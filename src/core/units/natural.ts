/** Order of names as people read them: “Pot 2” before “Pot 10”. */
export const byName = (a: string, b: string): number => a.localeCompare(b, 'en', { numeric: true });
