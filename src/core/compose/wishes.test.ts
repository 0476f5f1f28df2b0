import { freshPlanting } from '../plantings/fresh';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { some } from '../testing/some';
import { mean } from '../units/number';
import { compose, type Proposal } from './compose';
import { ideaOf } from './idea';
import { type Theme, THEME_IDS, THEMES } from './themes';
import { answersAsWell, changed, WISH_IDS, WISHES } from './wishes';

const fresh = freshPlanting('wishes', 'Wishes', '2026-05-16');
const base: Planting = { ...fresh, brief: { ...fresh.brief, scheme: 'pink-purple', budget: null } };
const first = compose(base).proposals;
const lead = (p: Proposal) => resolve(p.planting).find((x) => x.role === 'thriller')?.plant.id;
const kinds = (p: Proposal) => new Set(resolve(p.planting).map((x) => x.plant.id));
/** Another colour of the same petunia is no other idea. */
const species = (p: Proposal) => new Set(resolve(p.planting).map((x) => x.plant.botanical));
const figure = (list: readonly Proposal[], of: (p: Planting) => number) => mean(list.map((p) => of(p.planting)));

describe('the plainest brief', () => {
  test('gets five, each another idea: no lead twice, and few species in common', () => {
    expect(first).toHaveLength(5);
    expect(new Set(first.map(lead)).size).toBe(5);
    first.forEach((a, i) =>
      first.slice(i + 1).forEach((b) => {
        const [x, y] = [species(a), species(b)];
        const both = [...x].filter((id) => y.has(id)).length;
        expect(both / (x.size + y.size - both)).toBeLessThanOrEqual(0.4);
      }),
    );
  });
  test('nothing under 75 and nothing wrong is offered, and the reason is a sentence without figures', () => {
    for (const p of some(first)) {
      expect(p.report.score).toBeGreaterThanOrEqual(75);
      expect(p.report.findings.filter((f) => f.severity === 'wrong')).toEqual([]);
      const [idea = ''] = p.reason.split('. ');
      expect(idea).toMatch(/^[A-Z][^0-9%]+: [a-z]/);
      // What is said is a theme that holds of these kinds, or what their colours say.
      const kinds = [...new Map(resolve(p.planting).map((x) => [x.plant.id, x.plant])).values()];
      const themes = THEME_IDS.map((id): Theme => THEMES[id]).filter((t) => t.holds(kinds));
      const leading = resolve(p.planting).find((x) => x.role === 'thriller')?.plant;
      const told = ideaOf(kinds, leading);
      const ways = [...themes.map((t) => t.why(told, kinds)), told];
      const said = idea.replace(/, at its best from \w+ \w+ to \w+ \w+$/, '');
      expect(ways.some((why) => said.endsWith(why))).toBe(true);
    }
  });
});

describe('a wish changes what is proposed, and says what it changed', () => {
  const said = (wish: (typeof WISH_IDS)[number]) =>
    compose(base, { said: { wish, of: first[0]?.planting ?? base } }).proposals;
  test.each(['cheaper', 'less water', 'easier', 'calmer'] as const)('%s', (wish) => {
    const { figure: of } = WISHES[wish];
    expect(figure(said(wish), of)).toBeLessThan(figure(first, of));
  });
  test.each(['brighter', 'longer'] as const)('%s', (wish) => {
    const { figure: of } = WISHES[wish];
    expect(figure(said(wish), of)).toBeGreaterThan(figure(first.slice(0, 1), of));
  });
  test('each of them answers it at least as well as what it was said of', () => {
    const [of = base] = first.map((p) => p.planting);
    for (const wish of ['calmer', 'brighter', 'cheaper'] as const)
      for (const p of some(said(wish))) expect(answersAsWell(wish, p.planting, of)).toBe(true);
  });
  test('safe for cats leaves nothing that is not', () => expect(figure(said('cats'), WISHES.cats.figure)).toBe(0));
  test('more like this keeps the colours, and some of the kinds', () => {
    const of = first[2]?.planting ?? base;
    const like = compose(base, { said: { wish: 'more like this', of } }).proposals;
    const own = new Set(resolve(of).map((x) => x.plant.id));
    const shared = (list: readonly Proposal[]) =>
      mean(list.map((p) => [...kinds(p)].filter((id) => own.has(id)).length));
    expect(shared(like)).toBeGreaterThan(shared(first.filter((p) => p.planting !== of)));
  });
  test('it is told in words', () => {
    const [a, b] = first.map((p) => p.planting);
    if (!a || !b) throw new Error('two are needed');
    expect(changed('cheaper', a, a)).toMatch(/^Cheaper: still £[\d.]+$/);
    for (const id of some(WISH_IDS)) expect(changed(id, a, b)).toMatch(/^[A-Z][a-z ]+: /);
  });
});
