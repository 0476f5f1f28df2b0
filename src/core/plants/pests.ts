import type { Pest } from './traits';

/**
 * Where and when a pest or disease is looked for: months of the north, 1–12, and what gives it away.
 * Practice, after growers' dates.
 */
export const PESTS: Record<Pest, { months: readonly number[]; look: string }> = {
  greenfly: { months: [5, 6], look: 'soft shoot tips and the undersides of young leaves' },
  blackfly: { months: [6, 7], look: 'black clusters at the tips' },
  whitefly: { months: [7, 8], look: 'small white moths that rise when you shake it' },
  'vine weevil': { months: [6, 10], look: 'notched leaf edges, and white grubs at the roots' },
  slugs: { months: [5, 9], look: 'holes and slime, after dark or after rain' },
  'red spider mite': { months: [7, 8], look: 'pale mottling and fine webs under the leaves' },
  mealybug: { months: [7, 10], look: 'white wool in the joints' },
  'scale insect': { months: [5, 9], look: 'brown limpet-like bumps on stems and ribs' },
  'powdery mildew': {
    months: [7, 8],
    look: 'a white bloom on the leaves (water the soil, not the leaves, and give it air)',
  },
  'downy mildew': { months: [6, 8], look: 'yellowing above and grey fur under the leaves (remove the plant)' },
  'grey mould': { months: [9, 10], look: 'grey fur on dead leaves and flowers (pick them off)' },
  rust: { months: [7, 8], look: 'orange or brown pustules under the leaves' },
  'black spot': { months: [6, 8], look: 'black blotches (pick the leaves off and bin them)' },
  'tomato blight': { months: [7, 8], look: 'brown patches on leaves and stems after warm, wet days' },
  budworm: { months: [7, 8], look: 'holes in the buds, in hot places' },
  'cabbage white': { months: [6, 7, 8], look: 'yellow eggs under the leaves, then caterpillars' },
  'box caterpillar': { months: [4, 6, 8], look: 'webs and stripped leaves deep inside' },
  'lily beetle': { months: [4, 5, 6], look: 'scarlet beetles, and grubs covered in their own dirt' },
  earwigs: { months: [8], look: 'ragged petals in the morning' },
};
