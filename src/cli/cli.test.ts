import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { LIBRARY } from '../core/plants';
import type { Container } from '../core/containers/schema';
import { placed, pot, roundPot, warmPot } from '../core/testing/pots';
import { main } from './main';
import { VERBS } from './verbs';

const dir = mkdtempSync(join(tmpdir(), 'rillbank-cli-'));
const file = (name: string, data: unknown) => {
  const path = join(dir, name);
  writeFileSync(path, typeof data === 'string' ? data : JSON.stringify(data));
  return path;
};

async function run(...args: string[]): Promise<{ code: number; out: string; err: string }> {
  let [out, err] = ['', ''];
  const write = jest.spyOn(process.stdout, 'write').mockImplementation(((text: string, done?: () => void) => {
    out += text;
    done?.();
    return true;
  }) as typeof process.stdout.write);
  const error = jest.spyOn(console, 'error').mockImplementation((text: string) => void (err += text));
  const log = jest.spyOn(console, 'log').mockImplementation((text: string) => void (out += text));
  const code = await main(args);
  for (const spy of [write, error, log]) spy.mockRestore();
  return { code, out, err };
}

test('plants lists the library', async () => {
  const { code, out } = await run('plants');
  expect(code).toBe(0);
  expect(JSON.parse(out)).toEqual(LIBRARY);
});

test('plants --coverage counts the choice there is; another flag is refused', async () => {
  const { code, out } = await run('plants', '--coverage');
  expect(code).toBe(0);
  expect(out).toMatch(/^771 records of 412 species/);
  expect(out).toMatch(/spiller +shade +year-round( +[1-9]\d*){10}/);
  expect((await run('plants', '--all')).err).toMatch(/unknown option "--all"/);
});

test.each(['planting', 'brief', 'plant', 'plants', 'backup'])('schema %s is JSON Schema', async (name) => {
  const { code, out } = await run('schema', name);
  expect(code).toBe(0);
  expect(JSON.parse(out)).toMatchObject({ $schema: expect.stringContaining('json-schema.org'), type: 'object' });
});

test('compose answers a brief with proposals that check agrees with', async () => {
  const { code, out } = await run(
    'compose',
    file('brief.json', { format: 'rillbank.brief', version: 1, startDate: '2026-05-16', brief: { scheme: 'cool' } }),
  );
  expect(code).toBe(0);
  const { proposals } = JSON.parse(out) as {
    proposals: { planting: unknown; report: { score: number }; reason: string }[];
  };
  expect(proposals.length).toBeGreaterThanOrEqual(3);
  expect(proposals[0]?.reason.length).toBeGreaterThan(20);
  const checked = await run('check', file('first.json', proposals[0]?.planting));
  expect(JSON.parse(checked.out)).toMatchObject({ score: proposals[0]?.report.score });
});

test('check tells each finding with its band, culprits and remedies', async () => {
  const { out } = await run(
    'check',
    file('planting.json', { ...warmPot(), brief: { ...warmPot().brief, budget: 25 } }),
  );
  const { findings } = JSON.parse(out) as { findings: Record<string, unknown>[] };
  for (const f of findings)
    expect(Object.keys(f).sort()).toEqual([
      'band',
      'check',
      'culprits',
      'measured',
      'message',
      'remedies',
      'severity',
      'unit',
    ]);
  expect(findings.length).toBeGreaterThan(5);
  expect(findings.find((f) => f.check === 'cost')).toMatchObject({ severity: expect.not.stringMatching('good') });
});

test('check prints the cautions of lifting, hooks, rails and frost', async () => {
  const cautions = async (container: Container) => {
    const path = file('cautions.json', { ...warmPot(), container, spot: { ...warmPot().spot, coldestWinterC: -9 } });
    const { out, err } = await run('check', path);
    expect(err).toBe('');
    return (JSON.parse(out) as { cautions: { id: string; text: string }[] }).cautions;
  };
  const basket: Container = {
    ...roundPot(400, 290, 360),
    shape: { kind: 'basket', topMm: 350, depthMm: 190 },
    material: 'coir',
    mount: 'hook',
  };
  const rail: Container = {
    ...roundPot(400, 290, 360),
    shape: { kind: 'box', lengthMm: 800, widthMm: 200, baseLengthMm: 780, baseWidthMm: 180, depthMm: 200 },
    material: 'metal',
    mount: 'rail',
  };
  expect(await cautions(basket)).toContainEqual(
    expect.objectContaining({ id: 'load', text: expect.stringMatching(/kg on the hook when just watered/) }),
  );
  expect(await cautions(rail)).toContainEqual(
    expect.objectContaining({ id: 'load', text: expect.stringMatching(/kg on each metre of rail/) }),
  );
  const tub = await cautions(roundPot(600, 450, 500, { material: 'terracotta' }));
  expect(tub.map((c) => c.id)).toEqual(expect.arrayContaining(['lift', 'frost']));
});

