import { notFound } from 'next/navigation';
import { isStation } from '@/features/shell/stations';
import { Workspace } from '@/features/workspace/Workspace';

/** One station of any container: which one is read from the address, so that a page that was kept serves for all. */
export default async function Page({ params }: { params: Promise<{ station: string }> }) {
  const { station } = await params;
  if (!isStation(station)) notFound();
  return <Workspace station={station} />;
}
