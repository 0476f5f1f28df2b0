'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useRef } from 'react';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { Boundary } from '../shell/Boundary';
import { SiteNav } from '../shell/SiteNav';
import { useCatchFocus } from '../shell/useCatchFocus';
import { Waiting } from './Waiting';

// The frame comes first and alone: what reads, judges and draws is many times as heavy.
const Shelving = dynamic(() => import('./Shelving').then((m) => m.Shelving), { ssr: false, loading: Waiting });
const Backup = dynamic(() => import('./Backup').then((m) => m.Backup), {
  ssr: false,
  loading: () => <Button disabled>Save a backup</Button>,
});

/** Home: every container as its own portrait at true relative size, by place. */
export function Bench({ demo }: { demo: boolean }) {
  const router = useRouter();
  const starting = useRef(false);
  const main = useCatchFocus<HTMLElement>('bench');
  /** A new container, in the same spot as another when one is given. */
  const start = async (like?: Planting) => {
    // Two clicks are one start.
    if (starting.current) return;
    starting.current = true;
    try {
      const { startContainer } = await import('./start');
      router.push(await startContainer(like));
    } catch (e) {
      const { tell } = await import('../shell/tell');
      tell.notKept(e);
      starting.current = false;
    }
  };
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pt-3 work:px-8 work:pt-5">
        <h1 className="flex-1 text-[1.9rem] font-bold leading-none tracking-tight">Rillbank</h1>
        <Button kind="deep" onClick={() => void start()}>
          Add a container
        </Button>
        <Boundary what="backups" resetOn={demo} small>
          <Backup />
        </Boundary>
        <Boundary what="settings" resetOn={demo} small>
          <SiteNav here="bench" />
        </Boundary>
      </header>
      <main ref={main} tabIndex={-1} className="outline-none flex flex-1 flex-col px-4 pb-8 work:px-8">
        <Boundary what="your containers" resetOn={demo}>
          <Shelving demo={demo} onStart={(like) => void start(like)} />
        </Boundary>
      </main>
    </div>
  );
}
