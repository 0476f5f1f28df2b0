import { workAhead } from './ahead';

/** Work in three steps, each noted as it is done. */
function stand(pause?: () => Promise<void>) {
  const worked: string[] = [];
  function* work({ id }: { id: number }) {
    for (const done of [0.3, 0.6]) {
      worked.push(`${id} at ${done}`);
      yield { done, sofar: () => [`${id} so far`] };
    }
    worked.push(`${id} done`);
    return id * 10;
  }
  return { worked, ...workAhead(work, pause) };
}
/** Pauses that last until they are let go. */
function held() {
  let go: () => void = () => undefined;
  return { pause: () => new Promise<void>((done) => (go = done)), go: () => go() };
}

test('what was done ahead is there at once, and is not done again', async () => {
  const { run, ask, worked } = stand();
  await run({ id: 1 });
  expect(worked).toEqual(['1 at 0.3', '1 at 0.6', '1 done']);
  const told = jest.fn();
  expect(ask({ id: 1 }, told)).toBe(10);
  expect(told).not.toHaveBeenCalled();
  await run({ id: 1 });
  expect(worked).toHaveLength(3);
});

test('asked halfway it says how far it had come, and goes on from there', async () => {
  const { pause, go } = held();
  const { run, ask, worked } = stand(pause);
  const running = run({ id: 1 });
  const told = jest.fn();
  expect(ask({ id: 1 }, told)).toBe(10);
  expect(told.mock.calls).toEqual([
    [0.3, ['1 so far']],
    [0.6, ['1 so far']],
  ]);
  go();
  await running;
  expect(worked).toEqual(['1 at 0.3', '1 at 0.6', '1 done']);
});

test('something else that is asked comes first: the run ahead goes no further', async () => {
  const { pause, go } = held();
  const { run, ask, worked } = stand(pause);
  const running = run({ id: 1 });
  expect(ask({ id: 2 }, () => undefined)).toBe(20);
  go();
  await running;
  expect(worked).toEqual(['1 at 0.3', '2 at 0.3', '2 at 0.6', '2 done']);
});

test('what broke is begun anew', async () => {
  let broken = true;
  const { run, ask } = workAhead(function* () {
    yield { done: 0.1, sofar: () => [] };
    if (broken) throw new Error('broke');
    return 1;
  });
  await expect(run({})).rejects.toThrow('broke');
  broken = false;
  expect(ask({}, () => undefined)).toBe(1);
});
