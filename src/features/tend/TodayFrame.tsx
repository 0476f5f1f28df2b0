'use client';
import dynamic from 'next/dynamic';

/** What day it is only the browser knows: nothing of it is drawn on the server. */
export const TodayFrame = dynamic(() => import('./Today').then((m) => m.Today), {
  ssr: false,
  loading: () => (
    <p className="p-8 text-quiet" aria-busy>
      Loading jobs…
    </p>
  ),
});
