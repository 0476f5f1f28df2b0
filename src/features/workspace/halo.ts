/** Letters stand clear of whatever lies behind them. */
export const HALO = { stroke: 'var(--ground)', strokeWidth: 3, paintOrder: 'stroke' } as const;
