/**
 * A command: how it is written, what each form of it does, and the file that does it, read only when it is
 * asked for.
 */
interface Verb {
  usage: readonly (readonly [written: string, about: string])[];
  /** What else is to be known, shown with `--help`. */
  more?: string;
  load: () => Promise<{ run: (args: string[]) => unknown }>;
}

const SEVERAL = 'Several files at once give a list, each with its file. - reads standard input.';

/** Every command, in the order it is listed. */
export const VERBS: Record<string, Verb> = {
  plants: {
    usage: [
      ['plants', 'every plant in the library'],
      ['plants --coverage', 'how many there are to choose from, by role, light, season and scheme'],
    ],
    load: () => import('./plants'),
  },
  schema: {
    usage: [['schema planting|group|brief|plant|plants|bundle|backup', 'the JSON Schema of a file']],
    load: () => import('./schema'),
  },
  compose: {
    usage: [['compose BRIEF.json…', 'plantings that fit a brief, best first']],
    more: `A brief names the spot, the container and what you would like. The smallest is {"format":"rillbank.brief","version":1}.\n${SEVERAL}`,
    load: () => import('./compose'),
  },
  check: {
    usage: [
      ['check PLANTING.json…', 'what is good, of concern or a problem, and safety notes'],
      ['check GROUP.json [--on DATE]', 'the same of containers that stand together'],
    ],
    more: SEVERAL,
    load: () => import('./check'),
  },
  grow: {
    usage: [
      ['grow PLANTING.json… [--week N]', 'size of each plant at its peak or in week N'],
      [
        'grow PLANTING.json… --from DATE --to DATE',
        'each plant in every week between, what shades it, and what lies ahead',
      ],
      ['grow … --year hot|cool|late|frost|dry|unfed', 'the same in a different year or with different care'],
    ],
    more: SEVERAL,
    load: () => import('./grow'),
  },
  list: {
    usage: [
      [
        'list PLANTING.json… [--feed slow|liquid|pellets] [--drip]',
        'what to buy for all of them, in packs and whole bags',
      ],
    ],
    load: () => import('./list'),
  },
  steps: {
    usage: [['steps PLANTING.json…', 'planting steps and how deep to fill the mix']],
    more: SEVERAL,
    load: () => import('./steps'),
  },
  water: {
    usage: [
      [
        'water PLANTING.json… --on DATE [--high C] [--low C] [--rain MM]',
        'litres a day, how often to water, and water available to roots',
      ],
      [
        'water PLANTING.json… --on DATE --weather DAYS.csv',
        'the same from days of your own: date, high_c, low_c, rain_mm',
      ],
    ],
    more: SEVERAL,
    load: () => import('./water'),
  },
  jobs: {
    usage: [['jobs PLANTING.json… --from DATE --to DATE [--ics FILE]', 'what to do and when, and as a calendar']],
    more: 'Jobs already overdue are listed on the first day, with the date they were due.',
    load: () => import('./jobs'),
  },
  template: {
    usage: [
      [
        'template PLANTING.json --out FILE.svg|FILE.pdf [--paper a4|letter]',
        'the plan at full size, as one drawing or on sheets',
      ],
    ],
    load: () => import('./template'),
  },
};

const lines = ({ usage }: Verb): string =>
  usage.map(([written, about]) => `  rillbank ${written}\n      ${about}`).join('\n');

/** What `rillbank --help` prints. */
export const usageOf = (): string =>
  `rillbank: the potting bench from a terminal. JSON in, JSON out.\n\n${Object.values(VERBS).map(lines).join('\n')}\n\nrillbank COMMAND --help tells more of one; rillbank --version tells which this is. Exit 0, or 2 with a message that names the field and why.`;

/** What `rillbank VERB --help` prints. */
export const helpOf = (verb: Verb): string => `${lines(verb)}${verb.more ? `\n\n${verb.more}` : ''}`;
