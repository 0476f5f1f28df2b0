// Reads every plant record as the application would, before it is built in: `npm run build` stops at the
// first file that is not right.
import { LIBRARY } from '../src/core/plants';
import { implausible } from '../src/core/plants/plausible';
import { PlantSchema } from '../src/core/plants/schema';

const faults = LIBRARY.flatMap((p) => {
  const read = PlantSchema.safeParse(p);
  return [...(read.error?.issues ?? []).map((i) => `${i.path.join('.')}: ${i.message}`), ...implausible(p)].map(
    (f) => `${p.id}: ${f}`,
  );
});
const ids = LIBRARY.map((p) => p.id);
faults.push(...ids.filter((id, i) => ids.indexOf(id) !== i).map((id) => `${id}: is used twice`));
for (const f of faults) console.error(f);
console.log(`${LIBRARY.length} plant records read, ${faults.length} faults.`);
process.exit(faults.length === 0 ? 0 : 1);
