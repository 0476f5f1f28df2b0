import type { Metadata } from 'next';
import Link from 'next/link';
import { buttonLook } from '@/ui/Button';

export const metadata: Metadata = { title: 'Page not found' };

/** An address that leads nowhere. */
export default function NotFound() {
  return (
    <main className="mx-auto flex max-w-prose flex-col items-start gap-4 p-8">
      <h1 className="text-2xl">Page not found</h1>
      <p>There is no page at this address. Your containers are on the bench; the plants are in the library.</p>
      <div className="flex gap-2">
        <Link href="/" className={buttonLook('deep')}>
          Back to the bench
        </Link>
        <Link href="/library" className={buttonLook('plain')}>
          Go to the library
        </Link>
      </div>
    </main>
  );
}
