// Paints the demonstration's pictures for its bench, so that a first visit need not: `public/stills`, by
// content. Part of `npm run build`.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { seated } from '../src/core/canopy/sitter';
import { readPlanting } from '../src/core/formats/planting';
import { grow } from '../src/core/growth/season';
import { lido } from '../src/demo/lido';
import { scaleFor } from '../src/features/bench/scale';
import { frameOf } from '../src/features/pictures/frame';
import { RATIO, shortName, stillKey } from '../src/features/pictures/still-key';
import { sizeOf } from '../src/portrait/lens';
import { paintStill } from '../src/portrait/painter/paint';

const DIR = 'public/stills';
rmSync(DIR, { recursive: true, force: true });
mkdirSync(DIR, { recursive: true });

const scale = scaleFor(lido.length);
const names = lido.map((given) => {
  // As it is read from storage: the name hangs on the order of its fields.
  const planting = readPlanting(structuredClone(given));
  const frame = frameOf(planting, grow(planting));
  const { w, h } = sizeOf(frame, scale);
  const [width, height] = [w * RATIO, h * RATIO];
  const { container, canopy } = seated({ planting, week: 'peak' });
  const png = new PNG({ width, height });
  png.data = Buffer.from(paintStill(container, canopy, frame, width, height).rgba);
  const name = shortName(stillKey({ planting, week: 'peak', scale }));
  writeFileSync(`${DIR}/${name}.png`, PNG.sync.write(png));
  return name;
});
writeFileSync(`${DIR}/index.json`, JSON.stringify([...new Set(names)]));
