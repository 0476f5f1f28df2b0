import type { JobKind } from './job';

/** An empty container asks for plants. */
export const compose: JobKind = {
  of: ({ planting, today }) => (planting.placements.length === 0 ? [{ on: today, text: 'compose it' }] : []),
  why: 'Nothing stands in it yet. Say what you would like at Plants, and choose among the proposals.',
  says: () => 'Compose',
};
