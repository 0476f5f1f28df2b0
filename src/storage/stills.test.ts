import 'fake-indexeddb/auto';
import { keepStill, MOST_STILLS, readStill } from './stills';

test('a picture is there on the next visit, another is not', async () => {
  await keepStill('a', 'data:a', 1);
  expect(await readStill('a', 2)).toBe('data:a');
  expect(await readStill('b', 2)).toBeNull();
});

test('of many, those wanted longest ago go; what was looked at again stays', async () => {
  await keepStill('old', 'data:old', 1);
  await keepStill('looked at', 'data:looked', 2);
  for (let i = 0; i < MOST_STILLS + 40; i += 1) {
    if (i === MOST_STILLS) await readStill('looked at', 10_000);
    await keepStill(`k${i}`, 'data:', 10 + i);
  }
  expect(await readStill('old', 20_000)).toBeNull();
  expect(await readStill('looked at', 20_000)).toBe('data:looked');
  expect(await readStill(`k${MOST_STILLS + 39}`, 20_000)).toBe('data:');
});
