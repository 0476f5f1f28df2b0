import { LIBRARY } from '@/core/plants';
import { NO_FACETS } from '@/core/plants/facets';
import { plantName, type Plant } from '@/core/plants/schema';
import { finderOf } from '@/core/plants/search';
import { sun, warmPot } from '@/core/testing/pots';
import { plantCard, factSheet } from './facts';
import { SUN_WORDS, sunWordOf } from './sun-words';
import { ASK_NOTHING, countAsked, standingFor, viewOf } from './view';

const find = finderOf(LIBRARY);
const nobody = new Set<string>();
const free = standingFor(LIBRARY, null);
const by = (id: string) => LIBRARY.find((p) => p.id === id) as Plant;

test('asked for nothing, everything is shown from A to Z', () => {
  const names = viewOf(find, ASK_NOTHING, free, nobody).map((s) => plantName(s.plant));
  expect(names).toHaveLength(LIBRARY.length);
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b, 'en-GB')));
});

test('what is typed is shown best first, unless another order is chosen', () => {
  const asked = { ...ASK_NOTHING, text: 'petunia white' };
  expect(viewOf(find, asked, free, nobody)[0]?.plant.id).toBe(find('petunia white')[0]?.id);
  const tall = viewOf(find, { ...asked, text: 'petunia', order: 'tallest' }, free, nobody).map(
    (s) => s.plant.heightMm[1],
  );
  expect(tall).toEqual([...tall].sort((a, b) => b - a));
});

test('own plants come first, or alone', () => {
  const own = new Set(['yew-column', 'zinnia-white']);
  expect(
    viewOf(find, ASK_NOTHING, free, own)
      .slice(0, 2)
      .every((s) => own.has(s.plant.id)),
  ).toBe(true);
  expect(
    viewOf(find, { ...ASK_NOTHING, mine: true }, free, own)
      .map((s) => s.plant.id)
      .filter((id) => !own.has(id)),
  ).toEqual([]);
});

test('for a container, what cannot live there is told why, or left out', () => {
  const shady = { ...warmPot(), spot: sun([9]) };
  const standing = standingFor(LIBRARY, shady);
  const all = viewOf(find, ASK_NOTHING, standing, nobody);
  expect(all.find((s) => s.plant.id === 'petunia-white')?.refusal?.rule).toBe('light');
  const fit = viewOf(find, { ...ASK_NOTHING, fits: true }, standing, nobody);
  expect(fit.length).toBeGreaterThan(20);
  expect(fit.every((s) => s.refusal === null)).toBe(true);
  expect(fit.length).toBe(all.filter((s) => s.refusal === null).length);
});

test('what is asked is counted for the button that shows it', () => {
  expect(countAsked(ASK_NOTHING)).toBe(0);
  expect(
    countAsked({ ...ASK_NOTHING, fits: true, facets: { ...NO_FACETS, roles: ['filler', 'spiller'], petSafe: true } }),
  ).toBe(4);
});

describe('facts', () => {
  const text = (p: Plant, name: string) => factSheet(p, 'metric').find((f) => f.name === name);
  test('in either measure', () => {
    expect(text(by('salvia-blue'), 'Height when grown')?.text).toBe('38–58 cm');
    expect(factSheet(by('salvia-blue'), 'imperial').find((f) => f.name === 'Height when grown')?.text).toBe('15–23 in');
  });
  test('poison is never passed over: unknown is a warning too', () => {
    const p = {
      ...by('salvia-blue'),
      poison: { people: 'none' as const, cats: 'unknown' as const, dogs: 'toxic' as const },
      irritantSap: 'unknown' as const,
    };
    expect(['Poison, people', 'Poison, cats', 'Poison, dogs', 'Sap'].map((n) => text(p, n)?.warn)).toEqual([
      false,
      true,
      true,
      true,
    ]);
    expect(text(p, 'Poison, cats')?.text).toMatch(/treat as unsafe/);
  });
  test('light as a tag says it', () => {
    expect(text({ ...by('salvia-blue'), sunHours: [4, 6, 12, 14] }, 'Sun')?.text).toBe(
      'full sun to part sun; best with 6–12 h a day',
    );
    expect(text({ ...by('salvia-blue'), sunHours: [0, 0.5, 2, 4] }, 'Sun')?.text).toMatch(/^part shade to shade/);
  });
  test('in groups, each with something to tell, size and safety first', () => {
    for (const p of LIBRARY) {
      const card = plantCard(p, 'metric');
      expect(card.filter(({ lines }) => lines.length === 0).map(({ title }) => [p.id, title])).toEqual([]);
      expect(card.slice(0, 2).map(({ title }) => title)).toEqual(['Size and place', 'Safety']);
    }
  });
  test('the facts a grower asks for stand there in plain words', () => {
    expect(text(by('lavender'), 'After cutting back')?.text).toBe('lightly, never into bare wood, in August');
    expect(text(by('croton'), 'Over winter')?.text).toBe('indoors, at 15°C or more, watered');
    expect(text(by('coleus-lime'), 'Plant out')?.text).toBe('once nights are above 13°C');
    expect(text(by('heuchera-plum'), 'Plant out')).toBeUndefined();
    expect(text(by('hosta-gold'), 'Needs cold')?.text).toBe('9 weeks below 7°C to flower again');
    expect(text(by('fuchsia-upright'), 'Pests')?.text).toMatch(/^greenfly \(May, June?n?\)/);
    expect(text(by('canna-dwarf-red'), 'Minimum mix')?.text).toMatch(/8(\.0)? L each; dislikes a tight fit/);
    expect(text(by('nicotiana-white'), 'Scent')?.text).toBe('of the flower, clear, at dusk; noticed in passing');
    expect(text(by('calibrachoa-white'), 'Deadhead')?.text).toBe('not needed; old flowers drop');
    expect(text(by('foxglove'), 'Kind of poison')).toMatchObject({ text: 'cardiac glycosides', warn: true });
    expect(text(by('petunia-white'), 'Kind of poison')).toBeUndefined();
  });
});

test('each amount of sun is the nearest to itself', () => {
  for (const w of SUN_WORDS) expect(sunWordOf(w.hours)).toBe(w.value);
  expect(sunWordOf([5, 6, 12, 14])).toBe('sun');
});
