import { useRef, useState } from 'react';
import type { Point } from './line-points';

interface Props {
  label: string;
  points: Point[];
  closed: boolean;
  chosen: number;
  onChoose: (point: number) => void;
  onMove: (point: number, to: Point) => void;
  /** After the point that is chosen. */
  onAdd: (point: Point) => void;
  onSettle: () => void;
}

const WIDE = 260;
const HIGH = 180;
const ROOM = 14;
const SQUARE_MM = 5;
const TOUCH_PX = 14;

interface View {
  left: number;
  top: number;
  scale: number;
}

function viewOf(points: Point[]): View {
  const x = points.map((p) => p[0]);
  const y = points.map((p) => p[1]);
  const across = Math.max(...x) - Math.min(...x) + 2 * SQUARE_MM;
  const up = Math.max(...y) - Math.min(...y) + 2 * SQUARE_MM;
  const scale = Math.min((WIDE - ROOM) / across, (HIGH - ROOM) / up);
  return {
    left: (Math.max(...x) + Math.min(...x)) / 2 - WIDE / 2 / scale,
    top: (Math.max(...y) + Math.min(...y)) / 2 + HIGH / 2 / scale,
    scale,
  };
}

/** Squared paper to draw a line on: press to add a point, drag one to move it. The fields beside it do the same by keyboard. */
export function LinePad({ label, points, closed, chosen, onChoose, onMove, onAdd, onSettle }: Props) {
  const pad = useRef<SVGSVGElement>(null);
  // The paper stays where it is while a point is dragged.
  const [held, setHeld] = useState<{ point: number; view: View } | null>(null);
  const view = held?.view ?? viewOf(points);
  const px = ([x, y]: Point): Point => [(x - view.left) * view.scale, (view.top - y) * view.scale];
  const mmAt = (event: React.PointerEvent): Point => {
    const box = pad.current?.getBoundingClientRect() ?? new DOMRect();
    const stretch = WIDE / box.width;
    const x = (event.clientX - box.left) * stretch;
    const y = (event.clientY - box.top) * stretch;
    return [halfMm(x / view.scale + view.left), halfMm(view.top - y / view.scale)];
  };
  const near = (event: React.PointerEvent) => {
    const [x, y] = px(mmAt(event));
    const distances = points.map(px).map(([a, b]) => Math.hypot(a - x, b - y));
    const least = Math.min(...distances);
    return least <= TOUCH_PX ? distances.indexOf(least) : -1;
  };
  const drawn = points
    .map(px)
    .map(([x, y]) => `${x},${y}`)
    .join(' ');
  return (
    <svg
      ref={pad}
      role="img"
      aria-label={label}
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      className="w-[260px] cursor-crosshair touch-none rounded-small border border-line bg-paper"
      onPointerDown={(event) => {
        const point = near(event);
        if (point < 0) {
          onAdd(mmAt(event));
          onSettle();
          return;
        }
        event.currentTarget.setPointerCapture(event.pointerId);
        onChoose(point);
        setHeld({ point, view });
      }}
      onPointerMove={(event) => held && onMove(held.point, mmAt(event))}
      onPointerUp={() => {
        if (held) onSettle();
        setHeld(null);
      }}
      onPointerCancel={() => setHeld(null)}
    >
      <Squares view={view} />
      {closed ? (
        <polygon points={drawn} fill="#dbe7e2" stroke="#2f6f64" strokeWidth="1.5" strokeLinejoin="round" />
      ) : (
        <polyline points={drawn} fill="none" stroke="#2f6f64" strokeWidth="2" strokeLinejoin="round" />
      )}
      {points.map(px).map(([x, y], i) => (
        <circle
          key={i}
          cx={x}
          cy={y}
          r={i === chosen ? 6 : 4}
          fill={i === chosen ? '#2f6f64' : '#ffffff'}
          stroke="#2f6f64"
          strokeWidth="1.5"
        />
      ))}
    </svg>
  );
}

const halfMm = (mm: number) => Math.round(mm * 2) / 2;

/** Lines every 5 mm. */
function Squares({ view: { left, top, scale } }: { view: View }) {
  const from = (start: number) => Math.ceil(start / SQUARE_MM) * SQUARE_MM;
  const count = (px: number) =>
    Array.from({ length: Math.max(0, Math.floor(px / scale / SQUARE_MM) + 1) }, (_, i) => i);
  const step = SQUARE_MM * scale < 4 ? 10 : 1;
  return (
    <g stroke="#e4e8e6" strokeWidth="1">
      {count(WIDE)
        .filter((i) => i % step === 0)
        .map((i) => (from(left) + i * SQUARE_MM - left) * scale)
        .map((x) => (
          <line key={`x${x}`} x1={x} x2={x} y1={0} y2={HIGH} />
        ))}
      {count(HIGH)
        .filter((i) => i % step === 0)
        .map((i) => (from(top - HIGH / scale) + i * SQUARE_MM - (top - HIGH / scale)) * scale)
        .map((y) => (
          <line key={`y${y}`} x1={0} x2={WIDE} y1={HIGH - y} y2={HIGH - y} />
        ))}
    </g>
  );
}
