// What another program finds in a binary glTF file, as JSON: the Khronos validator's report. Used by the journeys.
import { readFileSync } from 'node:fs';
import { validateBytes } from 'gltf-validator';

const [path] = process.argv.slice(2);
console.log(JSON.stringify(await validateBytes(new Uint8Array(readFileSync(path)))));
