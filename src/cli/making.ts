import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { BadInputError } from '../core/formats/parse';
import { FEED_IDS } from '../core/materials/feeds';
import { orderFor, toPay } from '../core/materials/order';
import { buyText, isHad, PLAIN_WANTS } from '../core/materials/order-line';
import { SHEET_IDS } from '../core/papers/sizes';
import { svgOf } from '../core/papers/svg';
import { templateOf } from '../core/papers/template';
import { tiledTemplate, tilingOf } from '../core/papers/tiles';
import type { Planting } from '../core/plantings/schema';
import { benchMinutes, stepsOf } from '../core/steps';
import { fillDepths } from '../core/steps/fill';
import { plantingOrder } from '../core/steps/order';
import { sum } from '../core/units/number';
import { pdfOf } from '../pdf/write';

/** The value after a flag, one of a few; the first where the flag is not there. */
function among<T extends string>(args: readonly string[], flag: string, of: readonly T[]): T {
  const at = args.indexOf(flag);
  const found = at < 0 ? of[0] : of.find((v) => v === args[at + 1]);
  if (found === undefined) throw new BadInputError(`${flag}: must be one of ${of.join(', ')}.`);
  return found;
}

/** Arguments that are no flags and no flag’s value. */
export const filesIn = (args: readonly string[]): string[] =>
  args.filter((a, i) => !a.startsWith('--') && !(args[i - 1]?.startsWith('--') && args[i - 1] !== '--drip'));

/** What `rillbank list` prints: everything to buy for some plantings, each as often as its container stands. Throws BadInputError. */
export function listOf(plantings: readonly Planting[], args: readonly string[]): unknown {
  if (plantings.length === 0) throw new BadInputError('file: give at least one planting after `list`.');
  const entries = plantings.map((planting) => ({ planting, count: planting.container.count }));
  const order = orderFor(entries, {
    ...PLAIN_WANTS,
    feed: among(args, '--feed', FEED_IDS),
    drip: args.includes('--drip'),
  });
  const pay = toPay(order);
  return {
    containers: order.containers,
    plants: order.plants,
    mixL: order.mixL,
    lines: order.lines.map((l) => ({
      key: l.key,
      shop: l.shop,
      item: l.item,
      need: l.need,
      unit: l.unit,
      buy: buyText(l),
      packs: l.buy.map(({ label, holds, count, price }) => ({ label, holds, count, price })),
      spare: l.spare,
      price: l.price,
      usuallyOwned: isHad(l, {}),
    })),
    currency: 'GBP',
    pay,
    each: pay / order.containers,
    benchMinutes: sum(entries.map((e) => benchMinutes(e.planting, e.count))),
  };
}

/** What `rillbank steps` prints: the planting steps, and the depths mix is filled to. */
export function stepsFor(planting: Planting): unknown {
  const order = plantingOrder(planting);
  return {
    order: order.map(({ no, id, start, xMm, yMm }) => ({ no, id, start, xMm, yMm })),
    fill: fillDepths(planting, order),
    steps: stepsOf(planting),
  };
}

const FONTS = fileURLToPath(new URL('../../public/fonts/', import.meta.url));
const fontAt = (weight: number): Uint8Array => readFileSync(`${FONTS}bricolage-grotesque-${weight}.ttf`);

/** What `rillbank template` does: writes the plan at full size as one SVG, or as a PDF on sheets. Throws BadInputError. */
export async function writeTemplate(planting: Planting, args: readonly string[]): Promise<unknown> {
  const at = args.indexOf('--out');
  const out = at < 0 ? undefined : args[at + 1];
  if (!out || !/\.(svg|pdf)$/i.test(out))
    throw new BadInputError('--out: name the file to write, ending in .svg or .pdf.');
  const sheet = among(args, '--paper', SHEET_IDS);
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
