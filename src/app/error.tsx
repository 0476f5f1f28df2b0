'use client';
import Link from 'next/link';
import { useEffect } from 'react';
import { Button, buttonLook } from '@/ui/Button';

/** A page that broke: what was made is in the database, and there is a way on. */
export default function Broken({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  useEffect(() => console.error(error), [error]);
  return (
    <main className="mx-auto flex max-w-prose flex-col items-start gap-4 p-8">
      <h1 className="text-2xl">Something went wrong on this page</h1>
      <p>Your work is saved in this browser. Try again. If there is a new version, reload the page.</p>
      <p className="text-[0.88rem] text-quiet">{error.message}</p>
      <div className="flex flex-wrap gap-2">
        <Button kind="deep" onClick={reset}>
          Try again
        </Button>
        <Button onClick={() => window.location.reload()}>Reload</Button>
        <Link href="/" className={buttonLook('plain')}>
          Back to the bench
        </Link>
      </div>
    </main>
  );
}
