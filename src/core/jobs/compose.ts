import type { JobKind } from './job';

/** An empty container asks for plants. */
export const composeJob: JobKind = {
  matters: 'looks',
  withinDays: 30,
  of: ({ planting, today }) => (planting.placements.length === 0 ? [{ on: today, text: 'compose a planting' }] : []),
  why: 'It is empty. Fill in the brief under Plants and choose a proposal.',
  says: () => 'Compose',
};
