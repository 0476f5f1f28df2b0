/** What every shape can answer. Depths are measured down from the rim, mm; volumes in litres. */
export interface ShapeFunctions<S> {
  label: string;
  depthMm: (s: S) => number;
  widthMm: (s: S) => number;
  volumeL: (s: S, fromMm: number, toMm: number) => number;
  radiusMm: (s: S, belowRimMm: number) => number;
  wallM2: (s: S) => number;
}
