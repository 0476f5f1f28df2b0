import { pot } from '../testing/pots';
import { sunInMonth, sunReading } from './light';
import { SpotSchema, type ClockLight, type Spot } from './schema';
import { altitudeOf, raised, shines, skylineAt, sunByMonth, sunOnDay, sunPath } from './sun-clock';

const RAD = Math.PI / 180;
const flat = Array<number>(36).fill(0);
const clock = (change: Partial<ClockLight> = {}): ClockLight => ({
  kind: 'clock',
  latitude: 51,
  facing: 180,
  wall: false,
  skyline: flat,
  roofDeg: null,
  trees: [],
  dappled: false,
  ...change,
});
const spotOf = (light: ClockLight): Spot => ({ ...pot().spot, light });

/**
 * Day length by the sunrise equation, cos H = (sin h₀ − sin φ·sin δ)/(cos φ·cos δ), centre of the sun on the
 * horizon with 0.567° of refraction; δ by Cooper 1969 corrected to the solstice.
 */
function dayLengthH(latitude: number, declination: number): number {
  const cos =
    (Math.sin(-0.567 * RAD) - Math.sin(latitude * RAD) * Math.sin(declination * RAD)) /
    (Math.cos(latitude * RAD) * Math.cos(declination * RAD));
  return (2 * Math.acos(cos)) / RAD / 15;
}

describe('on a bare horizon direct sun is the length of the day, to two minutes', () => {
  test.each([
    [51, '2026-06-21', 23.436],
    [51, '2026-12-21', -23.436],
    [35, '2026-06-21', 23.436],
    [35, '2026-12-21', -23.436],
    [-37, '2026-06-21', 23.436],
    [-37, '2026-12-21', -23.436],
    [0, '2026-06-21', 23.436],
  ])('latitude %p on %s', (latitude, date, declination) => {
    const hours = sunOnDay(clock({ latitude }), date).hours;
    expect(Math.abs(hours - dayLengthH(latitude, declination)) * 60).toBeLessThan(2);
  });

  test('at the equinox a day is a little over twelve hours everywhere', () => {
    for (const latitude of [-50, 0, 50]) expect(sunOnDay(clock({ latitude }), '2026-03-20').hours).toBeCloseTo(12.1, 1);
  });

  test('noon altitude is 90 − φ + δ, and the sun is in the north at noon in the south', () => {
    const noon = (latitude: number) => sunPath(latitude, '2026-06-21').find((s) => s.hour === 12);
    expect(noon(51)?.altitude).toBeCloseTo(90 - 51 + 23.44, 0);
    expect(noon(51)?.azimuth).toBeCloseTo(180, 0);
    expect(Math.cos((noon(-37)?.azimuth ?? 180) * RAD)).toBeCloseTo(1, 2);
  });
});

describe('a wall behind', () => {
  const hours = (facing: number, date: string) => sunOnDay(clock({ wall: true, facing }), date);
  test('a spot facing south has the whole of a winter day and about half a summer one', () => {
    expect(hours(180, '2026-12-21').hours).toBeCloseTo(sunOnDay(clock(), '2026-12-21').hours, 1);
    // The sun passes behind an east–west wall where tan(altitude)… : cos H = tan δ ÷ tan φ, so 2·acos(tan
    // 23.436°/tan 51°)/15 = 9.26 h.
    expect(hours(180, '2026-06-21').hours).toBeCloseTo(
      (2 * Math.acos(Math.tan(23.436 * RAD) / Math.tan(51 * RAD))) / RAD / 15,
      1,
    );
  });
  test('one facing north has none in winter, and in summer the two ends of the day', () => {
    expect(hours(0, '2026-12-21').hours).toBe(0);
    expect(hours(0, '2026-06-21').hours).toBeCloseTo(dayLengthH(51, 23.436) - 9.26, 1);
    expect(hours(0, '2026-06-21').byHour[12]).toBe(0);
  });
  test('one facing east has the morning, one facing west the afternoon, as much as each other', () => {
    const [east, west] = [hours(90, '2026-06-21'), hours(270, '2026-06-21')];
    expect(east.hours).toBeCloseTo(west.hours, 1);
    expect(east.hours + west.hours).toBeCloseTo(dayLengthH(51, 23.436), 1);
    expect(east.afternoon).toBeLessThan(0.05);
    expect(west.morning).toBeLessThan(1.05);
  });
});

