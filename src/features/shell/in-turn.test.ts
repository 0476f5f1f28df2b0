import { inTurn } from './in-turn';

/** Keeps the page busy for so long, ms. */
function busy(ms: number): void {
  const until = performance.now() + ms;
  while (performance.now() < until);
}

test('each in its order, and what else waits gets its turn in between', async () => {
  let breaths = 0;
  const timer = setInterval(() => (breaths += 1));
  const done = await inTurn([3, 1, 2, 5, 4], (n) => {
    busy(12);
    return n * 10;
  });
  clearInterval(timer);
  expect(done).toEqual([30, 10, 20, 50, 40]);
  expect(breaths).toBeGreaterThan(0);
});

test('what fails is told, and nothing goes on after it', async () => {
  const seen: number[] = [];
  const failing = inTurn([1, 2, 3], (n) => {
    seen.push(n);
    if (n === 2) throw new Error('two');
    return n;
  });
  await expect(failing).rejects.toThrow('two');
  expect(seen).toEqual([1, 2]);
});
