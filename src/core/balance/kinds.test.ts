import { some } from '../testing/some';
import { grow } from '../growth/season';
import { PlantSchema, type Plant } from '../plants/schema';
import { HABITS } from '../plants/habits';
import type { HabitKind } from '../plants/habits/habit';
import { arching } from '../plants/habits/outlines';
import { LIBRARY } from '../plants';
import { pot, warmPot } from '../testing/pots';
import { SCHOOLS } from '../schools';
import { laysBy, type School } from '../schools/school';
import { DRAWINGS } from '../canopy/drawings';
import { assess, measure } from './assess';
import { check, percent } from './check';
import { bandOf, figureOf, say } from './finding';
import { CHECK_IDS, checkOf, CHECKS, LEVELS } from './index';
import { speak } from './speak';

describe('figures as they are read out', () => {
  const report = assess(warmPot());
  test('every finding has a name, and every level its ends', () => {
    for (const f of some(report.findings)) expect(checkOf(f.check).name.length).toBeGreaterThan(2);
    for (const id of LEVELS) expect(checkOf(id).ends).toHaveLength(2);
  });
  test.each([
    ['height', 1.84, '', '1.8 × its height'],
    ['steps', 2.25, '× the rest', '2.3 × the rest'],
    ['cost', 31.912, '£', '£31.91'],
    ['fit', 0, 'mm over', 'fits'],
    ['fit', 18, 'mm over', '1.8 cm over'],
    ['light', 7, 'h sun', '7 h'],
    ['nights', -3.4, '°C', '−3°C'],
    ['trail', 0.64, 'of the rim', '64%'],
    ['texture', 4, 'contrasts', '4'],
    ['vigour', 1, 'steps of vigour', '1 step apart'],
  ] as const)('%s %p %s is %s', (check, measured, unit, text) =>
    expect(figureOf({ check, measured, unit })).toBe(text),
  );

  test('a band is said from both ends, or from the one that matters', () => {
    const band = (check: string) => bandOf(report.findings.find((f) => f.check === check) as never, 'metric');
    expect(band('height')).toBe('0.9–2.3 × its height');
    expect(band('colour')).toBe('up to 15%');
    expect(band('vigour')).toBe('up to 1 step apart');
    expect(band('fit')).toBe('');
  });
});

describe('one concept, one object, one file', () => {
  test('a new check is one object: measured, weighed, said and figured from it alone', () => {
    const kinds = check({
      name: 'Kinds',
      facet: 'form',
      weight: 1000,
      at: 'plants',
      of: ({ plants }) => [
        {
          severity: 'watch',
          measured: new Set(plants.map((p) => p.plant.id)).size / 10,
          band: [0, 1],
          unit: 'kinds',
          scale: [0, 1],
          culprits: [],
          says: 'many',
          facts: { n: plants.length },
          rule: 'Few kinds',
          source: 'a test',
          quality: 0,
        },
      ],
      words: { many: (f) => `${f.num('n')} plants.` },
      figure: percent,
      ideas: [],
    });
    const before = measure(warmPot());
    const after = measure(warmPot(), undefined, [...Object.entries(CHECKS), ['kinds', kinds]]);
    expect(after.readings).toHaveLength(before.readings.length + 1);
    expect(after.score).toBeLessThan(before.score / 1.5);
    const found = after.readings.at(-1);
    expect(found).toMatchObject({ check: 'kinds', measured: 0.5 });
    expect(kinds.words.many(speak(found?.facts ?? {}, 'metric'))).toBe('5 plants.');
    expect(kinds.figure({ measured: 0.5, unit: '' }, 'metric')).toBe('50%');
  });

  test('a new school is one object: bands, words and lays', () => {
    const spires: School = {
      ...SCHOOLS['tall-centre'],
      label: 'Spires',
      height: { ...SCHOOLS['tall-centre'].height, pot: { of: 'depth' as const, band: [3, 4] as [number, number] } },
      steps: null,
      lays: laysBy({
        rows: () => [[{ part: 'T', role: 'thriller', angle: 0, out: 0 }]],
        ring: () => [{ part: 'T', role: 'thriller', angle: 0, out: 0 }],
        turns: false,
      }),
    };
    const table: Record<string, School> = SCHOOLS;
    table.spires = spires;
    try {
      const p = { ...warmPot(), brief: { ...warmPot().brief, school: 'spires' as never } };
      const { findings } = assess(p);
      expect(findings.find((f) => f.check === 'height')).toMatchObject({ severity: 'watch', band: [3, 4] });
      expect(findings.find((f) => f.check === 'height')?.rule).toMatch(/^Spires, pot/);
      expect(findings.some((f) => f.check === 'steps')).toBe(false);
      expect(
        spires.lays(p.container.shape, { n: 5, spillers: 2, kinds: { filler: 1, spiller: 1 }, opposite: true }),
      ).toEqual([[{ part: 'T', role: 'thriller', angle: 0, out: 0 }]]);
    } finally {
      delete table.spires;
    }
  });

  test('a new habit is one object: grown, seen and drawn by it', () => {
    const tussock: HabitKind = {
      ...HABITS.fountain,
      label: 'Tussock',
      leafAreaIndex: 6,
      solid: 1,
      outline: arching,
      drawing: 'fountain',
    };
    const table: Record<string, HabitKind> = HABITS;
    table.tussock = tussock;
    try {
      const found = LIBRARY.find((p) => p.habit === 'fountain') as Plant;
      const sedge: Plant = { ...found, id: 'own-sedge', heightMm: [800, 900], spreadMm: [700, 800] };
      const own = { ...sedge, id: 'own-tussock', habit: 'tussock' as never };
      const as = (plant: Plant) => {
        const [first, ...rest] = warmPot().placements;
        if (!first) throw new Error('The warm pot is empty.');
        return pot({ placements: [{ ...first, plant }, ...rest] });
      };
      const light = (p: ReturnType<typeof as>) => grow(p).weeks[12]?.plants[1]?.light ?? 0;
      expect(light(as(own))).toBeLessThan(light(as(sedge)));
      expect(DRAWINGS[tussock.drawing]).toBeInstanceOf(Function);
      expect(assess(as(own)).score).toBeGreaterThan(0);
    } finally {
      delete table.tussock;
    }
    // The ids of the schema are those of the table.
    expect(PlantSchema.shape.habit.options).toEqual(Object.keys(HABITS));
  });

  test('every check can say each of its sentences, and nothing it cannot', () => {
    for (const id of CHECK_IDS) {
      const { words } = checkOf(id);
      expect(Object.keys(words).length).toBeGreaterThan(0);
      for (const says of Object.keys(words))
        expect(say(id, says, { lastFrost: '2026-05-04' }).length).toBeGreaterThan(8);
      expect(say(id, 'gibberish', {})).toBe('');
    }
  });
});
