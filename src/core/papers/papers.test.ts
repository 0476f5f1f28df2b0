import { FEEDS } from '../materials/feeds';
import { resolve, UnknownPlantError } from '../plantings/resolve';
import { placed, pot, sun, warmPot } from '../testing/pots';
import { careLines, sunWords, waterWords } from './care';
import { type PaperDrawing, frame, lengthOf, line, paragraph, wrapped } from './drawing';
import { labelSheets } from './labels';
import { sheetOf } from './sheet';
import { MARGIN, SHEET_IDS, SHEETS } from './sizes';
import { svgOf } from './svg';
import { leanOf, templateOf } from './template';
import { tiledTemplate, tileName, tilingOf } from './tiles';

const one = (plant: string) => pot({ startDate: '2026-05-20', placements: [placed('a', plant, 'filler', 0, 0)] });
const textsOf = (d: PaperDrawing): string[] => d.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : []));

describe('sun in a gardener’s words, on either side of each bound', () => {
  const hours = (n: number) => Array.from({ length: n }, (_, i) => 9 + i);
  test.each([
    [6, 'full sun'],
    [5, 'part sun'],
    [4, 'part sun'],
    [3, 'part shade'],
    [2, 'part shade'],
    [1, 'shade'],
  ])('%d hours is %s', (n, words) => expect(sunWords({ ...pot(), spot: sun(hours(n)) })).toBe(words));
  test('under leaves it is dappled whatever the hours', () => {
    const spot = sun(hours(7), { light: { kind: 'noted', hours: hours(7), dappled: true } });
    expect(sunWords({ ...pot(), spot })).toBe('dappled shade');
  });
});

describe('when to water', () => {
  const words = (...plants: string[]) =>
    waterWords(resolve(pot({ placements: plants.map((p, i) => placed(`p${i}`, p, 'filler', i * 90 - 90, 0)) })));
  test('all of it dry: let it dry out', () => expect(words('echeveria-grey-pink')).toMatch(/dry out/));
  test('one thirsty kind among others decides', () =>
    expect(words('echeveria-grey-pink', 'lobelia-blue')).toMatch(/Keep it moist/));
  test('what is neither is watered when the top is dry', () =>
    expect(words('pelargonium-scarlet')).toMatch(/top 3 cm is dry/));
  test('of an empty container nothing is said to be dry', () => expect(words()).not.toMatch(/dry out/));
});

describe('the lines of care', () => {
  test('an empty container has none', () => expect(careLines(pot())).toEqual([]));
  test('name the feed in use and how much of it', () => {
    expect(careLines(warmPot(), 'liquid').join(' ')).toContain(FEEDS.liquid.how);
    expect(careLines(warmPot(), 'slow').join(' ')).toContain(FEEDS.slow.how);
  });
  test('warn of what is not to be eaten, and only of that', () => {
    expect(careLines(one('lantana-sunset')).join(' ')).toMatch(/Do not eat Lantana/);
    expect(careLines(one('petunia-white')).join(' ')).not.toMatch(/Do not eat/);
  });
  test('tell the day of frost where something is tender, and to wrap the pot where nothing is', () => {
    expect(careLines(one('coleus-lime')).join(' ')).toMatch(/Before the first frost \(around \d+ \w+\)/);
    expect(careLines(one('ivy-variegated')).join(' ')).toMatch(/stay out all winter/);
  });
  test('a plant that nobody knows is told', () =>
    expect(() => careLines(one('no-such-plant'))).toThrow(UnknownPlantError));
});

describe('text on paper', () => {
  test('is broken between words, no line longer than asked', () => {
    const text = 'Water when the top three centimetres are dry, until it runs from the base of the pot.';
    const lines = wrapped(text, 3.5, 50);
    expect(lines.join(' ')).toBe(text);
    expect(lines.length).toBeGreaterThan(1);
    for (const l of lines) expect(lengthOf(l, 3.5)).toBeLessThanOrEqual(50);
  });
  test('a word longer than the line stands alone and whole', () =>
    expect(wrapped('a Argyranthemum b', 5, 10)).toEqual(['a', 'Argyranthemum', 'b']));
  test('a paragraph says where the next one goes', () => {
    const { marks, nextY } = paragraph('one two three', { x: 0, y: 10, wide: 6, sizeMm: 2 });
    expect(marks).toHaveLength(3);
    expect(nextY - (marks.at(-1)?.y ?? 0)).toBeCloseTo((marks[1]?.y ?? 0) - 10, 9);
  });
});

