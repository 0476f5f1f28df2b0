import { some } from '../testing/some';
import { placed, pot, roundPot, sun, warmPot } from '../testing/pots';
import type { Planting } from '../plantings/schema';
import { assess } from './assess';
import { standingOf } from './standing';
import { bandQuality, bySeverity } from './severity';
import { type CheckId } from '.';
import { seenArea, seenFrom } from './seen';
import { grow } from '../growth/season';
import { contrast } from './leaf-contrast';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';

const finding = (p: Planting, check: CheckId) => assess(p).findings.find((f) => f.check === check);
const plant = (id: string): Plant => LIBRARY.find((p) => p.id === id) as Plant;
const withBrief = (p: Planting, change: Partial<Planting['brief']>): Planting => ({
  ...p,
  brief: { ...p.brief, ...change },
});

describe('what a practitioner would say', () => {
  test('petunias at two hours of sun are wrong', () => {
    const f = finding(
      pot({
        spot: sun([8, 9]),
        placements: [placed('a', 'petunia-violet', 'filler', -80, 0), placed('b', 'petunia-white', 'filler', 80, 0)],
      }),
      'light',
    );
    expect(f).toMatchObject({ severity: 'wrong', measured: 2 });
    expect(f?.message).toContain('this spot gets 2');
  });

  test('in spring a pot is planted to flower: a spruce with gold leaf gives too little', () => {
    const spring = (one: string, other: string) => {
      const p = pot({
        startDate: '2026-03-20',
        placements: [
          placed('lead', 'spruce-dwarf', 'thriller', 0, 0),
          ...[0, 1, 2, 3].map((i) =>
            placed(`${i}`, i % 2 === 0 ? one : other, 'filler', Math.cos(i * 1.57) * 110, Math.sin(i * 1.57) * 110),
          ),
        ],
      });
      return finding(withBrief(p, { changeOver: '2026-06-01' }), 'season')?.quality ?? NaN;
    };
    expect(spring('euonymus-gold', 'ivy-variegated')).toBeLessThan(0.8);
    expect(spring('forget-me-not', 'nemesia-pink')).toBeGreaterThan(0.95);
  });

  test('a herb or two among flowers make no kitchen pot: it is asked to flower', () => {
    const ring = (ids: string[]) =>
      pot({
        startDate: '2026-05-16',
        spot: sun([8, 9, 10, 11]),
        placements: ids.map((id, i) =>
          placed(`${i}`, id, 'filler', Math.cos(i * 1.57) * 100, Math.sin(i * 1.57) * 100),
        ),
      });
    const herbs = ['parsley', 'chives', 'parsley', 'chives'];
    expect(finding(ring(herbs), 'season')?.band[0]).toBe(0.12);
    expect(finding(ring([...herbs.slice(0, 2), 'begonia-red', 'begonia-red']), 'season')?.band[0]).toBeGreaterThan(0.3);
  });

  test('low succulents in a tall urn are too low', () => {
    const urn = pot({
      container: roundPot(300, 220, 620),
      placements: [
        placed('a', 'echeveria-grey-pink', 'filler', -60, 0),
        placed('b', 'echeveria-grey-pink', 'filler', 60, 0),
        placed('c', 'stonecrop-trailing-gold', 'spiller', 0, 90),
      ],
    });
    const f = finding(urn, 'height');
    expect(f?.severity).toBe('watch');
    expect(f?.measured).toBeLessThan(0.3);
    expect(f?.message).toMatch(/^Too low/);
  });

  test('a 1.2 m canna in a 20 cm pot is too tall', () => {
    const f = finding(
      pot({
        container: roundPot(200, 140, 180),
        placements: [placed('a', 'canna-bronze-orange', 'thriller', 0, 0, 'l1')],
      }),
      'height',
    );
    expect(f?.severity).toBe('watch');
    expect(f?.measured).toBeGreaterThan(3);
  });

  test('seven quart starts do not fit a 25 cm pot', () => {
    const around = Array.from({ length: 6 }, (_, i) =>
      placed(`b${i}`, 'heuchera-lime', 'filler', 60 * Math.cos(i), 60 * Math.sin(i), 'l1'),
    );
    expect(
      finding(
        pot({
          container: roundPot(250, 180, 230),
          placements: [placed('m', 'heuchera-plum', 'filler', 0, 0, 'l1'), ...around],
        }),
        'fit',
      )?.severity,
    ).toBe('wrong');
  });

  test('a spurge with children about is a safety caution that names it', () => {
    const p = pot({
      spot: sun([8, 9, 10, 11, 12, 13], { children: true }),
      placements: [placed('a', 'spurge-airy-white', 'filler', 0, 0)],
    });
    expect(finding(p, 'safety')?.severity).not.toBe('good');
    expect(finding(p, 'safety')?.message).toContain('Airy spurge');
    expect(finding({ ...p, spot: { ...p.spot, children: false } }, 'safety')).toBeUndefined();
  });

  test('unknown counts as unsafe for the animal that is about', () => {
    const p = pot({
      spot: sun([8, 9, 10, 11, 12, 13], { cats: true }),
      placements: [placed('a', 'osteospermum-white', 'filler', 0, 0)],
    });
    expect(finding(p, 'safety')?.severity).toBe('watch');
  });

  test('edibles beside a poisonous plant are wrong, whoever is about', () => {
    const p = pot({
      placements: [
        placed('a', 'rosemary-upright', 'thriller', 0, 0, 'l1'),
        placed('b', 'lantana-sunset', 'filler', 110, 0),
      ],
    });
    expect(finding(p, 'safety')).toMatchObject({ severity: 'wrong' });
  });

  test('a lime sweet-potato vine in hot afternoon sun is a watch; with morning sun it is not', () => {
    const vine = (hours: number[]) =>
      finding(
        pot({
          spot: sun(hours, { summer: 'hot' }),
          placements: [placed('a', 'sweet-potato-vine-lime', 'spiller', 0, 100)],
        }),
        'scorch',
      );
    expect(vine([12, 13, 14, 15, 16, 17])).toMatchObject({ severity: 'wrong', measured: 5 });
    expect(vine([9, 10, 11, 13, 14, 15, 16])).toMatchObject({ severity: 'wrong', measured: 4 });
    expect(vine([7, 8, 9, 10, 11, 12])).toMatchObject({ severity: 'good' });
  });

  test('a cactus among thirsty annuals is not good on water', () => {
    const p = pot({
      placements: [
        placed('c', 'cactus-golden', 'filler', 0, 0),
        placed('a', 'petunia-violet', 'filler', -110, 0),
        placed('b', 'calibrachoa-orange', 'filler', 110, 0),
      ],
    });
    expect(finding(p, 'water')).toMatchObject({ severity: 'watch', culprits: ['c'] });
  });

  test('plain green leaves that are out of flower are shapeless; in flower all summer they are not', () => {
    const three = (...ids: string[]) =>
      pot({
        spot: sun([8, 9, 10]),
        placements: ids.map((id, i) => placed(`p${i}`, id, 'filler', (i - 1) * 100, 0)),
      });
    expect(finding(three('plectranthus-trailing-green', 'basil-green', 'camellia'), 'plainness')).toMatchObject({
      severity: 'watch',
    });
    const bedding = three('impatiens-coral', 'begonia-white', 'impatiens-violet');
    expect(finding(bedding, 'plainness')).toMatchObject({ severity: 'good' });
    expect(finding(bedding, 'texture')?.severity).toBe('watch');
  });

  test('white flowers at the front of a white pot lose on colour; on a dark pot they stand clear', () => {
    const front = (colour: string) => {
      const p = withBrief(
        pot({
          container: roundPot(400, 290, 360, { colour }),
          placements: [
            placed('t', 'salvia-white', 'thriller', 0, 0, 'l1'),
            placed('a', 'bacopa-white', 'spiller', -60, 125),
            placed('b', 'bacopa-white', 'spiller', 60, 125),
          ],
        }),
        { scheme: 'all-white' },
      );
      return finding(p, 'clear');
    };
    expect(front('#f4f3ee')).toMatchObject({ severity: 'watch', culprits: ['a', 'b'] });
    expect(front('#1d5752')).toMatchObject({ severity: 'good' });
  });

  test('a pot without holes is wrong', () =>
    expect(
      finding(
        pot({ container: roundPot(400, 290, 360, { drains: false }), placements: warmPot().placements }),
        'drainage',
      )?.severity,
    ).toBe('wrong'));

  test('coleus set out before the last frost is wrong, and after it good', () => {
    const on = (startDate: string) =>
      finding(pot({ startDate, placements: [placed('a', 'coleus-lime', 'filler', 0, 0)] }), 'nights')?.severity;
    expect(on('2026-04-10')).toBe('wrong');
    expect(on('2026-06-10')).toBe('good');
  });

  test('over budget is told with by how much', () => {
    const cheap = withBrief(warmPot(), { budget: 20 });
    expect(finding(cheap, 'cost')?.severity).toBe('watch');
    expect(finding(cheap, 'cost')?.message).toMatch(/over budget/);
    expect(finding(withBrief(warmPot(), { budget: null }), 'cost')).toBeUndefined();
  });

  test('a dome asks for no star, and a centre without one is told', () => {
    const dome = withBrief(
      pot({
        placements: [
          placed('a', 'petunia-violet', 'filler', 0, 0),
          placed('b', 'petunia-white', 'filler', 110, 0),
          placed('c', 'petunia-soft-pink', 'filler', -110, 0),
        ],
      }),
      { school: 'level-dome' },
    );
    expect(finding(dome, 'steps')).toBeUndefined();
    expect(finding(withBrief(dome, { school: 'tall-centre' }), 'steps')).toMatchObject({ severity: 'watch' });
  });

  test('trailers on one side only leave the rim bare and the pot heavy', () => {
    const one = pot({
      placements: [
        placed('a', 'pelargonium-salmon', 'filler', 120, 0),
        placed('b', 'calibrachoa-yellow', 'spiller', 120, 90),
        placed('c', 'lantana-sunset', 'filler', 60, -100),
      ],
    });
    expect(finding(one, 'trail')?.severity).toBe('watch');
    expect(finding(one, 'sides')?.measured).toBeGreaterThan(0.15);
  });
});

