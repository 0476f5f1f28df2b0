import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { BadInputError } from '../core/formats/parse';
import { readPlanting } from '../core/formats/planting';
import { SHEET_IDS } from '../core/papers/sizes';
import { svgOf } from '../core/papers/svg';
import { templateOf } from '../core/papers/template';
import { tiledTemplate, tilingOf } from '../core/papers/tiles';
import { pdfOf } from '../pdf/write';
import { chosenAfter, filesIn, readJson, valueAfter } from './read';

/** What papers are set in: beside the built command, or among the app’s own files. */
function fontAt(weight: number): Uint8Array {
  const name = `fonts/bricolage-grotesque-${weight}.ttf`;
  const built = new URL(name, import.meta.url);
  return readFileSync(existsSync(built) ? built : new URL(`../../public/${name}`, import.meta.url));
}

/** `rillbank template`: writes the plan at full size as one SVG, or as a PDF on sheets. Throws BadInputError. */
export async function run(args: readonly string[]): Promise<unknown> {
  const [file] = filesIn(args);
  if (file === undefined) throw new BadInputError('file: give a JSON file after the command, or - for standard input.');
  const planting = readPlanting(readJson(file));
  const out = valueAfter(args, '--out');
  if (!out || !/\.(svg|pdf)$/i.test(out))
    throw new BadInputError('--out: name the file to write, ending in .svg or .pdf.');
  const sheet = chosenAfter(args, '--paper', SHEET_IDS);
  const template = templateOf(planting);
  const { rows, columns } = tilingOf(template.drawing, sheet);
  const isPdf = /\.pdf$/i.test(out);
  const written = isPdf
    ? await pdfOf(tiledTemplate(template, sheet), { plain: fontAt(400), bold: fontAt(600) })
    : svgOf(template.drawing);
  try {
    writeFileSync(out, written);
  } catch {
    throw new BadInputError(`--out: could not write ${out}. Check that the folder exists and is writable.`);
  }
  const { wide, high } = template.drawing;
  return { out, wideMm: wide, highMm: high, ...(isPdf ? { paper: sheet, sheets: rows * columns + 1 } : {}) };
}
