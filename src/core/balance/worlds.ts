import { factsOf } from '../plants/facts';
import { plantName } from '../plants/schema';
import { type World, WorldSchema } from '../plants/traits';
import { maxBy } from '../units/number';
import { check, percent } from './check';

/** A plant is at home among other kinds of which so many share a world with it. Working figure. */
const AT_HOME = 0.55;
/** What each share of strays costs. Working figure: with a third of the plants from elsewhere nothing is left. */
const COSTS = 3;

/** What a planting of each world is called. */
const CALLED: Record<World, string> = {
  bedding: 'a summer bedding planting',
  tropical: 'a tropical planting',
  woodland: 'a woodland planting',
  alpine: 'an alpine planting',
  succulent: 'a succulent planting',
  winter: 'a winter planting',
  kitchen: 'a kitchen planting',
  meadow: 'a meadow planting',
  shrub: 'a shrub planting',
};

/** Plants that belong together: one world that holds them all. */
export const worlds = check({
  name: 'Companions',
  facet: 'gate',
  weight: 4,
  at: 'plants',
  of: ({ placed: plants }) => {
    if (plants.length < 2) return [];
    const all = plants.map((p) => ({ p, worlds: factsOf(p.plant).worlds }));
    const world = maxBy(WorldSchema.options, (w) => all.filter((x) => x.worlds.includes(w)).length) ?? 'bedding';
    const kinds = [...new Map(all.map((x) => [x.p.plant.id, x])).values()];
    const strays = all
      .filter((x) => {
        const rest = kinds.filter((o) => o.p.plant.id !== x.p.plant.id);
        const kin = rest.filter((o) => o.worlds.some((w) => x.worlds.includes(w))).length;
        return rest.length > 0 && kin / rest.length < AT_HOME;
      })
      .map((x) => x.p);
    const share = strays.length / plants.length;
    return [
      {
        severity: strays.length > 0 ? 'watch' : 'good',
        measured: share,
        band: [0, 0],
        unit: 'from elsewhere',
        scale: [0, 1],
        culprits: strays.map((p) => p.id),
        says: strays.length > 0 ? 'stray' : 'good',
        facts: { plant: strays[0] ? plantName(strays[0].plant) : '', world: CALLED[world] },
        rule: 'Plants that suit the same type of planting',
        source: 'common practice, plants that go together',
        quality: Math.max(0, 1 - share * COSTS),
      },
    ];
  },
  words: {
    good: (f) => `They belong together: ${f.text('world')}.`,
    stray: (f) => `${f.text('plant')} looks out of place in ${f.text('world')}.`,
  },
  figure: percent,
  bandless: true,
  ideas: ['swap', 'take one of many out'],
});
