import { among } from './ways/lists';

/** What stands in more summer containers than anything else. Practice: what nurseries grow most of. */
export const isCommonest = among(
  'Pelargonium × hortorum, Petunia × atkinsiana, Dahlia × hybrida, Ipomoea batatas, Lantana camara',
);
