import { once } from '@/core/units/keep';
import { shortName } from './still-key';

/** The pictures that came with this release, by name: those of the demonstration. None where they cannot be had. */
const names = once(async (): Promise<ReadonlySet<string>> => {
  try {
    const said = await fetch('/stills/index.json');
    return new Set(said.ok ? ((await said.json()) as string[]) : []);
  } catch {
    return new Set();
  }
});

const asText = (blob: Blob): Promise<string> =>
  new Promise((then, fail) => {
    const reader = new FileReader();
    reader.onload = () => then(String(reader.result));
    reader.onerror = () => fail(reader.error ?? new Error('A picture could not be read.'));
    reader.readAsDataURL(blob);
  });

/** The address of a picture that came with this release; null where none did, or it cannot be had. */
export async function shippedStill(key: string): Promise<string | null> {
  const name = shortName(key);
  if (!(await names()).has(name)) return null;
  try {
    const said = await fetch(`/stills/${name}.png`);
    return said.ok ? await asText(await said.blob()) : null;
  } catch {
    return null;
  }
}
