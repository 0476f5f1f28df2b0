import { deletePlanting, type Shelf } from '@/storage/plantings';
import { Button } from '@/ui/Button';
import { download, fileName } from '../shell/download';
import { tell } from '../shell/tell';

type Unread = Shelf['unreadable'][number];

/** What it was called, as far as that can be read; else what it is kept under. */
function nameOf({ stored, id }: Unread): string {
  const name = typeof stored === 'object' && stored !== null && 'name' in stored ? stored.name : null;
  return typeof name === 'string' && name.trim() !== '' ? name.slice(0, 80) : id;
}

/** Containers that are kept as stored because they cannot be read: each can be saved as it is, and taken away. */
export function Unreadable({ list }: { list: Shelf['unreadable'] }) {
  return (
    <section role="alert" className="mt-4 border-l-4 border-wrong pl-3">
      <h2>
        {list.length === 1 ? 'One container' : `${list.length} containers`} could not be read. Nothing has been deleted.
      </h2>
      <ul>
        {list.map((u) => {
          const name = nameOf(u);
          return (
            <li key={u.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
              <span>
                {name} <span className="text-[0.9rem] text-quiet">{u.why.split('\n')[0]}</span>
              </span>
              <Button
                aria-label={`Save ${name} as a file`}
                onClick={() =>
                  download(fileName(name, 'as-stored.json'), JSON.stringify(u.stored, null, 2), 'application/json')
                }
              >
                Save it as a file
              </Button>
              <Button
                kind="bare"
                aria-label={`Delete ${name}`}
                onClick={() => void deletePlanting(u.id).catch((e: unknown) => tell.notKept(e))}
              >
                Delete
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
