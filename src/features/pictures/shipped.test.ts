import { shortName } from './still-key';

const KEY = 'a pot in July';
const NAME = shortName(KEY);

/** A new visit to a server that answers so. */
async function visit(answers: Record<string, unknown>) {
  jest.resetModules();
  const asked: string[] = [];
  globalThis.fetch = (async (path: string) => {
    asked.push(path);
    if (!(path in answers)) return { ok: false };
    return { ok: true, json: async () => answers[path], blob: async () => answers[path] };
  }) as unknown as typeof fetch;
  const { shippedStill } = await import('./shipped');
  return { shippedStill, asked };
}

class Reader {
  result = '';
  onload = () => undefined;
  readAsDataURL(blob: unknown) {
    this.result = `data:${String(blob)}`;
    queueMicrotask(() => this.onload());
  }
}
beforeAll(() => Object.assign(globalThis, { FileReader: Reader }));

test('what came with the release is fetched by its name, and the list of it once', async () => {
  const { shippedStill, asked } = await visit({ '/stills/index.json': [NAME], [`/stills/${NAME}.png`]: 'pixels' });
  expect(await shippedStill(KEY)).toBe('data:pixels');
  expect(await shippedStill('another pot')).toBeNull();
  expect(asked).toEqual(['/stills/index.json', `/stills/${NAME}.png`]);
});

test.each([
  ['a build without pictures', {}],
  ['one whose picture is gone', { '/stills/index.json': [NAME] }],
])('%s leaves it to be painted', async (_, answers) => {
  const { shippedStill } = await visit(answers);
  expect(await shippedStill(KEY)).toBeNull();
});

test('without a network as well', async () => {
  const { shippedStill } = await visit({});
  globalThis.fetch = async () => {
    throw new Error('offline');
  };
  expect(await shippedStill(KEY)).toBeNull();
});

test('two pots that differ in one letter have two names', () => {
  expect(shortName('a pot in July')).not.toBe(shortName('a pit in July'));
});
