import type { Metadata } from 'next';
import { TodayFrame } from '@/features/tend/TodayFrame';

export const metadata: Metadata = { title: 'Today' };

/** What all containers ask for today, by place. */
export default function Page() {
  return <TodayFrame />;
}
