import { latest } from './latest';

/** Questions that are answered by hand. */
function byHand() {
  const asked: number[] = [];
  const answers: { yes: () => void; no: (e: Error) => void }[] = [];
  const ask = latest((n: number) => {
    asked.push(n);
    return new Promise<number>((resolve, reject) => answers.push({ yes: () => resolve(n), no: reject }));
  });
  const settle = () => new Promise((r) => setTimeout(r));
  return { asked, answers, ask, settle };
}

test('while one is under way only the last that follows is asked', async () => {
  const { asked, answers, ask, settle } = byHand();
  const got: number[] = [];
  for (const n of [1, 2, 3, 4]) void ask(n).then((v) => got.push(v));
  expect(asked).toEqual([1]);
  answers[0]?.yes();
  await settle();
  expect(asked).toEqual([1, 4]);
  answers[1]?.yes();
  await settle();
  expect(got).toEqual([1, 4]);
});

test('one that fails does not hold up the next', async () => {
  const { asked, answers, ask, settle } = byHand();
  const said: string[] = [];
  void ask(1).catch((e: Error) => said.push(e.message));
  void ask(2);
  answers[0]?.no(new Error('no'));
  await settle();
  expect(said).toEqual(['no']);
  expect(asked).toEqual([1, 2]);
});
