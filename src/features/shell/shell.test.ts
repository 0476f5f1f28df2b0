import { readFileSync } from 'node:fs';
import 'fake-indexeddb/auto';
import fc from '@/core/testing/fc';
import { apply, type Command } from '@/core/plantings/commands';
import { freeId } from '@/core/plantings/ids';
import type { Planting } from '@/core/plantings/schema';
import { placed, pot, warmPot } from '@/core/testing/pots';
import { db } from '@/storage/db';
import { editStored, readOne, savePlanting } from '@/storage/plantings';
import { today as realToday } from '@/core/units/date';
import { diaryToday, useDiary } from './diary';
import { useDrawing } from './drawing';
import { keepSettings, keptSettings } from './settings';
import { fileName } from './download';
import { begun, done, type History, MOST_STEPS, nameOfLast, redone, undone } from './history';
import { usePointing } from './pointing';
import { isStation, potIn, STATION_IDS, stationAfter, stationPath } from './stations';
import { useWorkspace } from './store';
import { helper, HelperError } from './workers';
import { textStore } from '@/core/testing/text-store';

jest.mock('sonner', () => ({ toast: Object.assign(jest.fn(), { error: jest.fn() }) }));

test('file names are plain', () => {
  expect(fileName('Left-hand pot, 2', 'shopping.csv')).toBe('left-hand-pot-2-shopping.csv');
  expect(fileName('¿?', 'a.json')).toBe('pot-a.json');
});

test('the service worker keeps a page of each station', () => {
  const listed = /const STATIONS = (\[.*?\]);/.exec(readFileSync('public/sw.js', 'utf8'))?.[1]?.replaceAll("'", '"');
  expect(JSON.parse(listed ?? '[]')).toEqual(STATION_IDS);
});

test('stations are those there are', () => {
  expect(isStation('plants')).toBe(true);
  expect(isStation('season-of-mists')).toBe(false);
  expect(isStation('toString')).toBe(false);
  expect([stationAfter('spot'), stationAfter('plants'), stationAfter('make'), stationAfter('tend')]).toEqual([
    'container',
    'season',
    'tend',
    null,
  ]);
  expect(stationPath('x', 'make')).toBe('/pot/x/make');
  expect(['/pot/a-b_1/make', '/library', '/pot/x'].map(potIn)).toEqual(['a-b_1', '', '']);
});

describe('the way back', () => {
  const base = warmPot();
  const add = (p: Planting): Command => ({
    do: 'add',
    placement: placed(freeId(p), 'petunia-white', 'filler', 10, 10),
  });

  test('undone and redone is where it was, in any run of edits', () => {
    type Deed = 'add' | 'remove' | 'undo' | 'redo';
    fc.assert(
      fc.property(fc.array(fc.constantFrom<Deed>('add', 'remove', 'undo', 'redo'), { maxLength: 60 }), (deeds) => {
        let h: History = begun(base);
        // The model: every state there was, and where one stands among them.
        let states: Planting['placements'][] = [base.placements];
        let at = 0;
        const given = new Set(base.placements.map((p) => p.id));
        for (const deed of deeds) {
          if (deed === 'add' || deed === 'remove') {
            const last = h.now.placements.at(-1)?.id ?? 'none';
            const command = deed === 'add' ? add(h.now) : ({ do: 'remove', id: last } as const);
            if (command.do === 'add') {
              // No id is given out twice, whatever was taken back meanwhile.
              expect(given.has(command.placement.id)).toBe(false);
              given.add(command.placement.id);
            }
            h = done(h, deed, apply(h.now, command));
            states = [...states.slice(0, at + 1), h.now.placements];
            at += 1;
          } else {
            const next = deed === 'undo' ? undone(h) : redone(h);
            const to = at + (deed === 'undo' ? -1 : 1);
            expect(next === null).toBe(to < 0 || to >= states.length);
            if (next) [h, at] = [next, to];
          }
          expect(h.now.placements).toEqual(states[at]);
          expect([h.past.length, h.future.length]).toEqual([at, states.length - 1 - at]);
        }
      }),
    );
  });

  test('says what would be taken back, and forgets what lies further back than it keeps', () => {
    expect(nameOfLast([])).toBeNull();
    let h = begun(base);
    for (let i = 0; i < MOST_STEPS + 5; i += 1) h = done(h, `step ${i}`, { ...base, name: `Pot ${i}` });
    expect(h.past).toHaveLength(MOST_STEPS);
    expect(nameOfLast(h.past)).toBe(`step ${MOST_STEPS + 4}`);
  });
});

