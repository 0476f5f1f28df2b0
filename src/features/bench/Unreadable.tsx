import type { Shelf } from '@/storage/plantings';

/** Containers that are kept as stored because they cannot be read. */
export function Unreadable({ list }: { list: Shelf['unreadable'] }) {
  return (
    <section role="alert" className="mt-4 border-l-4 border-wrong pl-3">
      <h2>
        {list.length === 1 ? 'One container' : `${list.length} containers`} could not be read and{' '}
        {list.length === 1 ? 'is' : 'are'} kept as stored
      </h2>
      <ul className="text-[0.9rem] text-quiet">
        {list.map((u) => (
          <li key={u.id}>
            {u.id}: {u.why.split('\n')[0]}
          </li>
        ))}
      </ul>
    </section>
  );
}
