import type { Part } from '../../server/types';
import { halves } from './snapping';

/** Which dimension of a shape its width and its height follow, for handles that are dragged; the first that a shape has. */

const WIDE = ['widthMm', 'bottomMm', 'diameterMm', 'outerMm', 'aroundMm', 'windingMm', 'cordMm', 'stripMm'];
const HIGH = ['heightMm', 'lengthMm', 'thicknessMm', 'pitchMm', 'tubeMm', 'diameterMm'];

export type Handle = 'wide' | 'high';

/** The dimension that a handle changes; none where the shape follows from something else. */
export function dimensionOf(part: Part, handle: Handle): string | undefined {
  const { dimensions, outline, lines } = part.shape;
  if (part.layer || outline || lines || (part.placement.facing ?? 'UP') !== 'UP') return undefined;
  return (handle === 'wide' ? WIDE : HIGH).find((field) => dimensions[field] !== undefined);
}

/** The part with a handle dragged so that what is seen of it is so many times as large. */
export function resized(part: Part, handle: Handle, times: number): Part {
  const field = dimensionOf(part, handle);
  if (field === undefined) return part;
  const size = Math.max(0.5, halves((part.shape.dimensions[field] ?? 0) * times));
  return { ...part, shape: { ...part.shape, dimensions: { ...part.shape.dimensions, [field]: size } } };
}
