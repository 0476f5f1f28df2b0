// One command from a fresh clone: installs, builds and serves with the demo data loaded on first visit.
import { ensurePackages, run } from './setup.mjs';

ensurePackages();
const port = process.env.PORT ?? '4000';
console.log('Building …');
if (run('npm', ['run', 'build', '--silent']) !== 0) process.exit(1);
console.log(`\n  Rillbank with the lido’s containers on the bench: http://localhost:${port}\n`);
process.exit(run('npx', ['next', 'start', '-p', port], { RILLBANK_DEMO: '1' }));
