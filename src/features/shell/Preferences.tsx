'use client';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { formatDay, today as realToday } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/Field';
import { Segments } from '@/ui/Segments';
import { useDiary, useToday } from './diary';
import { useDrawing } from './drawing';
import { StorageRoom } from './StorageRoom';
import { Pairs } from './Pairs';
import { SHORTCUTS } from './shortcuts';
import { keepTheme, keptSettings } from './settings';
import { useUnits } from './units';

type Theme = 'system' | 'light' | 'dark';
const storedTheme = (): Theme => (typeof window === 'undefined' ? 'system' : (keptSettings().theme ?? 'system'));

/** Units, light or dark, how portraits are drawn, and the day the diary is open on, kept on this device. */
export function Preferences() {
  const { units, set } = useUnits();
  const { plain, setPlain } = useDrawing();
  const { open, openOn } = useDiary();
  const day = useToday();
  const [theme, setTheme] = useState<Theme>(storedTheme);
  const choose = (t: Theme) => {
    setTheme(t);
    keepTheme(t === 'system' ? undefined : t);
  };
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button kind="bare" className="px-1.5! sm:px-2!">
          Settings
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          align="end"
          className="z-30 flex w-64 flex-col gap-3 rounded-[4px] border border-line bg-ground p-3"
          aria-label="Settings"
        >
          <Segments
            label="Units"
            value={units}
            options={[
              { value: 'metric', text: 'cm, L, kg' },
              { value: 'imperial', text: 'in, qt, lb' },
            ]}
            onChange={set}
          />
          <Segments
            label="Appearance"
            value={theme}
            options={[
              { value: 'system', text: 'System' },
              { value: 'light', text: 'Light' },
              { value: 'dark', text: 'Dark' },
            ]}
            onChange={choose}
          />
          <Segments
            label="Picture detail"
            value={plain ? 'plain' : 'fine'}
            options={[
              { value: 'fine', text: 'High' },
              { value: 'plain', text: 'Low (faster)' },
            ]}
            onChange={(v) => setPlain(v === 'plain')}
          />
          <DateField label="Show Rillbank as on" value={day} onChange={(d) => openOn(d === realToday() ? null : d)} />
          {open !== null && <Button onClick={() => openOn(null)}>Back to today, {formatDay(realToday())}</Button>}
          <StorageRoom />
          <div className="text-[0.84rem]">
            <Pairs pairs={SHORTCUTS} />
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
