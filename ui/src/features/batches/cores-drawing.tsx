import { useId } from 'react';
import { useSize } from '../../drawing/use-size';
import type { BatchPlan } from '../../server/types';
import { useDesigns } from '../../server/use-studio';
import { pathThrough, pointsOf, type Outlines } from '../designs/section-geometry';

/** Every core of the batch inside its part, side by side at one scale. */
export function CoresDrawing({ plan }: { plan: BatchPlan }) {
  const [ref, size] = useSize();
  const hatch = useId();
  const designs = useDesigns();
  const shown = plan.needs.cores.flatMap((row) => {
    const design = designs.find((p) => p.id === row.designId);
    const index = design?.design.parts.findIndex((part) => part.name === row.partName) ?? -1;
    const part = design?.measured.parts[index];
    return part?.core ? [{ row, part, core: part.core }] : [];
  });
  if (shown.length === 0) return null;
  const gap = 10;
  const width = shown.reduce((sum, s) => sum + s.part.box.widthMm + gap, -gap);
  const height = Math.max(...shown.map((s) => s.part.box.heightMm));
  const scale = Math.min((size.width - 20) / width, (size.height - 60) / height, 8);
  const margin = (size.width - width * scale) / 2;
  const lefts = shown.map((_, i) => shown.slice(0, i).reduce((sum, s) => sum + s.part.box.widthMm + gap, 0));
  return (
    <div ref={ref} className="relative min-h-80 flex-1 rounded-card border border-line bg-paper">
      {size.width > 0 && (
        <svg width={size.width} height={size.height} className="absolute inset-0" role="img">
          <title>{`Cores inside their parts, to one scale: ${shown.map((s) => s.row.partName).join(', ')}`}</title>
          <defs>
            <pattern id={hatch} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(52)">
              <rect width="5" height="5" fill="#d5dad8" />
              <line x1="0" y1="0" x2="0" y2="5" stroke="#8d9995" strokeWidth="1.6" />
            </pattern>
          </defs>
          {shown.map(({ row, part, core }, i) => {
            const middle = margin + ((lefts[i] ?? 0) + part.box.widthMm / 2) * scale;
            const ground = (size.height + height * scale) / 2 - 16;
            return (
              <g key={`${row.designId}-${row.partName}`}>
                <path
                  d={outlinePath(part.section ?? part.front, middle, ground, scale)}
                  fill={part.curedHex}
                  stroke="#16201d"
                />
                <path d={outlinePath(core.section, middle, ground, scale)} fill={`url(#${hatch})`} stroke="#5c6864" />
                <text x={middle} y={ground + 20} textAnchor="middle" className="font-semibold">
                  {row.count} × {row.partName}
                </text>
              </g>
            );
          })}
        </svg>
      )}
    </div>
  );
}

function outlinePath(outlines: Outlines, x: number, ground: number, scale: number) {
  return pathThrough(
    pointsOf(outlines).map((points) => points.map(([across, up]) => [x + across * scale, ground - up * scale])),
  );
}
