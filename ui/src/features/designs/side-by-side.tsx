import { useSize } from '../../drawing/use-size';
import type { MeasuredDesign, Part } from '../../server/types';
import { mm, u } from '../../words/figures';
import { FrontCopies } from './front-copies';
import { extentOf, type View } from './section-geometry';

interface Props {
  designs: { id: number; name: string; parts: Part[]; measured: MeasuredDesign }[];
}

const GAP_PX = 28;
const NAME_PX = 44;
const SIDE_PX = 14;

/** Pieces beside each other on one ground, all at one scale, in as many rows as make them largest. */
export function SideBySide({ designs }: Props) {
  const [ref, size] = useSize();
  const shown = designs.map((p) => ({ ...p, extent: extentOf(p.measured) }));
  const best = arranged(shown, size.width - 2 * SIDE_PX, size.height);
  return (
    <div ref={ref} className="relative min-h-64 flex-1">
      {size.width > 0 && (
        <svg width={size.width} height={size.height} className="absolute inset-0" role="img">
          <title>{`${designs.map((p) => p.name).join(', ')}, to one scale`}</title>
          {best.places.map(({ design, left, ground }) => {
            const { extent, measured } = design;
            const view: View = {
              key: `${left} ${ground} ${best.scale}`,
              scale: best.scale,
              x: (across) => left + (across - extent.left) * best.scale,
              y: (up) => ground - (up - extent.bottom) * best.scale,
            };
            const middle = left + ((extent.right - extent.left) * best.scale) / 2;
            return (
              <g key={design.id}>
                <FrontCopies design={measured} parts={design.parts} view={view} />
                <text x={middle} y={ground + 16} textAnchor="middle" className="fill-ink text-note font-semibold">
                  {design.name.length > 22 ? `${design.name.slice(0, 21)}…` : design.name}
                </text>
                <text x={middle} y={ground + 32} textAnchor="middle" className="fill-soft figure text-note">
                  {mm(extent.top - extent.bottom)} {u.mm}
                </text>
              </g>
            );
          })}
        </svg>
      )}
    </div>
  );
}

type Shown = Props['designs'][number] & { extent: ReturnType<typeof extentOf> };

interface Arranged {
  scale: number;
  places: { design: Shown; left: number; ground: number }[];
}

const widthOf = (p: Shown) => p.extent.right - p.extent.left;
const heightOf = (p: Shown) => p.extent.top - p.extent.bottom;

/** Tries one row, two, three ... and keeps the one with the largest scale. */
function arranged(designs: Shown[], width: number, height: number): Arranged {
  let best: Arranged = { scale: 0, places: [] };
  for (let rows = 1; rows <= designs.length; rows++) {
    const each = Math.ceil(designs.length / rows);
    const lines = Array.from({ length: rows }, (_, i) => designs.slice(i * each, (i + 1) * each)).filter(
      (l) => l.length,
    );
    const byWidth = Math.min(
      ...lines.map((l) => (width - (l.length - 1) * GAP_PX) / l.reduce((sum, p) => sum + Math.max(widthOf(p), 1), 0)),
    );
    const talls = lines.map((l) => Math.max(...l.map(heightOf)));
    const byHeight = (height - lines.length * NAME_PX - 8) / talls.reduce((a, b) => a + b, 0);
    const scale = Math.max(0.01, Math.min(byWidth, byHeight, 8));
    if (scale <= best.scale) continue;
    let ground = 4;
    const places = lines.flatMap((line, i) => {
      ground += (talls[i] ?? 0) * scale + (i > 0 ? NAME_PX : 0);
      const taken = line.reduce((sum, p) => sum + widthOf(p) * scale, 0) + (line.length - 1) * GAP_PX;
      let left = SIDE_PX + (width - taken) / 2;
      return line.map((design) => {
        const place = { design, left, ground };
        left += widthOf(design) * scale + GAP_PX;
        return place;
      });
    });
    best = { scale, places };
  }
  return best;
}
