import { connection } from 'next/server';
import { Bench } from '@/features/bench/Bench';

/** The bench. `RILLBANK_DEMO=1` puts the demonstration on it at the first visit. */
export default async function Page() {
  await connection();
  return <Bench demo={process.env.RILLBANK_DEMO === '1'} />;
}
