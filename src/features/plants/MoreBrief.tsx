'use client';
import { usualStarts } from '@/core/containers/counts';
import type { Planting } from '@/core/plantings/schema';
import { formatDay } from '@/core/units/date';
import { listed } from '@/core/units/listed';
import { saveStock } from '@/storage/stock';
import { OptionalDateField } from '@/ui/Field';
import { Segments } from '@/ui/Segments';
import { Toggle } from '@/ui/Toggle';
import { countOf } from '@/ui/words';
import type { Known } from '../shell/known';
import { tell } from '../shell/tell';
import { WantedPlants } from './WantedPlants';

type Brief = Planting['brief'];

/** What is set of it that a first brief does not have. */
function setIn(brief: Brief): string[] {
  return [
    brief.density === 'full now' ? 'full straight away' : null,
    brief.bestOn && `best on ${formatDay(brief.bestOn)}`,
    brief.changeOver && `replanted on ${formatDay(brief.changeOver)}`,
    brief.lasting ? 'year-round' : null,
    brief.must.length > 0 ? `${countOf(brief.must.length, 'plant')} to include` : null,
    brief.never.length > 0 ? `${countOf(brief.never.length, 'plant')} to avoid` : null,
  ].filter((t) => t !== null);
}

/** The rest of the brief, folded away: what of it is set is named in the line that opens it. */
export function MoreBrief({
  planting,
  known,
  onChange: set,
}: {
  planting: Planting;
  known: Known;
  onChange: (change: Partial<Brief>) => void;
}) {
  const { brief } = planting;
  const [few, many] = usualStarts(planting.container);
  const told = setIn(brief);
  return (
    <details className="border-t border-line pt-1">
      <summary className="cursor-pointer py-1.5 text-[0.93rem]">
        More{' '}
        <span className="text-[0.84rem] text-quiet">
          {told.length > 0 ? listed(told) : 'plants to include, dates, year-round'}
        </span>
      </summary>
      <div className="flex flex-col gap-3 pt-1.5">
        <div className="grid grid-cols-2 gap-2">
          <OptionalDateField
            label="At its best on"
            value={brief.bestOn}
            after={planting.startDate}
            onChange={(bestOn) => set({ bestOn })}
          />
          <OptionalDateField
            label="Replant on"
            value={brief.changeOver}
            after={planting.startDate}
            onChange={(changeOver) => set({ changeOver })}
          />
        </div>
        <Toggle
          label="Year-round: every plant must survive the winter"
          on={brief.lasting}
          onChange={(lasting) => set({ lasting })}
        />
        <WantedPlants brief={brief} library={known.all} onChange={set} />
        {known.stock && (
          <Toggle
            label={`Only plants in stock at ${known.stock.stock.nursery}`}
            on={known.stock.keepTo}
            onChange={(keepTo) =>
              known.stock && void saveStock({ ...known.stock, keepTo }).catch((e: unknown) => tell.notKept(e))
            }
          />
        )}
        <Segments
          label={`On planting day (${few} to ${many} plants is usual)`}
          value={brief.density}
          options={[
            { value: 'room to grow', text: 'Room to grow' },
            { value: 'full now', text: 'Full straight away' },
          ]}
          onChange={(density) => set({ density })}
        />
      </div>
    </details>
  );
}
