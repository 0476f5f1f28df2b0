'use client';
import { FEED_IDS, FEEDS } from '@/core/materials/feeds';
import type { Making } from '@/core/buying/making';
import { CURRENCIES, CURRENCY_CODES } from '@/core/units/money';
import { Choose, NumberField } from '@/ui/Field';
import { Toggle } from '@/ui/Toggle';
import { keepMaking } from './keep';

/** How it is fed, whether drip watering is bought, and in what money. */
export function Terms({ making }: { making: Making }) {
  return (
    <details className="text-[0.92rem] print:hidden">
      <summary className="cursor-pointer text-quiet">
        <span className="ml-1">
          {FEEDS[making.feed].label}, {making.drip ? 'with' : 'no'} drip irrigation,{' '}
          {making.spare > 0 && `${Math.round(making.spare * 100)}% spare plants, `} prices in{' '}
          {CURRENCIES[making.currency].label}
        </span>
      </summary>
      <div className="grid gap-3 pt-2 sm:grid-cols-2">
        <Choose
          label="Feed"
          value={making.feed}
          options={FEED_IDS.map((value) => ({ value, text: `${FEEDS[value].label}, ${FEEDS[value].how}` }))}
          onChange={(feed) => keepMaking({ feed })}
        />
        <NumberField
          label="Spare plants, % (3 is usual for a large order)"
          value={Math.round(making.spare * 100)}
          min={0}
          max={25}
          onChange={(percent) => keepMaking({ spare: percent / 100 })}
        />
        <Toggle label="Include drip irrigation" on={making.drip} onChange={(drip) => keepMaking({ drip })} />
        <Choose
          label="Prices in"
          value={making.currency}
          options={CURRENCY_CODES.map((value) => ({ value, text: CURRENCIES[value].label }))}
          onChange={(currency) => keepMaking({ currency, perPound: CURRENCIES[currency].perPound })}
        />
        {making.currency !== 'GBP' && (
          <NumberField
            label={`${making.currency} to the pound`}
            value={making.perPound}
            min={0.01}
            max={1000}
            onChange={(perPound) => keepMaking({ perPound })}
          />
        )}
      </div>
    </details>
  );
}