test('an overhang cuts the summer noon and lets in winter', () => {
  const roofed = clock({ wall: true, facing: 180, roofDeg: 45 });
  expect(sunOnDay(roofed, '2026-06-21').byHour[12]).toBe(0);
  expect(sunOnDay(roofed, '2026-12-21').byHour[12]).toBeCloseTo(1, 6);
  expect(sunOnDay(roofed, '2026-12-21').hours).toBeCloseTo(sunOnDay(clock(), '2026-12-21').hours, 1);
});

describe('what stands round', () => {
  test('an obstacle as high as it is far stands at 45°', () => expect(altitudeOf(3000, 3000)).toBeCloseTo(45, 6));
  test('a wall in the south takes the winter sun whole and leaves the summer noon', () => {
    const walled = clock({ skyline: raised(flat, 90, 270, 30) });
    expect(sunOnDay(walled, '2026-12-21').hours).toBe(0);
    expect(sunOnDay(walled, '2026-06-21').byHour[12]).toBeCloseTo(1, 6);
  });
  test('raising goes round by the north when it must, and never lowers', () => {
    const r = raised(raised(flat, 350, 20, 15), 0, 10, 5);
    expect([r[35], r[0], r[1], r[2], r[3]]).toEqual([15, 15, 15, 15, 0]);
    expect(skylineAt(r, 25)).toBeCloseTo(7.5, 6);
    expect(skylineAt(r, -5)).toBeCloseTo(15, 6);
  });
  test('a tree shades while it is in leaf', () => {
    const tree = clock({ trees: [{ fromDeg: 120, toDeg: 240, altitudeDeg: 60, leafMonths: [5, 6, 7, 8, 9] }] });
    const noon = sunPath(51, '2026-03-15').find((s) => s.hour === 12);
    expect(noon && [shines(tree, noon, 3), shines(tree, noon, 6)]).toEqual([true, false]);
  });
});

describe('the reading', () => {
  test('morning and afternoon are kept apart at 13:00 solar time and add up', () => {
    const m = sunByMonth(clock())[5];
    expect((m?.morning ?? 0) + (m?.afternoon ?? 0)).toBeCloseTo(m?.hours ?? -1, 9);
    expect((m?.morning ?? 0) - (m?.afternoon ?? 0)).toBeCloseTo(2, 1);
    expect(m?.byHour.reduce((a, b) => a + b, 0)).toBeCloseTo(m?.hours ?? -1, 9);
  });
  test('growing months are those of the hemisphere, and a planting’s own when it has a start', () => {
    expect(sunReading(spotOf(clock({ latitude: -37 }))).hours).toBeCloseTo(
      sunReading(spotOf(clock({ latitude: 37 }))).hours,
      0,
    );
    expect(sunReading(spotOf(clock()), '2026-10-01').hours).toBeLessThan(
      sunReading(spotOf(clock()), '2026-05-01').hours - 4,
    );
  });
  test('what was noted by hand holds in every month', () => {
    const noted: Spot = { ...pot().spot, light: { kind: 'noted', hours: [8, 9, 14], dappled: false } };
    for (let m = 0; m < 12; m += 1)
      expect(sunInMonth(noted, m)).toMatchObject({ hours: 3, morning: 2, afternoon: 1, label: 'part shade' });
  });
  test('a skyline with a point missing is refused with what it needs', () => {
    const r = SpotSchema.safeParse(spotOf(clock({ skyline: flat.slice(1) })));
    expect(r.error?.issues[0]?.message).toMatch(/36 altitudes/);
  });
});
