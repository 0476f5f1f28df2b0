/** The page is kept from the hand no longer than this, ms: well under the 50 that are felt. */
const SLICE_MS = 16;

const breath = () => new Promise<void>((then) => setTimeout(then));

/** Does something with each of a list, in its order, and lets the page draw and answer in between. */
export async function inTurn<T, R>(list: readonly T[], work: (one: T) => R): Promise<R[]> {
  const out: R[] = [];
  let since = performance.now();
  for (const one of list) {
    if (performance.now() - since > SLICE_MS) {
      await breath();
      since = performance.now();
    }
    out.push(work(one));
  }
  return out;
}
