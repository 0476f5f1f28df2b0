'use client';
import Link from 'next/link';
import { useState } from 'react';
import type { Proposal } from '@/core/compose/compose';
import { whyNot } from '@/core/compose/filter';
import { plantName, type Plant } from '@/core/plants/schema';
import { resolve } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { stationPath } from '../shell/stations';
import { LOOSENED } from './loosened';
import { PlantPick } from './PlantPick';

/** Why a plant is not among what is proposed, and what would have to change for it to be. */
export function WhyNot({
  planting,
  library,
  proposals,
  onWith,
}: {
  planting: Planting;
  library: readonly Plant[];
  proposals: readonly Proposal[];
  /** Compose again with a plant that must be in. */
  onWith: (plant: Plant) => void;
}) {
  const [asked, setAsked] = useState<Plant | null>(null);
  const reasons = asked ? whyNot(asked, planting) : [];
  const numbers = asked
    ? proposals.flatMap((p, i) => (resolve(p.planting).some((x) => x.plant.id === asked.id) ? [i + 1] : []))
    : [];
  return (
    <div className="contents text-[0.86rem]">
      <div className="w-56">
        <PlantPick label="Why not this plant?" text="Why not this plant?" library={library} onPick={setAsked} />
      </div>
      {asked && (
        <div role="status" className="flex w-full flex-wrap items-center gap-x-2 gap-y-1">
          <b className="font-semibold">{plantName(asked)}:</b>
          {numbers.length > 0 && <span>it is in proposal {numbers.join(' and ')}.</span>}
          {numbers.length === 0 && reasons.length === 0 && (
            <>
              <span>it suits the spot and container, but other plants gave a better combination.</span>
              <Button className="min-h-8!" onClick={() => onWith(asked)}>
                Compose with it
              </Button>
            </>
          )}
          {reasons.map(({ rule, why }) => {
            const way = LOOSENED[rule];
            return (
              <span key={rule}>
                {why}{' '}
                {way && (
                  <Link
                    className="text-glaze underline underline-offset-4"
                    href={stationPath(planting.id, way.station)}
                  >
                    {way.text}
                  </Link>
                )}
              </span>
            );
          })}
        </div>
      )}
    </div>
  );
}