describe('the container on the bench', () => {
  const state = () => useWorkspace.getState();
  const now = () => state().history?.now;
  beforeEach(async () => {
    await savePlanting(warmPot());
    state().open((await readOne('test')) ?? { planting: warmPot(), rev: 0 });
  });
  /** Waits until nothing is left to write. */
  const settled = async () => {
    for (let i = 0; i < 100 && state().saving.state === 'saving'; i += 1) await new Promise((r) => setTimeout(r, 5));
  };
  const stored = async () => (await readOne('test'))?.planting;

  test('an edit is named, kept at once, undone and redone', async () => {
    state().run('Take out one', { do: 'remove', id: 'a' });
    expect(now()?.placements).toHaveLength(4);
    expect(state().history?.past.map((s) => s.name)).toEqual(['Take out one']);
    expect(state().saving.state).toBe('saving');
    await settled();
    expect(state().saving).toMatchObject({ state: 'saved', at: expect.any(Number) });
    expect((await stored())?.placements).toHaveLength(4);
    state().undo();
    expect(now()).toEqual(warmPot());
    expect(state().history?.future.map((s) => s.name)).toEqual(['Take out one']);
    state().redo();
    expect(now()?.placements).toHaveLength(4);
  });

  test('several commands are one step, a new edit ends the way forward, and no command is no step', () => {
    state().run('Two at once', { do: 'remove', id: 'a' }, { do: 'remove', id: 'b' });
    expect(state().history?.past).toHaveLength(1);
    state().undo();
    state().run('Nothing');
    expect(state().history?.future).toHaveLength(1);
    state().run('Another', { do: 'remove', id: 'c' });
    expect(state().history?.future).toEqual([]);
  });

  test('with the clock set back every edit is kept all the same', async () => {
    const clock = jest.spyOn(Date, 'now').mockReturnValue(50);
    for (const id of ['a', 'b', 'c']) {
      state().run(`Take out ${id}`, { do: 'remove', id });
      await settled();
    }
    clock.mockRestore();
    expect((await stored())?.placements.map((p) => p.id)).toEqual(['t', 'd']);
  });

  test('what another tab writes is joined, and undo takes back only what was done here', async () => {
    state().run('Take out one', { do: 'remove', id: 'a' });
    await settled();
    await editStored(new Map([['test', [{ do: 'set', change: { name: 'From there' } }]]]));
    state().run('Take out another', { do: 'remove', id: 'b' });
    await settled();
    expect(now()).toMatchObject({ name: 'From there' });
    expect(await stored()).toEqual(now());
    state().undo();
    state().undo();
    await settled();
    expect(
      now()
        ?.placements.map((p) => p.id)
        .sort(),
    ).toEqual(['a', 'b', 'c', 'd', 't']);
    expect(await stored()).toMatchObject({ name: 'From there' });
  });

  test('edits made while one is being written are written after it', async () => {
    state().run('One', { do: 'set', change: { name: 'One' } });
    state().run('Two', { do: 'set', change: { name: 'Two' } });
    state().run('Three', { do: 'remove', id: 'a' });
    await settled();
    expect(await stored()).toEqual(now());
    expect(await stored()).toMatchObject({ name: 'Two' });
  });

  test('what the browser will not keep stays on the screen, is said, and is kept when it can be', async () => {
    const put = jest.spyOn(db.plantings, 'put').mockImplementation(() => {
      throw new Error('QuotaExceededError');
    });
    state().run('Take out one', { do: 'remove', id: 'a' });
    await settled();
    expect(state().saving.state).toBe('failed');
    expect(now()?.placements).toHaveLength(4);
    expect((await stored())?.placements).toHaveLength(5);
    put.mockRestore();
    state().again();
    await settled();
    expect(state().saving.state).toBe('saved');
    expect((await stored())?.placements).toHaveLength(4);
  });

  test('another container opened meanwhile takes nothing from the one before', async () => {
    state().run('Rename', { do: 'set', change: { name: 'Before' } });
    state().open({ planting: pot({ id: 'other' }), rev: 0 });
    for (let i = 0; i < 100 && (await stored())?.name !== 'Before'; i += 1) await new Promise((r) => setTimeout(r, 5));
    expect((await stored())?.name).toBe('Before');
    expect(now()?.id).toBe('other');
    expect(state().saving).toEqual({ state: 'saved', at: null });
  });

  describe('when the page goes', () => {
    const tab = new Map<string, string>();
    const another = { planting: pot({ id: 'other' }), rev: 0 };
    beforeAll(() => Object.assign(globalThis, { window: { sessionStorage: textStore(tab) } }));
    afterAll(() => Reflect.deleteProperty(globalThis, 'window'));
    /** The page as it comes back: what is in storage is read again. */
    const back = async () => {
      state().open(another);
      const read = await readOne('test');
      if (read) state().open(read);
    };

    /** It is given another name, and goes before that is written. */
    const renamedTooLate = async (name: string) => {
      const put = jest.spyOn(db.plantings, 'put').mockImplementation(() => {
        throw new Error('the page is gone');
      });
      state().run('Rename', { do: 'set', change: { name } });
      state().leave();
      await settled();
      put.mockRestore();
    };

    test('the way back is there again when it returns', async () => {
      state().run('Take out one', { do: 'remove', id: 'a' });
      await settled();
      state().leave();
      await back();
      expect(nameOfLast(state().history?.past ?? [])).toBe('Take out one');
      state().undo();
      expect(now()?.placements).toHaveLength(5);
    });

    test('what was done in the last moment and not written any more is done and written when it returns', async () => {
      await renamedTooLate('At the last moment');
      expect((await stored())?.name).toBe('Test pot');
      await back();
      expect(now()?.name).toBe('At the last moment');
      await settled();
      expect((await stored())?.name).toBe('At the last moment');
      state().undo();
      expect(now()?.name).toBe('Test pot');
    });

    test('nor is the last of two lost where the first was still being written, and is written after the page went', async () => {
      state().run('Rename', { do: 'set', change: { name: 'First' } });
      state().run('Take out one', { do: 'remove', id: 'a' });
      state().leave();
      const put = jest.spyOn(db.plantings, 'put');
      for (let i = 0; i < 100 && (await stored())?.name !== 'First'; i += 1) await new Promise((r) => setImmediate(r));
      put.mockImplementation(() => {
        throw new Error('the page is gone');
      });
      await settled();
      put.mockRestore();
      expect((await stored())?.placements).toHaveLength(5);
      await back();
      expect(now()).toMatchObject({ name: 'First', placements: { length: 4 } });
      await settled();
      expect((await stored())?.placements).toHaveLength(4);
    });

    test('but not over what another tab wrote since', async () => {
      await renamedTooLate('Here');
      await editStored(new Map([['test', [{ do: 'set', change: { name: 'There' } }]]]));
      await back();
      expect(now()?.name).toBe('There');
      expect(state().history?.past).toEqual([]);
    });
  });

  test('undo with nothing behind it changes nothing', () => {
    state().undo();
    expect(now()).toEqual(warmPot());
  });

  test('following another tab takes what it wrote, keeps the way back and what is in hand', async () => {
    state().run('Rename', { do: 'set', change: { name: 'Here' } });
    await settled();
    usePointing.getState().point({ chosen: 'b', lit: ['b'] });
    await editStored(new Map([['test', [{ do: 'remove', id: 'a' }]]]));
    const kept = await readOne('test');
    if (kept) state().follow(kept);
    expect(now()).toMatchObject({ name: 'Here' });
    expect(now()?.placements).toHaveLength(4);
    expect(state().history?.past.map((s) => s.name)).toEqual(['Rename']);
    expect(usePointing.getState()).toMatchObject({ chosen: 'b', lit: null });
    state().undo();
    expect(now()).toMatchObject({ name: 'Test pot' });
    expect(now()?.placements).toHaveLength(4);
  });
});

