/** Hands a text to the user as a file. */
export const download = (name: string, text: string, type: string): void =>
  downloadBlob(name, new Blob([text], { type: `${type};charset=utf-8` }));

/** Hands bytes to the user as a file. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  a.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** “Left-hand pot”, “shopping.csv” → left-hand-pot-shopping.csv */
export const fileName = (name: string, ending: string): string =>
  `${
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'pot'
  }-${ending}`;