describe('the height figure', () => {
  test('is the tallest plant two thirds through, above the rim, over the depth of the pot', () => {
    const p = warmPot();
    const s = grow(p);
    const tallest = Math.max(...(s.weeks[standingOf(p, s).week]?.plants ?? []).map((g) => g.heightMm));
    expect(finding(p, 'height')?.measured).toBeCloseTo((tallest - 25) / 360, 6);
  });
  test('uses the band of the container’s form', () => {
    const band = (c: Planting['container']) =>
      finding(pot({ container: c, placements: warmPot().placements.slice(0, 1) }), 'height')?.band;
    expect(band(roundPot(400, 290, 360))).toEqual([0.9, 2.3]);
    // A low bowl by its width: 0.35 to 0.95 of 450 mm, over 180 mm.
    expect(band(roundPot(450, 400, 180))).toEqual([expect.closeTo(0.875, 9), expect.closeTo(2.375, 9)]);
    expect(band(roundPot(300, 220, 620))).toEqual([0.9, 2]);
    // A window box by what it carries, whatever its depth: 15 to 45 cm.
    const box = (depthMm: number) =>
      band({
        ...pot().container,
        shape: { kind: 'box', lengthMm: 800, widthMm: 200, baseLengthMm: 780, baseWidthMm: 180, depthMm },
      });
    expect(box(150)).toEqual([1, 3]);
    expect(box(300)).toEqual([0.5, 1.5]);
  });
});

