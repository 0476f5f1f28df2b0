'use client';
import { useStored } from '@/storage/useStored';
import Link from 'next/link';
import { readCards } from '@/storage/cards';
import { stationPath } from '../shell/stations';

/** The bench before it is judged and drawn: every container by name, ready to be opened. */
export function Waiting() {
  const cards = useStored(() => readCards().catch(() => []));
  const places = [...new Set((cards ?? []).map((c) => c.place))];
  return (
    <div className="py-6" aria-busy>
      <p className="text-quiet">Loading your containers…</p>
      {places.map((place) => (
        <p key={place} className="pt-3">
          <span className="text-quiet">{place}: </span>
          {(cards ?? [])
            .filter((c) => c.place === place)
            .map((c, i) => (
              <span key={c.id}>
                {i > 0 && ', '}
                <Link className="underline decoration-line underline-offset-2" href={stationPath(c.id, 'plants')}>
                  {c.name}
                </Link>
              </span>
            ))}
        </p>
      ))}
    </div>
  );
}
