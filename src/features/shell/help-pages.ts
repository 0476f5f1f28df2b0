import type { Station } from './stations';

/** A page that has help of its own. */
export type HelpPage = Station | 'bench' | 'today' | 'group' | 'library';

/** What a page is for in a sentence, and what one does there, in the order in which it is usually done. */
interface Help {
  title: string;
  about: string;
  how: readonly string[];
}

/** Help for each page, one screen each. */
export const HELP: Record<HelpPage, Help> = {
  bench: {
    title: 'Bench',
    about: 'Every container you have, by place and to the same scale.',
    how: [
      'Select a picture to open that container.',
      'Add a container starts an empty one; it takes about two minutes to plan.',
      'More, under a container, renames, copies, puts it away or deletes it. Everything can be undone.',
      'View together shows all the containers of one place in a single scene.',
      'Save a backup writes one file with everything. Open a file brings it back, here or on another device.',
    ],
  },
  spot: {
    title: 'Spot',
    about: 'Where the container stands: its sun, wind, frost and who can reach it. Plants are chosen to suit.',
    how: [
      'Enter the hours of direct sun, or use the sun clock: set your latitude and drag the skyline.',
      'Choose a climate, or set the coldest winter and the frost dates.',
      'Say who might touch or eat the plants. Anything not known to be safe for them is ruled out.',
      'Same conditions as copies the settings of a container you have already described.',
    ],
  },
  container: {
    title: 'Container',
    about: 'Its shape, size and material. They decide how much mix it holds, what it weighs and how many plants fit.',
    how: [
      'Choose a shape and a standard size, or enter the inside measurements.',
      'Drag the cross-section to change the width, base or depth.',
      'Read the weight when watered before you hang or lift it.',
      'How many like this makes a set: the shopping list counts all of them.',
    ],
  },
  plants: {
    title: 'Plants',
    about: 'What grows in it. Fill in the brief and compose, or list what is already planted.',
    how: [
      'Choose colours and an arrangement, then select Compose. You get two to five proposals to compare.',
      'Use this one plants it. Make it calmer, brighter or cheaper asks for others.',
      'Select a plant to swap, resize, keep or remove it. Drag root balls on the plan.',
      'Checks on the right say what works and what does not. A remedy shows its effect before you choose it.',
    ],
  },
  season: {
    title: 'Season',
    about: 'How it grows and flowers, week by week.',
    how: [
      'Drag the marker along the season strip to see any week.',
      'Try a pinch, a cut-back or another year’s weather: the result stands next to the container as it is.',
      'Set a date to be at its best, and see what would get it there.',
      'Plants shading each other shows which plant covers which, and what would help.',
    ],
  },
  make: {
    title: 'Plant up',
    about: 'What to buy and how to plant it.',
    how: [
      'Tick what you already have. Select a price to enter your own.',
      'For chooses one container, all at a place, the whole bench or a batch.',
      'Steps leads you through planting one step at a time, in large letters.',
      'Template prints the planting plan at full size. Labels and fact sheet makes papers to hand over.',
    ],
  },
  tend: {
    title: 'Care',
    about: 'Watering, jobs, holidays, the log and replanting.',
    how: [
      'I’ve watered it and Done keep the figures true. Both can be undone.',
      'Away says what would die while you are gone, and what would save it.',
      'Log keeps notes, photographs and measurements. Predictions adjust to what you measure.',
      'Replant keeps what will last and fills the gaps for the next season.',
      'Under Log you can also plan the same container for next year, and compare two side by side.',
    ],
  },
  today: {
    title: 'Today',
    about: 'The day’s jobs for every container, by place.',
    how: [
      'Select Done as you go round, or print the list.',
      'Enter today’s high, low and rain: watering then rests on your own weather. Days without a record can be as in an earlier year.',
      'The watering schedule shares the rounds between several people.',
      'Save as a calendar puts the year’s jobs into your own calendar. Save it again later to update it.',
    ],
  },
  group: {
    title: 'Together',
    about: 'The containers of one place in a single scene, to scale.',
    how: [
      'Drag a container, or select it and use the arrow keys.',
      'Overall judges them as a group. Light shows which shade others. Totals adds up cost, weight and water.',
      'Compose a group makes several that match; Compose a neighbour adds one next to another.',
      'Set the wall, door, windows, steps and path under the picture.',
    ],
  },
  library: {
    title: 'Library',
    about: 'Every plant there is to choose from, drawn to scale.',
    how: [
      'Search by common or botanical name, or by colour; slips of spelling are forgiven.',
      'Choosing for a container shows which plants suit it, and why others do not.',
      'Compare up to four to the same scale.',
      'Add your own plants from their labels or a spreadsheet. Nursery stock limits composing to what you can buy.',
    ],
  },
};

/** What the words mean that a newcomer may not know. */
export const GLOSSARY: readonly (readonly [word: string, meaning: string])[] = [
  ['thriller', 'the tallest plant, the one you notice first; also the centrepiece'],
  ['filler', 'a rounded plant that fills the middle'],
  ['spiller', 'a plant that trails over the rim'],
  ['headspace', 'the gap between the soil and the rim, so that water can soak in'],
  ['pinch out', 'remove the soft tip of a shoot, to make the plant bushier'],
  ['deadhead', 'remove faded flowers, so that more follow'],
  ['harden off', 'get greenhouse plants used to the outdoors over a week or so'],
  ['ericaceous', 'acid potting mix, for plants that cannot stand lime'],
  ['plug', 'a very young plant, sold in a tray'],
  ['root ball', 'the roots with the mix around them, as the plant comes out of its pot'],
];

/** Where one’s work is, and how it is kept safe. */
export const SAFE = [
  'Everything is stored in this browser, on this device. Nothing is sent anywhere.',
  'Clearing the browser’s data deletes it: save a backup from the bench now and then, and keep the file elsewhere.',
  'Pages you have opened also work without a signal.',
] as const;
