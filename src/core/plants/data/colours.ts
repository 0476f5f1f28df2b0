import type { Part, Plant } from '../schema';

/** What else differs from the plant it is a colour of. */
type More = Partial<Pick<Plant, 'note' | 'roles' | 'habit' | 'heightMm' | 'spreadMm' | 'trailMm' | 'flower' | 'facts'>> & {
  leaf?: [Part, string, number][];
};

/** A colour of a plant that is there: of which, its own id, what it is called, its flower and the flower's middle. */
type Row = [of: string, id: string, variety: string, flower: string, throat?: string, more?: More];

/** Colours of the staples that are sold beside those written down with their plant. */
const ROWS: readonly Row[] = [
  ['cyclamen-pink', 'cyclamen-red', 'red', '#c4142e'],
  ['pelargonium-scarlet', 'pelargonium-dark-red', 'dark red', '#8e0f22'],
  ['pelargonium-scarlet', 'pelargonium-orange', 'orange', '#f0611f'],
  ['pelargonium-scarlet', 'pelargonium-violet', 'violet', '#9a3fa8'],
  ['pelargonium-scarlet', 'pelargonium-bright-pink', 'bright pink', '#e8467c'],
  ['pelargonium-scarlet', 'pelargonium-zonal-coral', 'coral', '#f27a62'],
  ['pelargonium-white', 'pelargonium-white-eyed', 'white, rose eye', '#f6eff0', '#d84a72'],
  [
    'pelargonium-scarlet',
    'pelargonium-tricolour',
    'tricolour leaf, scarlet flower',
    '#d8262c',
    undefined,
    { leaf: [['leaf', '#6f9a52', 0.42], ['edge', '#efe6b4', 0.33], ['vein', '#a84a38', 0.25]], note: 'Cream, bronze and green in one leaf; grown for that, the scarlet is extra.' },
  ],
  ['pelargonium-ivy-red', 'pelargonium-ivy-pink', 'pink', '#ee86a8'],
  ['petunia-trailing-violet', 'petunia-trailing-red', 'red', '#c81e34'],
  ['petunia-trailing-violet', 'petunia-trailing-purple', 'purple', '#7a2a8c'],
  ['petunia-trailing-violet', 'petunia-trailing-yellow', 'soft yellow', '#f3e27a', '#d9c24a'],
  ['petunia-trailing-violet', 'petunia-trailing-star', 'violet, white star', '#5a2a9c', '#f4f2f8'],
  ['calibrachoa-violet', 'calibrachoa-purple', 'deep purple', '#5a1f6e', '#2a1030'],
  ['calibrachoa-yellow', 'calibrachoa-two-tone', 'yellow, rose veined', '#f4cf3a', '#d84a72'],
  ['verbena-magenta', 'verbena-violet', 'violet', '#5f3fa8'],
  ['lobelia-blue', 'lobelia-rose', 'rose', '#d8628f'],
  ['lobelia-blue', 'lobelia-lilac', 'lilac', '#b79ad8'],
  ['lobelia-blue', 'lobelia-sky', 'pale sky blue', '#9fc4ee'],
  ['impatiens-coral', 'impatiens-salmon', 'salmon', '#f4a08a'],
  ['impatiens-coral', 'impatiens-lilac', 'lilac', '#c9a0dc'],
  ['impatiens-coral', 'impatiens-star', 'red, white star', '#d0222e', '#f8f4f4'],
  ['impatiens-coral', 'impatiens-double-pink', 'pink, double', '#ef86a6', undefined, { flower: { form: 'ball', sizeMm: 34, show: 0.48 }, note: 'Small roses for shade; the double ones want taking off when they brown.' }],
  ['impatiens-sun-orange', 'impatiens-sun-salmon', 'salmon', '#f58f78'],
  ['begonia-rose-bronze', 'begonia-red-bronze', 'red, bronze leaf', '#d02a38'],
  ['begonia-rose-bronze', 'begonia-white-bronze', 'white, bronze leaf', '#f6f2f0'],
  ['begonia-trailing-orange', 'begonia-trailing-pink', 'pink', '#f07f9c'],
  ['pansy-blue', 'pansy-violet', 'violet, dark face', '#5a2f9a', '#2a1448'],
  ['pansy-blue', 'pansy-black', 'near black', '#1f1626', '#f0c23a'],
  ['pansy-blue', 'pansy-rose', 'rose, dark face', '#d8608f', '#5f1a3c'],
  ['viola-blue', 'viola-black', 'near black', '#1d1524', '#e8b83a'],
  ['viola-blue', 'viola-orange', 'orange', '#f08a1e', '#e8a83a'],
  ['viola-blue', 'viola-deep-violet', 'deep violet', '#4a2496', '#f0cf3a'],
  ['viola-blue', 'viola-lavender', 'lavender', '#a99ad8', '#f0d96a'],
  ['primrose-yellow', 'polyanthus-white', 'white, gold eye', '#f7f4ea', '#f0c83a'],
  ['primrose-yellow', 'polyanthus-pink', 'pink, gold eye', '#e887a4', '#f0c83a'],
  ['primrose-yellow', 'polyanthus-orange', 'orange, gold eye', '#ee8432', '#f4cf3a'],
  ['primrose-cream', 'primrose-pale-yellow', 'pale yellow', '#f4e88a', '#e8c23a'],
  ['dahlia-pink', 'dahlia-purple', 'purple, green leaf', '#8a2f86'],
  ['dahlia-white', 'dahlia-two-tone', 'red, white tipped, low', '#c8202e', '#f6f0ee'],
  ['rose-patio-pink', 'rose-patio-yellow', 'yellow', '#f4cf4a'],
  ['tulip-red', 'tulip-orange', 'orange', '#f0762a'],
  ['tulip-red', 'tulip-lilac', 'lilac', '#b48fc8'],
  ['tulip-red', 'tulip-two-tone', 'red, yellow edge', '#c8202a', '#f2c63a'],
  ['hyacinth-blue', 'hyacinth-violet', 'violet', '#5f3f96'],
  ['hyacinth-blue', 'hyacinth-yellow', 'primrose yellow', '#f0dc6a'],
  ['crocus-purple', 'crocus-striped', 'white, violet striped', '#efeaf4', '#7a5fb0'],
  ['chrysanthemum-bronze', 'chrysanthemum-red', 'dark red', '#9a1f2a'],
  ['zinnia-orange', 'zinnia-yellow', 'yellow', '#f4c52a'],
  ['zinnia-orange', 'zinnia-red', 'red', '#c8202c'],
  ['zinnia-orange', 'zinnia-pink', 'pink', '#e8708f'],
  ['cosmos-pink', 'cosmos-crimson', 'crimson, dwarf', '#9a1442'],
  ['snapdragon-pink', 'snapdragon-orange', 'orange', '#f2812a'],
  ['snapdragon-pink', 'snapdragon-purple', 'purple', '#7a3f96'],
  ['gazania-orange', 'gazania-white', 'white, dark ring', '#f6f2e6'],
  ['gazania-orange', 'gazania-pink', 'pink, dark ring', '#e58aa4'],
  ['portulaca-pink', 'portulaca-orange', 'orange', '#f2822a'],
  ['portulaca-pink', 'portulaca-red', 'red', '#d0242e'],
  ['catharanthus-pink', 'catharanthus-red', 'red', '#d0222e'],
  ['catharanthus-white', 'catharanthus-white-eyed', 'white, red eye', '#f6f2f0', '#c81f3c'],
  ['celosia-gold', 'celosia-pink', 'pink', '#e0568f'],
  ['celosia-gold', 'celosia-orange', 'orange', '#f27a22'],
  ['diascia-coral', 'diascia-red', 'brick red', '#c04038'],
  ['diascia-coral', 'diascia-white', 'white', '#f6f3ee'],
  ['aubrieta-purple', 'aubrieta-pink', 'pink', '#e07aa8', undefined, { note: 'A pink sheet in April; shear it hard after.' }],
  ['bougainvillea', 'bougainvillea-orange', 'orange', '#ee8a3a'],
  ['bougainvillea', 'bougainvillea-white', 'white', '#f4f1ea'],
  ['hibiscus-red', 'hibiscus-pink', 'pink', '#ee86a4'],
  ['hibiscus-red', 'hibiscus-orange', 'orange', '#f2873a'],
  ['hydrangea-pink', 'hydrangea-red', 'red', '#b8324a', undefined, { note: 'Reddest in lime, purple in acid mix; drinks every day.' }],
  ['hydrangea-blue', 'hydrangea-lacecap', 'blue lacecap', '#7f96d8', '#c3cdea', { flower: { form: 'airy', sizeMm: 140, show: 0.24 }, note: 'A flat head, sterile stars round small true flowers, and bees in it; blue in acid mix.', facts: { bees: 'good' } }],
  ['sweet-pea', 'sweet-pea-blue', 'lavender blue', '#8a92d8'],
  ['sweet-pea', 'sweet-pea-white', 'white', '#f6f4f0'],
  ['sweet-pea', 'sweet-pea-crimson', 'crimson', '#a81f4c'],
  ['nasturtium-trailing', 'nasturtium-bush-orange', 'bush, orange', '#f2811e', undefined, { roles: ['filler'], habit: 'mound', heightMm: [200, 300], spreadMm: [240, 360], trailMm: [0, 80] }],
  ['nasturtium-crimson', 'nasturtium-bush-scarlet', 'bush, scarlet', '#d8301e', undefined, { roles: ['filler'], habit: 'mound', heightMm: [200, 300], spreadMm: [240, 360], trailMm: [0, 80] }],
  ['heuchera-plum', 'heuchera-black', 'near black', '#ecdde0', undefined, { leaf: [['leaf', '#2c1d25', 0.85], ['vein', '#4a2f38', 0.15]] }],
  ['bellis-pink', 'bellis-red', 'red pompon', '#c02a4c'],
  ['pentas-pink', 'pentas-white', 'white', '#f6f3f0'],
  ['echinacea-pink', 'echinacea-orange', 'orange', '#f0843a'],
];

