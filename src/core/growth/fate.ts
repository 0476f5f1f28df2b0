import type { Gone, Grown } from './grown';

/** What became of a plant that is not there, in a few words. */
const SAYS: Record<Gone, string> = {
  frost: 'killed by frost',
  dry: 'dried out',
  dark: 'died from lack of light',
  lifted: 'lifted',
  'to come': 'not planted yet',
  asleep: 'died down',
};

/** What became of a plant, or null while it lives. */
export const fateOf = ({ gone }: Pick<Grown, 'gone'>): string | null => (gone === null ? null : SAYS[gone]);
