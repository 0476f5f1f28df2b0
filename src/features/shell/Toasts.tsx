'use client';
import dynamic from 'next/dynamic';
import { Boundary } from './Boundary';

const Toaster = dynamic(() => import('sonner').then((m) => m.Toaster), { ssr: false });

/** Where the application says things in passing. */
export const Toasts = () => (
  <Boundary what="notifications" resetOn={null} silent>
    <Toaster
      position="bottom-center"
      toastOptions={{
        classNames: { description: 'text-ground!' },
        style: {
          fontFamily: 'var(--font-sans)',
          background: 'var(--ink)',
          color: 'var(--ground)',
          border: 'none',
          borderRadius: 4,
        },
      }}
    />
  </Boundary>
);
