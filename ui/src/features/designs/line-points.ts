import type { DrawnLine } from '../../server/types';

/** Across and up, mm. */
export type Point = [number, number];

export function pointsOf({ xy }: DrawnLine): Point[] {
  return Array.from({ length: Math.floor(xy.length / 2) }, (_, i) => [xy[2 * i] ?? 0, xy[2 * i + 1] ?? 0]);
}

export const withPoints = (line: DrawnLine, points: Point[]): DrawnLine => ({ ...line, xy: points.flat() });

/** What a shape's lines are when nobody has drawn them: a wave, or ovals of which later ones are narrower. */
export function firstLine({ closed }: { closed: boolean }, index: number): DrawnLine {
  if (!closed) return { xy: [0, 0, 12, 6, 24, 0, 36, 6], smooth: true };
  const wide = 13 - 3 * index;
  return { xy: [0, 0, wide, 4, wide, 16, wide / 2, 28, -wide / 2, 28, -wide, 16, -wide, 4], smooth: true };
}

/** How far points reach across (0) or up (1), to a tenth of a mm. */
export function extentOf(points: Point[], axis: 0 | 1): number {
  const at = points.map((point) => point[axis]);
  return Math.round((Math.max(...at) - Math.min(...at)) * 10) / 10;
}
