import { hueGap, lch } from '../colour/oklch';
import { LIBRARY } from '../plants';
import { answers, leafColours, repeats } from '../plants/leaf-colours';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';
import { pot, sun } from '../testing/pots';
import { some } from '../testing/some';
import { compose } from './compose';
import { echoesOf, leadingLeaves, leadsByLeaf, surprisesFor } from './echoes';
import { whyNot } from './filter';

const named = (id: string): Plant => {
  const found = LIBRARY.find((p) => p.id === id);
  if (!found) throw new Error(id);
  return found;
};
const terrace = pot({ startDate: '2026-05-20', spot: sun([9, 10, 11, 12, 13, 14, 15]) });
const flax = named('phormium-bronze');

describe('the colours of a leaf', () => {
  test('the hidden ones come first, and two that are hardly apart are one', () => {
    expect(leafColours(flax).map((c) => c.part)).toEqual(['edge', 'leaf']);
    const twice: Plant = {
      ...flax,
      colours: [
        { part: 'leaf', hex: '#6b3f2e', share: 0.5 },
        { part: 'edge', hex: '#6c402f', share: 0.5 },
      ],
    };
    expect(leafColours(twice)).toHaveLength(1);
  });

  test('a colour is repeated by a flower that shows or a leaf that is most of a plant, never by an eye or a sparse flower', () => {
    const orange = named('calibrachoa-orange');
    const [flower] = orange.colours.filter((c) => c.part === 'flower');
    const hex = flower?.hex ?? '';
    expect(repeats(orange, hex)).toBe(1);
    expect(repeats({ ...orange, flower: { ...orange.flower, show: 0.1 } }, hex)).toBe(0);
    const eye = {
      ...orange,
      colours: orange.colours.map((c) => (c.part === 'flower' ? { ...c, part: 'throat' as const } : c)),
    };
    expect(repeats(eye, hex)).toBe(0);
  });

  test('a green leaf asks nobody to answer it', () => {
    const green: Plant = { ...flax, colours: [{ part: 'leaf', hex: '#4f7d42', share: 1 }] };
    expect(answers(green, green)).toBe(0);
  });
});

describe('who leads by a leaf, and who goes with it', () => {
  test('coloured leaves that suit the spot and pot lead, no needles and no kitchen', () => {
    const leaves = leadingLeaves(terrace);
    expect(leaves.map((p) => p.id)).toEqual(expect.arrayContaining(['phormium-bronze', 'cordyline-wine']));
    for (const p of some(leaves)) {
      expect([p.edible, p.leaf.size === 'fine']).toEqual(['no', false]);
      expect(whyNot(p, terrace)).toEqual([]);
    }
    expect(leadsByLeaf(named('lavender'))).toBe(false);
  });

  test('echoes are near the colour, a surprise is far from all of the leaf; each of another species, and able to live there', () => {
    const edge = leafColours(flax)[0]?.hex ?? '';
    const echoes = echoesOf(flax, edge, terrace);
    for (const p of some(echoes)) expect(repeats(p, edge)).toBeGreaterThan(0);
    const surprises = surprisesFor(flax, terrace);
    for (const p of some(surprises)) expect(hueGap(lch(signature(p)).h, lch(edge).h)).toBeGreaterThanOrEqual(110);
    for (const list of [echoes, surprises]) {
      expect(new Set(list.map((p) => p.botanical)).size).toBe(list.length);
      for (const p of list) expect(whyNot(p, terrace)).toEqual([]);
    }
  });

  test('asked for a leaf, the lead has one, and the first of what is proposed repeats its colour', () => {
    const { proposals } = compose({ ...terrace, brief: { ...terrace.brief, school: 'leaf-led', budget: null } });
    const leads = proposals.map((p) => named(String(p.planting.placements.find((x) => x.role === 'thriller')?.plant)));
    for (const lead of some(leads)) expect(leadsByLeaf(lead)).toBe(true);
    expect(proposals[0]?.report.findings.find((f) => f.check === 'echo')?.severity).toBe('good');
  });
});
