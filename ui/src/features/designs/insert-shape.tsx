import type { Insert } from '../../server/types';
import type { Extent, View } from './section-geometry';

interface InsertProps {
  insert: Insert;
  overFoilMm: number;
  view: View;
  extent: Extent;
  side: boolean;
}

const BEYOND_MM = 7;

/** An insert behind the clay, with the foil round what is covered; broken off a little beyond the design. */
export function InsertShape({ insert, overFoilMm, view, extent, side }: InsertProps) {
  const middle = side ? 0 : insert.acrossMm;
  const top = Math.min(insert.upMm + insert.lengthMm, extent.top + BEYOND_MM);
  const bottom = Math.max(insert.upMm, extent.bottom - BEYOND_MM);
  if (top <= bottom) return null;
  const covered = Math.min(top, insert.upMm + insert.lengthMm);
  const box = (width: number, low: number, high: number) => ({
    x: view.x(middle - width / 2),
    y: view.y(high),
    width: width * view.scale,
    height: Math.max(0, (high - low) * view.scale),
  });
  return (
    <g strokeDasharray="4 2">
      <rect {...box(insert.thickMm, bottom, top)} fill="#e7dcc4" stroke="#5c6864" />
      {insert.turns > 0 && (
        <rect
          {...box(overFoilMm, Math.max(bottom, covered - insert.coveredMm), covered)}
          fill="none"
          stroke="#5c6864"
        />
      )}
    </g>
  );
}
