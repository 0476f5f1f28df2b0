'use client';
import type { Panels, StationProps } from '../shell/panels';
import { MakePanel } from './MakePanel';

export const make: Panels = {
  Work: ({ planting, units, known }: StationProps) => <MakePanel planting={planting} units={units} known={known} />,
  broad: true,
  onward: ({ placements }) => placements.length > 0,
};
