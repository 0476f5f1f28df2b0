'use client';
import type { Panels, StationProps } from '../shell/panels';
import { ContainerPanel } from './ContainerPanel';
import { ContainerSums } from './ContainerSums';

export const container: Panels = {
  Work: ({ planting }: StationProps) => <ContainerPanel planting={planting} />,
  Reading: ({ planting, units }: StationProps) => <ContainerSums planting={planting} units={units} />,
  onward: () => true,
};