/** A middle where the plant it is a colour of shows none is this much of the flower. Working figure. */
const THROAT = 0.25;

function coloursOf(was: Plant['colours'], flower: string, throat: string | undefined, leaf: More['leaf']): Plant['colours'] {
  const isFlower = (part: Part) => part === 'flower' || part === 'throat';
  const leaves = leaf ? leaf.map(([part, hex, share]) => ({ part, hex, share })) : was.filter((c) => !isFlower(c.part));
  const middle = was.find((c) => c.part === 'throat');
  if (!middle && !throat) return [...leaves, { part: 'flower', hex: flower, share: 1 }];
  const share = middle?.share ?? THROAT;
  return [
    ...leaves,
    { part: 'flower', hex: flower, share: Number((1 - share).toFixed(2)) },
    { part: 'throat', hex: throat ?? middle?.hex ?? flower, share },
  ];
}

/**
 * More colours of the plants of a library, each as the one it is a colour of but for what its row says.
 * Throws where that one is missing.
 */
export function moreColours(library: readonly Plant[]): Plant[] {
  const byId = new Map(library.map((p) => [p.id, p]));
  return ROWS.map(([of, id, variety, flower, throat, { leaf, ...more } = {}]) => {
    const base = byId.get(of);
    if (!base) throw new Error(`${id} is a colour of ${of}, which there is not.`);
    return {
      ...base,
      ...more,
      id,
      variety,
      colours: coloursOf(base.colours, flower, throat, leaf),
      ...(base.facts || more.facts ? { facts: { ...base.facts, ...more.facts } } : {}),
    };
  });
}
