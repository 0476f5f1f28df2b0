'use client';
import type { Spot } from '@/core/spots/schema';
import { Button } from '@/ui/Button';
import { Hour } from '../shell/Hour';

/** The hour that is shown first: late enough for the light to be warm. */
const FIRST = 17;

interface Props {
  spot: Spot;
  /** Null for even light. */
  hour: number | null;
  shines: boolean;
  onChange: (hour: number | null) => void;
}

/** The sun of an hour on the portrait, or the even light of a studio. */
export function Daylight({ spot, hour, shines, onChange }: Props) {
  const on = hour !== null;
  const side = spot.light.kind === 'noted' ? 'assumed to face south' : '';
  return (
    <div className="relative">
      <Button
        kind="bare"
        aria-pressed={on}
        className={`work:min-h-7! ${on ? 'font-semibold' : ''}`}
        title={on ? 'Turn shadows off' : 'Show sun and shade at a given hour'}
        onClick={() => onChange(on ? null : FIRST)}
      >
        Sun
      </Button>
      {on && (
        <div className="absolute right-0 top-full z-10 w-60 bg-ground px-2 pb-1">
          <Hour hour={hour} says={shines ? side : 'no direct sun at this hour'} onChange={onChange} />
        </div>
      )}
    </div>
  );
}
