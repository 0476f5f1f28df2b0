import type { Metadata } from 'next';
import { Today } from '@/features/tend/Today';

export const metadata: Metadata = { title: 'Today' };

/** What all containers ask for today, by place. */
export default function Page() {
  return <Today />;
}
