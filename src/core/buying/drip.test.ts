import { placed, pot, roundPot, warmPot } from '../testing/pots';
import { dripKit, emittersFor, thirstL } from './drip';

const near = { ...pot().spot, name: 'Steps', tapM: 22 };
const large = { ...warmPot(), spot: near };
const small = {
  ...pot({ placements: [placed('a', 'echeveria-dark', 'filler', 0, 0)], container: roundPot(200, 160, 180) }),
  spot: near,
};

test('a kit for two pots, laid out on a sheet and added up by hand', () => {
  const { zones, needs } = dripKit([{ planting: large, count: 2 }]);
  const each = emittersFor(large.container);
  expect(each).toBe(2);
  expect(zones).toHaveLength(1);
  // From the tap 22 m, and 1.2 m from the first pot to the second.
  expect(needs.main).toBeCloseTo(22 + 1.2);
  expect(needs.clip).toBe(24);
  // To each pot 1 m, and 22 cm from its first emitter to its second; a staple each half metre.
  expect(needs.line).toBeCloseTo(2 * 1.22);
  expect(needs.staple).toBe(2 * 3);
  expect([needs.connector, needs.tee, needs.stake]).toEqual([2, 2, 4]);
  expect(needs.emitter2 + needs.emitter4 + needs.emitter8).toBe(4);
  for (const once of ['timer', 'valve', 'filter', 'reducer', 'plug'] as const) expect(needs[once]).toBe(1);
});

test('emitters give what is used on a hot day in the time the zone runs, and no more than half an hour where they can', () => {
  const { zones, needs } = dripKit([{ planting: large, count: 1 }]);
  const [zone] = zones;
  const given = ((zone?.litresAnHour ?? 0) * (zone?.minutes ?? 0)) / 60;
  expect(given).toBeGreaterThanOrEqual(thirstL(large));
  expect(zone?.minutes).toBeLessThanOrEqual(30);
  expect(needs.emitter2 * 2 + needs.emitter4 * 4 + needs.emitter8 * 8).toBe(zone?.litresAnHour);
});

test('what drinks little has slow emitters beside what drinks much', () => {
  expect(thirstL(small)).toBeLessThan(thirstL(large) / 4);
  const { needs } = dripKit([
    { planting: small, count: 1 },
    { planting: large, count: 1 },
  ]);
  expect(needs.emitter2).toBe(emittersFor(small.container));
  expect(needs.emitter4 + needs.emitter8).toBe(emittersFor(large.container));
});

test('each place has its own tap; more than one tap gives runs on lines of their own; what hangs takes more tubing', () => {
  const elsewhere = { ...large, spot: { ...near, name: 'Terrace', tapM: null } };
  const two = dripKit([
    { planting: large, count: 1 },
    { planting: elsewhere, count: 1 },
  ]);
  expect(two.zones.map((z) => z.place)).toEqual(['Steps', 'Terrace']);
  expect(two.needs.timer).toBe(2);
  const [many] = dripKit([{ planting: large, count: 60 }]).zones;
  expect(many?.lines).toBe(Math.ceil((many?.litresAnHour ?? 0) / 300));
  expect(many?.lines).toBeGreaterThan(1);
  const hung = { ...large, container: { ...large.container, mount: 'hook' as const } };
  expect(dripKit([{ planting: hung, count: 1 }]).needs.line).toBeCloseTo(2.5 + 0.22);
});

test('of nothing nothing is laid', () => expect(dripKit([{ planting: large, count: 0 }]).zones).toEqual([]));