test('grow between two days gives every week, what shades each plant, and what lies ahead', async () => {
  const tall = placed('tall', 'abelia', 'thriller', 0, 0, 'l2');
  const low = placed('low', 'petunia-violet', 'filler', 60, 0);
  const path = file('between.json', pot({ startDate: '2026-05-16', placements: [tall, low] }));
  const { out } = await run('grow', path, '--from', '2026-07-01', '--to', '2026-07-20');
  const told = JSON.parse(out) as {
    ahead: { under: string; by: string }[];
    weeks: { date: string; plants: { id: string; shadedBy: string | null }[] }[];
  };
  expect(told.weeks.map((w) => w.date)).toEqual(['2026-06-27', '2026-07-04', '2026-07-11', '2026-07-18']);
  expect(told.weeks[0]?.plants.find((p) => p.id === 'low')?.shadedBy).toBe('tall');
  expect(told.ahead).toContainEqual(expect.objectContaining({ under: 'low', by: 'tall' }));
});

test.each([
  [['--from', '2026-07-01']],
  [['--from', '2026-07-01', '--to', '2026-06-01']],
  [['--from', 'soon', '--to', '2026-06-01']],
  [['--from', '2020-01-01', '--to', '2020-02-01']],
  [['--from', '2026-07-01', '--to', '2046-06-01']],
])('grow %j is refused with what to do', async (args) => {
  const { code, err } = await run('grow', file('refused.json', warmPot()), ...args);
  expect(code).toBe(2);
  expect(err).toMatch(/--(from|to): must/);
});

test('grow in another year: a late frost kills what is tender, and an unknown year is refused', async () => {
  const path = file('year.json', warmPot());
  const alive = async (...year: string[]) =>
    (
      JSON.parse((await run('grow', path, '--week', '8', ...year)).out) as { plants: { alive: boolean }[] }
    ).plants.filter((p) => p.alive).length;
  expect(await alive()).toBeGreaterThan(await alive('--year', 'late'));
  const { code, err } = await run('grow', path, '--year', 'wet');
  expect(code).toBe(2);
  expect(err).toContain('--year: must be one of hot, cool, late, frost, dry, unfed, unpicked.');
});

test('grow gives the size of each plant in a week', async () => {
  const path = file('grow.json', warmPot());
  const at = async (week: string) =>
    (JSON.parse((await run('grow', path, '--week', week)).out) as { plants: { heightMm: number }[] }).plants[0]
      ?.heightMm ?? 0;
  expect(await at('10')).toBeGreaterThan(await at('1'));
});

test.each<[string, string[], RegExp]>([
  ['no such command', ['prune'], /no command "prune"/],
  ['no file', ['check'], /file: give a JSON file/],
  ['a file that is not there', ['check', '/nowhere.json'], /could not read/],
  ['a schema that is not there', ['schema', 'pot'], /"pot" must be one of/],
  [
    'a week out of range',
    ['grow', file('w.json', warmPot()), '--week', '99'],
    /--week: must be a whole number from 0 to/,
  ],
  [
    'an unknown plant',
    ['check', file('u.json', pot({ placements: [placed('a', 'triffid', 'filler', 0, 0)] }))],
    /placements\.0\.plant/,
  ],
  [
    'a brief that nothing answers',
    [
      'compose',
      file('b.json', {
        format: 'rillbank.brief',
        version: 1,
        startDate: '2026-01-10',
        brief: { lasting: true },
        spot: { light: { kind: 'noted', hours: [], dappled: false }, coldestWinterC: -40, cats: true, dogs: true },
      }),
    ],
    /brief: No/,
  ],
])('%s ends with 2 and says why', async (_, args, message) => {
  const { code, err } = await run(...args);
  expect(code).toBe(2);
  expect(err).toMatch(message);
});