describe('SVG', () => {
  const drawing = (marks: PaperDrawing['marks']): PaperDrawing => ({ title: 'A & <B>', wide: 100, high: 50, marks });
  test('escapes what would be read as markup', () => {
    const svg = svgOf(drawing([{ kind: 'text', x: 1, y: 2, text: 'a < "b" & c', sizeMm: 3 }]));
    expect(svg).toContain('<title>A &amp; &lt;B&gt;</title>');
    expect(svg).toContain('a &lt; &quot;b&quot; &amp; c</text>');
  });
  test('an open line has no Z, a frame has', () => {
    expect(svgOf(drawing([line(0, 0, 10, 0)]))).toMatch(/d="M0 0L10 0"/);
    expect(svgOf(drawing([frame(0, 0, 10, 5)]))).toMatch(/d="M0 0L10 0L10 5L0 5Z"/);
  });
  test('dashes, pictures and windows are written in millimetres', () => {
    const svg = svgOf(
      drawing([
        line(0, 0, 1, 1, { dashMm: [1, 3] }),
        { kind: 'image', x: 1, y: 2, wide: 3, high: 4, href: 'data:image/png;base64,AA==' },
        { kind: 'window', x: 0, y: 0, wide: 9, high: 8, fromX: 5, fromY: 6, marks: [line(0, 0, 1, 1)] },
      ]),
    );
    expect(svg).toContain('stroke-dasharray="1 3"');
    expect(svg).toContain('<image x="1" y="2" width="3" height="4"');
    expect(svg).toContain('viewBox="5 6 9 8" overflow="hidden"');
  });
});

describe('a template', () => {
  test('what hangs leans to its rim, and nothing else leans', () => {
    const planting = warmPot();
    const { key } = templateOf(planting);
    for (const p of key) {
      const lean = leanOf(planting, p);
      expect([p.role, lean !== null]).toEqual([p.role, p.role === 'spiller']);
      if (lean) expect(Math.sign(lean.x)).toBe(Math.sign(p.xMm));
    }
  });
  test.each(SHEET_IDS)('on %s: a key first, then each sheet by its name', (id) => {
    const template = templateOf(warmPot());
    const pages = tiledTemplate(template, id);
    const { tiles } = tilingOf(template.drawing, id);
    expect(pages.slice(1).map((p) => p.title.split(', ').at(-1))).toEqual(tiles.map(tileName));
    expect(textsOf(pages[0] as PaperDrawing).join(' ')).toContain(SHEETS[id].label);
  });
  test('upright and lying taking as many sheets, it stays upright', () =>
    expect(tilingOf({ wide: 180, high: 180 }, 'a4').sheet).toEqual({ wide: 210, high: 297 }));
  test.each([
    [{ row: 0, column: 0 }, 'A1'],
    [{ row: 1, column: 2 }, 'C2'],
  ])('the sheet at %p is %s', (at, name) => expect(tileName(at)).toBe(name));
  test('is told in the reader’s units', () => {
    const about = (units: 'metric' | 'imperial') =>
      textsOf(tiledTemplate(templateOf(warmPot()), 'a4', units)[0] as PaperDrawing).join(' ');
    expect(about('metric')).toMatch(/ cm/);
    expect(about('imperial')).toMatch(/ in\b|″|"/);
  });
});

describe('labels and sheet', () => {
  test.each(SHEET_IDS)('nothing of the labels lies off %s', (id) => {
    for (const page of labelSheets(warmPot(), id))
      for (const m of page.marks) {
        if (m.kind !== 'path') continue;
        for (const p of m.points) {
          expect(p.x).toBeGreaterThanOrEqual(MARGIN - 1e-9);
          expect(p.x).toBeLessThanOrEqual(page.wide - MARGIN + 1e-9);
          expect(p.y).toBeLessThanOrEqual(page.high - MARGIN + 1e-9);
        }
      }
  });
  test('a long name is set smaller and stays on its label', () => {
    const name = 'A very long name for a pot that stands beside the ticket office of the lido';
    const [page] = labelSheets({ ...warmPot(), name }, 'a4');
    const title = page?.marks.find((m) => m.kind === 'text' && m.text === name);
    expect(title?.kind === 'text' && lengthOf(title.text, title.sizeMm)).toBeLessThanOrEqual(125 - 12 + 1e-9);
  });
  test('the sheet lists each kind once with its numbers, and makes room for pictures', () => {
    const bare = sheetOf(warmPot(), 'a4', []);
    const shown = sheetOf(warmPot(), 'a4', [{ href: 'data:,', wide: 400, high: 300, says: 'in July' }]);
    expect(textsOf(bare).filter((t) => /^\d+: 1 Canna/.test(t))).toHaveLength(1);
    const plants = (d: PaperDrawing) => d.marks.find((m) => m.kind === 'text' && m.text === 'Plants');
    const [a, b] = [plants(bare), plants(shown)].map((m) => (m?.kind === 'text' ? m.y : 0));
    expect((b ?? 0) - (a ?? 0)).toBeGreaterThan(90);
    expect(shown.marks.filter((m) => m.kind === 'image')).toHaveLength(1);
  });
});
