import { shoppingList } from '../materials/list';
import { check, money } from './check';

/** What a penny over leaves of the quality, and with which power of the cost it falls. Working figures. */
const JUST_OVER = 0.7;
const SHARE_COSTS = 2;

/** Cost of one container against the budget. Absent without one. */
export const cost = check({
  name: 'Cost',
  facet: 'gate',
  weight: 3,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    const { budget } = planting.brief;
    if (budget === null || plants.length === 0) return [];
    const { each } = shoppingList(planting, 1);
    const over = each / budget;
    return [
      {
        severity: over <= 1 ? 'good' : 'watch',
        measured: each,
        band: [0, budget],
        unit: '£',
        scale: [0, budget * 1.5],
        culprits: [],
        says: over <= 1 ? 'good' : 'high',
        facts: { each, budget, over: each - budget },
        rule: 'Plants, mix and feed within the budget',
        source: 'prices in each plant’s record',
        quality: over <= 1 ? 1 : JUST_OVER / over ** SHARE_COSTS,
      },
    ];
  },
  words: {
    good: (f) => `${f.money('each')} of ${f.money('budget')}.`,
    high: (f) => `${f.money('each')}, which is ${f.money('over')} over budget.`,
  },
  figure: money,
  ideas: ['a kind smaller', 'smaller starts', 'cheaper throughout', 'take any but the lead out'],
});
