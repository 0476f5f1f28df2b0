'use client';
import dynamic from 'next/dynamic';

/** What stands at a place only the browser knows: nothing of it is drawn on the server. */
export const GroupFrame = dynamic(() => import('./Group').then((m) => m.Group), {
  ssr: false,
  loading: () => (
    <p className="p-8 text-quiet" aria-busy>
      Loading your containers…
    </p>
  ),
});