describe('the diary', () => {
  const shelf = new Map<string, string>();
  beforeAll(() => {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      value: textStore(shelf),
    });
  });
  test('is open on the real day until it is opened on another, which is kept on the device', () => {
    expect(diaryToday()).toBe(realToday());
    useDiary.getState().openOn('2026-07-10');
    expect(diaryToday()).toBe('2026-07-10');
    expect([...shelf.values()]).toEqual(['2026-07-10']);
    useDiary.getState().openOn(null);
    expect(diaryToday()).toBe(realToday());
    expect(shelf.size).toBe(0);
  });
  test('portraits are drawn in full until they are asked for plain, which is kept and goes with a backup', () => {
    expect(keptSettings()).toEqual({});
    useDrawing.getState().setPlain(true);
    expect(keptSettings()).toEqual({ pictures: 'plain' });
    useDrawing.getState().setPlain(false);
    expect(keptSettings()).toEqual({});
    keepSettings({ pictures: 'plain' });
    expect(keptSettings()).toEqual({ pictures: 'plain' });
    shelf.clear();
  });
});

describe('a helper', () => {
  /** A worker that does as it is told by the test: only its events and its end matter here. */
  class Stub extends EventTarget {
    static made: Stub[] = [];
    ended = false;
    onmessage = null;
    constructor() {
      super();
      Stub.made.push(this);
    }
    postMessage(): void {}
    terminate(): void {
      this.ended = true;
    }
  }
  const start = () => new Stub() as unknown as Worker;
  beforeEach(() => void (Stub.made = []));
  const never = () => new Promise<string>(() => undefined);

  test('answers, and is one worker for many questions', async () => {
    const h = helper(start);
    expect(await h.ask(async () => 'one')).toBe('one');
    expect(await h.ask(async () => 'two')).toBe('two');
    expect(Stub.made).toHaveLength(1);
  });
  test('that breaks is heard, ended, and started anew when it is asked again', async () => {
    const h = helper(start);
    const asked = h.ask(never);
    Stub.made[0]?.dispatchEvent(new Event('error'));
    await expect(asked).rejects.toThrow(HelperError);
    expect(Stub.made[0]?.ended).toBe(true);
    expect(await h.ask(async () => 'again')).toBe('again');
    expect(Stub.made).toHaveLength(2);
  });
  test('that never answers is stopped after a while, and says so', async () => {
    const h = helper(start, 20);
    await expect(h.ask(never)).rejects.toThrow(/too long/);
    expect(Stub.made[0]?.ended).toBe(true);
  });
  test('stopped, it is silent for good: what was asked of it never stops the one that runs now', async () => {
    const h = helper(start, 20);
    let heard = false;
    h.ask(never).then(
      () => (heard = true),
      () => (heard = true),
    );
    h.stop();
    expect(await h.ask(async () => 'next')).toBe('next');
    await new Promise((then) => setTimeout(then, 40));
    expect([heard, Stub.made.map((w) => w.ended)]).toEqual([false, [true, false]]);
  });
  test('all who wait hear that it broke, and what cannot be asked is refused at once', async () => {
    const h = helper(start);
    const both = [h.ask(never), h.ask(never)];
    const thrown = h.ask(() => {
      throw new Error('cannot be handed over');
    });
    await expect(thrown).rejects.toThrow('cannot be handed over');
    Stub.made[0]?.dispatchEvent(new Event('error'));
    for (const asked of both) await expect(asked).rejects.toThrow(HelperError);
  });
  test('that cannot be started says so as an answer, and is not thrown at who asks', async () => {
    const h = helper(() => {
      throw new Error('no workers here');
    });
    const asked = h.ask(never);
    await expect(asked).rejects.toThrow('no workers here');
  });
  test('hands on what went wrong inside it', async () => {
    const h = helper(start);
    await expect(h.ask(async () => Promise.reject(new Error('no such plant')))).rejects.toThrow('no such plant');
    expect(Stub.made[0]?.ended).toBe(false);
  });
});
