import { useState, type ReactNode } from 'react';

export interface Spot {
  across: number;
  down: number;
}

interface Props {
  pictureId: number;
  alt: string;
  /** What each mark is, in the order of the spots. */
  names: readonly string[];
  spots: Spot[];
  onMove: (index: number, spot: Spot) => void;
  /** Drawn over the picture, in shares of its width and height. */
  children: ReactNode;
}

const within = (value: number) => Math.min(1, Math.max(0, value));

/** A picture with marks in it, dragged or moved by the arrow keys. */
export function PictureMarks({ pictureId, alt, names, spots, onMove, children }: Props) {
  const [held, setHeld] = useState<number | null>(null);
  const put = (index: number, across: number, down: number) =>
    onMove(index, { across: within(across), down: within(down) });
  return (
    <div
      className="relative w-full max-w-md touch-none self-center"
      onPointerMove={(event) => {
        if (held === null) return;
        const box = event.currentTarget.getBoundingClientRect();
        put(held, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
      }}
      onPointerUp={() => setHeld(null)}
      onPointerCancel={() => setHeld(null)}
    >
      <img src={`/api/pictures/${pictureId}`} alt={alt} className="w-full" draggable={false} />
      <svg
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
        aria-hidden="true"
        className="pointer-events-none absolute inset-0 h-full w-full"
      >
        {children}
      </svg>
      {spots.map((spot, i) => (
        <button
          key={names[i]}
          type="button"
          aria-label={`${names[i] ?? ''}: ${Math.round(spot.across * 100)} % across, ${Math.round(spot.down * 100)} % down. Arrow keys move it.`}
          className="absolute h-11 w-11 -translate-x-1/2 -translate-y-1/2 touch-none rounded-full border-2 border-verdigris bg-paper/40"
          style={{ left: `${spot.across * 100}%`, top: `${spot.down * 100}%` }}
          onPointerDown={(event) => {
            event.currentTarget.parentElement?.setPointerCapture(event.pointerId);
            setHeld(i);
          }}
          onKeyDown={(event) => {
            const step = event.shiftKey ? 0.02 : 0.002;
            const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
            if (!by) return;
            event.preventDefault();
            put(i, spot.across + (by[0] ?? 0) * step, spot.down + (by[1] ?? 0) * step);
          }}
        >
          <span aria-hidden="true" className="mx-auto block size-1.5 rounded-full bg-verdigris" />
        </button>
      ))}
    </div>
  );
}
