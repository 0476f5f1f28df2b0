// Finds for every shipped plant how many flowers it takes to be seen as its record says, and writes them
// down: `npm run doses`, whenever a plant, a habit's drawing or a flower changes.
import { writeFileSync } from 'node:fs';
import { foundDose } from '../src/core/canopy/dose';
import { flowerLook } from '../src/core/canopy/flowers';
import { LIBRARY } from '../src/core/plants';

const doses = Object.fromEntries(
  LIBRARY.filter((p) => flowerLook(p) && p.flower.show > 0).map((p) => [p.id, Number(foundDose(p).toPrecision(3))]),
);
writeFileSync('src/core/canopy/doses.json', `${JSON.stringify(doses, null, 2)}\n`);
console.log(`${Object.keys(doses).length} doses written.`);
