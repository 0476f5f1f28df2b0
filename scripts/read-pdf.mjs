// Reads a PDF with another reader than the one that wrote it, and prints as JSON what is on each page: its
// size, its texts and where they stand, in mm from the upper left corner. Used by tests.
import { readFileSync } from 'node:fs';
import { getDocument, VerbosityLevel } from 'pdfjs-dist/legacy/build/pdf.mjs';

const MM = 25.4 / 72;
const file = await getDocument({
  data: new Uint8Array(readFileSync(process.argv[2])),
  verbosity: VerbosityLevel.ERRORS,
  useSystemFonts: false,
}).promise;
const pages = [];
for (let n = 1; n <= file.numPages; n += 1) {
  const page = await file.getPage(n);
  const { width, height } = page.getViewport({ scale: 1 });
  const { items } = await page.getTextContent();
  await page.getOperatorList();
  const fonts = new Set(items.map((i) => i.fontName).filter(Boolean));
  pages.push({
    wide: width * MM,
    high: height * MM,
    texts: items
      .filter((i) => i.str.trim() !== '')
      .map((i) => ({
        text: i.str,
        x: i.transform[4] * MM,
        y: (height - i.transform[5]) * MM,
        wide: i.width * MM,
      })),
    fonts: [...fonts].map((f) => {
      const font = page.commonObjs.has(f) ? page.commonObjs.get(f) : null;
      return { name: font?.name ?? f, embedded: font ? !font.missingFile : false };
    }),
  });
}
console.log(JSON.stringify(pages));
