import type { Metadata } from 'next';
import { Suspense } from 'react';
import { GroupFrame } from '@/features/group/GroupFrame';

export const metadata: Metadata = { title: 'Together' };

/** The containers of a place in one scene. `?place=` names it. */
export default function Page() {
  return (
    <Suspense>
      <GroupFrame />
    </Suspense>
  );
}
