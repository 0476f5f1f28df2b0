import type { BenchFile } from '../formats/backup';

/** A backup as text, as it was saved before there were bundles. */
export const backupText = (bench: BenchFile, savedAt: string): string =>
  JSON.stringify({ format: 'rillbank.backup', version: 3, savedAt, ...bench });
