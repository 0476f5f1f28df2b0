'use client';
import { useEffect } from 'react';
import { formatDay } from '@/core/units/date';
import { onNewDay } from './clock';
import { useDiary } from './diary';
import { tell } from './tell';

/** Says so when the day turns under one’s hands. A diary that is open on another day stays on it. */
export function NewDay() {
  useEffect(
    () =>
      onNewDay((day) => {
        if (useDiary.getState().open === null) tell.said(`It is now ${formatDay(day)}. Today’s jobs have moved on.`);
      }),
    [],
  );
  return null;
}
