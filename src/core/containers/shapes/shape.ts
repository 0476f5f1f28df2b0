/** A point on the plan: x to the right, y toward the viewer, from the container's middle, mm. */
export interface PlanPoint {
  x: number;
  y: number;
}

/**
 * How far a point stands inside the wall (negative outside), mm, and which way the nearest wall lies (unit,
 * outward).
 */
export interface Clear {
  mm: number;
  nx: number;
  ny: number;
}

/** What every shape can answer. Depths are measured down from the rim, mm; volumes in litres. */
export interface ShapeFunctions<S> {
  label: string;
  /** What it is when set beside a rule: round pots and rows of boxes are laid out and judged differently. */
  family: 'pot' | 'box' | 'bowl' | 'basket';
  /** Turned by this many degrees, or by any multiple, it looks the same. Left out where no turn is like it. */
  turnsBy?: number;
  /** Open at the back: made to hang on a wall. */
  backless?: boolean;
  depthMm: (s: S) => number;
  /** Inside extents at a depth: left to right, and front to back. */
  extentsMm: (s: S, belowRimMm: number) => { wide: number; deep: number };
  volumeL: (s: S, fromMm: number, toMm: number) => number;
  clear: (s: S, belowRimMm: number, x: number, y: number) => Clear;
  /** The inside outline at a depth, the same number of points at every depth, clockwise on the plan from the right. */
  ring: (s: S, belowRimMm: number) => PlanPoint[];
}
