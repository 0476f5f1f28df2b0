'use client';
import { useEffect, useState } from 'react';
import { askForPromise, readRoom, type StorageSpace } from '@/storage/room';
import { Button } from '@/ui/Button';

const MB = 1e6;
const sizeOf = (bytes: number): string =>
  bytes >= 1000 * MB ? `${(bytes / MB / 1000).toFixed(1)} GB` : `${(bytes / MB).toFixed(1)} MB`;

/** How much is kept in this browser, how much there may be, and whether it may be cleared. */
export function StorageRoom() {
  const [room, setRoom] = useState<StorageSpace | null>(null);
  const [refused, setRefused] = useState(false);
  const look = () => readRoom().then(setRoom, () => setRoom(null));
  useEffect(() => void look(), []);
  if (!room) return null;
  const { used, most, promised } = room;
  return (
    <div className="flex flex-col items-start gap-1 text-[0.84rem] text-quiet">
      <p>
        {used !== null && most !== null && `${sizeOf(used)} of ${sizeOf(most)} used in this browser. `}
        {promised
          ? 'Your browser keeps this until you clear its data.'
          : 'Your browser may delete this if the disk fills up. Save backups.'}
      </p>
      {!promised &&
        (refused ? (
          <p>Your browser declined. It often agrees once you bookmark or install Rillbank.</p>
        ) : (
          <Button
            onClick={() =>
              void askForPromise().then(
                (yes) => (yes ? look() : setRefused(true)),
                () => setRefused(true),
              )
            }
          >
            Ask the browser to keep everything
          </Button>
        ))}
    </div>
  );
}