test('list adds up several plantings in packs and whole bags', async () => {
  const [a, b] = [file('list-a.json', warmPot()), file('list-b.json', { ...warmPot(), id: 'other' })];
  const one = JSON.parse((await run('list', a)).out) as {
    plants: number;
    pay: number;
    lines: { key: string }[];
  };
  const two = JSON.parse((await run('list', a, b, '--feed', 'liquid', '--drip')).out) as typeof one;
  expect(two.plants).toBe(2 * one.plants);
  expect(two.lines.map((l) => l.key)).toEqual(expect.arrayContaining(['feed:liquid', 'drip:timer']));
  expect((await run('list')).err).toContain('give at least one planting');
  expect((await run('list', a, '--feed', 'tea')).err).toContain('--feed: must be one of slow, liquid, pellets.');
});

test('steps tells the order, the depths and what is done', async () => {
  const { out } = await run('steps', file('steps.json', warmPot()));
  const { order, fill, steps } = JSON.parse(out) as {
    order: { no: number }[];
    fill: { belowRimMm: number }[];
    steps: { id: string }[];
  };
  expect(order.map((p) => p.no)).toEqual(warmPot().placements.map((_, i) => i + 1));
  expect(fill[0]?.belowRimMm).toBeGreaterThan(60);
  expect(steps.map((s) => s.id)).toEqual(expect.arrayContaining(['fill', 'soak', 'water', 'look']));
});

test('template writes one drawing, or sheets; another ending is refused with what to do', async () => {
  const path = file('template.json', warmPot());
  const svg = join(dir, 'plan.svg');
  expect(JSON.parse((await run('template', path, '--out', svg)).out)).toMatchObject({ out: svg });
  expect(readFileSync(svg, 'utf8')).toMatch(/^<svg [^>]*width="428mm"/);
  const pdf = join(dir, 'plan.pdf');
  const { out } = await run('template', path, '--out', pdf, '--paper', 'letter');
  expect(JSON.parse(out)).toMatchObject({ paper: 'letter', sheets: 5 + 2 });
  expect(readFileSync(pdf).subarray(0, 5).toString()).toBe('%PDF-');
  expect((await run('template', path, '--out', 'plan.png')).err).toContain('ending in .svg or .pdf');
  expect((await run('template', path, '--out', '/nowhere/at/all/plan.svg')).err).toContain('could not write');
});

test('check of a group tells each judgement on a day, and who is missing', async () => {
  const stand = (of: string, xMm: number) => ({ id: of, of, xMm, yMm: 400, upMm: 0, turnDeg: 0 });
  const group = {
    id: 'g',
    place: 'Entrance',
    wall: '#d9ddd2',
    openings: [],
    ledges: [],
    path: null,
    stands: [stand('test', 0), stand('twin', 200), stand('gone', 900)],
  };
  const twin = { ...warmPot(), id: 'twin', name: 'Twin' };
  const path = file('group.json', { format: 'rillbank.group', version: 1, group, containers: [warmPot(), twin] });
  const told = JSON.parse((await run('check', path, '--on', '2026-07-10')).out);
  expect(told).toMatchObject({ date: '2026-07-10', place: 'Entrance', missing: ['gone'] });
  expect(told.findings.find((f: { check: string }) => f.check === 'clearance')).toMatchObject({ severity: 'wrong' });
  expect((await run('check', path, '--on', 'soon')).err).toContain('--on: must be a day');
  expect((await run('schema', 'group')).out).toContain('rillbank.group');
});

