import type { LogEntry } from '@/core/log/schema';

/** What the volunteers wrote down. Photographs are our own drawings, shipped beside the pages. */
export interface Written {
  entry: LogEntry;
  /** The address of its photograph. */
  photo: string | null;
}

const LEFT = 'lido-entrance-left';

const note = (id: string, of: string, on: string, text: string, photo: string | null = null): Written => ({
  entry: { id, of, on, kind: 'note', text, photo: photo !== null },
  photo,
});
const plain = (entry: LogEntry): Written => ({ entry, photo: null });

export const lidoLog: readonly Written[] = [
  note('demo-1', LEFT, '2026-05-28', 'Two weeks in. Everything has settled.', '/demo/left-week-2.jpg'),
  note(
    'demo-2',
    LEFT,
    '2026-06-25',
    'Full to the edges. Visitors keep asking what the blue one is.',
    '/demo/left-week-6.jpg',
  ),
  plain({
    id: 'demo-3',
    of: LEFT,
    on: '2026-06-25',
    kind: 'measure',
    to: 'p3',
    plant: 'salvia-violet',
    heightMm: 310,
    spreadMm: null,
  }),
  plain({
    id: 'demo-4',
    of: LEFT,
    on: '2026-07-09',
    kind: 'measure',
    to: 'p3',
    plant: 'salvia-violet',
    heightMm: 370,
    spreadMm: 260,
  }),
  plain({ id: 'demo-5', of: LEFT, on: '2026-07-08', kind: 'water', litres: 9 }),
  plain({ id: 'demo-6', of: 'lido-arcade-baskets', on: '2026-07-10', kind: 'water', litres: null }),
  note('demo-7', 'lido-ticket-box', '2026-07-04', 'The front row is filling at last.', '/demo/box-week-7.jpg'),
  plain({
    id: 'demo-8',
    of: 'lido-boiler-bowl',
    on: '2026-06-02',
    kind: 'verdict',
    plant: 'forget-me-not',
    again: false,
    text: 'Lovely for three weeks, then mildew.',
  }),
  note('demo-9', 'lido-boiler-bowl', '2026-04-25', 'At its best today.', '/demo/bowl-week-6.jpg'),
  plain({ id: 'demo-10', of: 'lido-terrace-tub', on: '2026-07-09', kind: 'probe', share: 0.58 }),
];
