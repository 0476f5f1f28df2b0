import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Library } from '@/features/library/Library';

export const metadata: Metadata = { title: 'Library' };

/** All plants. `?for=` names the container they are looked at for. */
export default function Page() {
  return (
    <Suspense>
      <Library />
    </Suspense>
  );
}