test('water from a file of days tells what it holds that morning and when it asks next, and refuses a bad file', async () => {
  const path = file('water-days.json', { ...warmPot(), startDate: '2026-05-16' });
  const days = Array.from({ length: 20 }, (_, i) => `2026-07-${String(i + 1).padStart(2, '0')},26,14,0`);
  const csv = join(dir, 'days.csv');
  writeFileSync(csv, ['date,high_c,low_c,rain_mm', ...days].join('\n'));
  const told = JSON.parse((await run('water', path, '--on', '2026-07-10', '--weather', csv)).out);
  expect(told).toMatchObject({ date: '2026-07-10', highC: 26, lowC: 14, rainMm: 0 });
  expect(told.heldL).toBeGreaterThan(0);
  expect(told.heldL).toBeLessThanOrEqual(told.usableL);
  expect(told.next.on >= '2026-07-10').toBe(true);
  writeFileSync(csv, 'date,high_c,low_c,rain_mm\n2026-07-10,14,26,0');
  expect((await run('water', path, '--on', '2026-07-10', '--weather', csv)).err).toContain('Row 2: the low, 26');
  expect((await run('water', path, '--on', '2026-07-10', '--weather', `${csv}.none`)).err).toContain('could not read');
});

test('water tells how much and how often in a day’s weather, and refuses what is no weather', async () => {
  const path = file('water.json', { ...warmPot(), startDate: '2026-05-16' });
  const on = async (...args: string[]) =>
    JSON.parse((await run('water', path, '--on', '2026-07-15', ...args)).out) as Record<string, number>;
  const [usual, hot, wet] = [await on(), await on('--high', '35', '--low', '21'), await on('--rain', '40')];
  expect(hot.litresADay).toBeGreaterThan(usual.litresADay ?? Infinity);
  expect(wet).toMatchObject({ litresADay: 0, timesADay: null, everyDays: null });
  expect((await run('water', path, '--on', '2026-01-15')).err).toContain('--on: must not be before');
  expect((await run('water', path)).err).toContain('--on: must be a day');
  expect((await run('water', path, '--on', '2026-07-15', '--high', 'hot')).err).toContain('--high: must be a number');
  expect((await run('water', path, '--on', '2026-07-15', '--high', '5', '--low', '9')).err).toContain('not be higher');
});

test('jobs tells what is due between two days, and writes a calendar', async () => {
  const path = file('jobs.json', { ...warmPot(), startDate: '2026-05-16' });
  const ics = join(dir, 'jobs.ics');
  const { out } = await run('jobs', path, '--from', '2026-05-01', '--to', '2026-11-30', '--ics', ics);
  const jobs = JSON.parse(out) as { kind: string; due: string }[];
  expect(jobs.map((j) => j.kind)).toEqual(expect.arrayContaining(['plant', 'pinch', 'frost']));
  expect(readFileSync(ics, 'utf8')).toContain('BEGIN:VEVENT');
  expect((await run('jobs', path, '--from', '2026-05-01')).err).toContain('--to: must be a day');
  expect((await run('jobs', path, '--from', '2026-05-01', '--to', '2026-04-01')).err).toContain('not be before');
  expect((await run('jobs', '--from', '2026-05-01', '--to', '2026-06-01')).err).toContain('give at least one planting');
});

test('help is told of each command, and of all', async () => {
  const { code, out } = await run('--help');
  expect(code).toBe(0);
  for (const verb of Object.keys(VERBS)) {
    expect(out).toContain(`rillbank ${verb}`);
    expect(await run(verb, '--help')).toMatchObject({ code: 0, out: expect.stringContaining(`rillbank ${verb}`) });
  }
});

test('several files at once give a list, and a fault says in which file', async () => {
  const [a, b] = [file('one.json', warmPot()), file('two.json', { ...warmPot(), name: 'Two' })];
  const { out } = await run('steps', a, b);
  expect((JSON.parse(out) as { file: string }[]).map((x) => x.file)).toEqual([a, b]);
  const bad = file('bad.json', '{');
  expect((await run('steps', a, bad)).err).toMatch(/bad\.json: file: This is not a JSON file/);
});

test('a file with a byte-order mark is read', async () => {
  const marked = file('marked.json', `\uFEFF${JSON.stringify(warmPot())}`);
  expect((await run('check', marked)).code).toBe(0);
});

test('a calendar of nothing is refused, and no file is left', async () => {
  const path = file('quiet.json', warmPot());
  const out = join(dir, 'none.ics');
  const { code, err } = await run('jobs', path, '--from', '2026-06-02', '--to', '2026-06-02', '--ics', out);
  expect(code).toBe(2);
  expect(err).toMatch(/nothing is due from 2026-06-02 to 2026-06-02/);
  expect(existsSync(out)).toBe(false);
});
