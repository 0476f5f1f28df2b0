import { notFound } from 'next/navigation';
import { isStation } from '@/features/shell/stations';
import { Workspace } from '@/features/workspace/Workspace';

export default async function Page({ params }: { params: Promise<{ id: string; station: string }> }) {
  const { id, station } = await params;
  if (!isStation(station)) notFound();
  return <Workspace id={id} station={station} />;
}
