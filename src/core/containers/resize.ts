import { ShapeSchema, type Shape } from './schema';

/** The measures that a section through the length shows. */
export type SectionMeasure = 'top' | 'base' | 'depth';

/** The shape's own name for a measure in the section, or null when it has none of its own. */
export function fieldOf(shape: Shape, measure: SectionMeasure): string | null {
  if (measure === 'depth') return 'depthMm';
  const names: Record<Shape['kind'], [string | null, string | null]> = {
    round: ['topMm', 'baseMm'],
    square: ['topMm', 'baseMm'],
    box: ['lengthMm', 'baseLengthMm'],
    bowl: ['topMm', null],
    basket: ['topMm', null],
    'wall-basket': ['widthMm', null],
    oval: ['lengthMm', null],
    free: [null, null],
  };
  return names[shape.kind][measure === 'top' ? 0 : 1];
}

/** The shape with fields changed, or unchanged when that would make no container. Steps of 5 mm are the caller's. */
export function reshaped(shape: Shape, change: Record<string, number>): Shape {
  const parsed = ShapeSchema.safeParse({ ...shape, ...change });
  return parsed.success ? parsed.data : shape;
}
