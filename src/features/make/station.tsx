'use client';
import type { Panels } from '../shell/panels';
import { Make } from './Make';

export const make: Panels = {
  Work: Make,
  broad: true,
  allTurns: true,
  onward: ({ placements }) => placements.length > 0,
};
