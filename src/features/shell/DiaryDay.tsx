'use client';
import { formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/Field';
import { useDiary, useToday } from './diary';

/** Where the diary is open on another day than the real one: which, and the way back. */
export function DiaryDay() {
  const { open, openOn } = useDiary();
  if (open === null) return null;
  return (
    <p className="text-quiet print:hidden">
      Showing {formatDay(open)} {open.slice(0, 4)}.{' '}
      <Button kind="bare" className="min-h-[24px]! px-0!" onClick={() => openOn(null)}>
        Use today’s date
      </Button>
    </p>
  );
}

/** Opens the diary on any day: to plan ahead, or to look back. */
export function DiaryPick() {
  const openOn = useDiary((d) => d.openOn);
  const today = useToday();
  return <DateField label="Date shown" value={today} onChange={openOn} />;
}
