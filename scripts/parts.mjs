// Lists everything the pages of a build are made of, so that the service worker can keep it before it is asked for.
import { readdirSync, writeFileSync } from 'node:fs';
import { join, sep } from 'node:path';

const dir = '.next/static';
const parts = readdirSync(dir, { recursive: true, withFileTypes: true })
  .filter((f) => f.isFile() && /\.(js|css|woff2)$/.test(f.name))
  .map(
    (f) =>
      `/_next/static/${join(f.parentPath, f.name)
        .slice(dir.length + 1)
        .split(sep)
        .join('/')}`,
  )
  .sort();
writeFileSync(join(dir, 'parts.json'), JSON.stringify(parts));