describe('contrast of two plants', () => {
  test('is nought with itself, alike with its kin, great for strap beside heart', () => {
    expect(contrast(plant('petunia-white'), plant('petunia-white'))).toBe(0);
    expect(contrast(plant('petunia-white'), plant('petunia-violet'))).toBe(0);
    // Size ½, blade against plain 1, glossy against felted 1, none against trumpet 0.7.
    expect(contrast(plant('cordyline-wine'), plant('petunia-white'))).toBeCloseTo(
      0.32 * 0.5 + 0.32 + 0.16 + 0.2 * 0.7,
      9,
    );
  });
  test('is symmetric', () => {
    for (const a of LIBRARY.slice(0, 12))
      for (const b of LIBRARY.slice(30, 42)) expect(contrast(a, b)).toBeCloseTo(contrast(b, a), 12);
  });
});

describe('what is seen', () => {
  test('a tall bush in front hides a low one behind, and not the other way', () => {
    const share = (lowY: number, tallY: number) => {
      const p = pot({
        spot: sun([8, 9, 10, 11, 12, 13], { seen: 'wall' }),
        placements: [
          placed('low', 'heuchera-lime', 'filler', 0, lowY),
          placed('tall', 'coleus-copper', 'filler', 0, tallY),
        ],
      });
      const s = grow(p);
      const seen = seenFrom(p, s.placed, s.weeks[s.peak]?.plants ?? []);
      return seen[0] ? seenArea(seen[0]) / seen[0].wholeMm2 : 0;
    };
    expect(share(-100, 60)).toBeLessThan(0.35);
    expect(share(100, -60)).toBeGreaterThan(0.95);
  });
  test('mirrored plants balance', () => {
    const p = pot({
      placements: [placed('a', 'petunia-white', 'filler', -100, 0), placed('b', 'petunia-white', 'filler', 100, 0)],
    });
    const { plants } = standingOf(p, grow(p));
    expect(Math.abs(plants.reduce((s, x) => s + x.seen.momentMm3, 0))).toBeLessThan(
      1e-3 + 0.06 * 100 * plants.reduce((s, x) => s + seenArea(x.seen), 0),
    );
  });
});

