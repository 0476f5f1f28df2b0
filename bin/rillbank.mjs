#!/usr/bin/env node
// The core from a terminal. TypeScript is run as it stands, through tsx.
import { register } from 'tsx/esm/api';

register();
const { main } = await import('../src/cli/main.ts');
process.exitCode = await main(process.argv.slice(2));