test('bands: quality falls off from the middle and severity from the edges', () => {
  expect(bandQuality(1.5, [1, 2])).toBe(1);
  expect(bandQuality(1, [1, 2])).toBeCloseTo(0.8, 9);
  expect(bandQuality(3.5, [1, 2])).toBe(0);
  expect([0.5, 0.8, 1.5, 2.2, 3].map((x) => bySeverity(x, [1, 2], [0.6, 2.6]))).toEqual([
    'wrong',
    'watch',
    'good',
    'watch',
    'wrong',
  ]);
});

test('every finding carries a band, a rule, a source and a sentence; the score is out of a hundred', () => {
  const r = assess(warmPot());
  expect(r.score).toBeGreaterThan(60);
  expect(r.score).toBeLessThanOrEqual(100);
  for (const f of some(r.findings)) {
    expect(f.message.length).toBeGreaterThan(8);
    expect(f.rule.length).toBeGreaterThan(8);
    expect(f.source.length).toBeGreaterThan(4);
    expect(f.band).toHaveLength(2);
    expect(Number.isFinite(f.measured)).toBe(true);
  }
});

test('messages speak in the units asked for', () => {
  const inches = assess(warmPot(), 'imperial').findings.find((f) => f.check === 'height')?.message ?? '';
  expect(inches).toMatch(/ in above a pot 14 in deep/);
});

test('an empty pot has no score and nothing said of plants', () => {
  const r = assess(pot());
  expect(r.score).toBe(0);
  expect(r.findings.map((f) => f.check)).toEqual(['drainage']);
});
