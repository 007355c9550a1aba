import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { InlineNumber } from '../../controls/inline-number';
import { RefusedNote } from '../../controls/problem-note';
import { Switch } from '../../controls/switch';
import { api, errorsOf, take } from '../../server/client';
import { errorAt } from '../../server/use-measured';
import type { KeptPicture } from './underlay-card';

interface Props {
  pictureId: number;
  /** @param wideMm how wide the sheet is, where that is known */
  onSquared: (picture: KeptPicture, wideMm: number | undefined) => void;
}

const names = ['top left', 'top right', 'bottom right', 'bottom left'] as const;
const START = [
  { across: 0.1, down: 0.1 },
  { across: 0.9, down: 0.1 },
  { across: 0.9, down: 0.9 },
  { across: 0.1, down: 0.9 },
];
const SIDE = { field: 'sideMm', label: 'side of the sheet', low: 5, high: 2000, unit: 'mm', whole: false };

const within = (value: number) => Math.min(1, Math.max(0, value));

/** Four corners of a sheet in a photo that was taken at an angle, dragged or moved by the arrow keys. */
export function SquarePanel({ pictureId, onSquared }: Props) {
  const [corners, setCorners] = useState(START);
  const [known, setKnown] = useState(true);
  const [wide, setWide] = useState(210);
  const [high, setHigh] = useState(297);
  const [held, setHeld] = useState<number | null>(null);
  const square = useMutation({
    meta: { form: true },
    mutationFn: () =>
      take(
        api.POST('/api/pictures/{id}/squared', {
          params: { path: { id: pictureId } },
          body: { corners, ...(known ? { wideMm: wide, highMm: high } : {}) },
        }),
      ),
    onSuccess: (picture) => onSquared(picture, known ? wide : undefined),
  });
  const errors = errorsOf(square.error);
  const put = (index: number, across: number, down: number) =>
    setCorners((all) => all.map((one, i) => (i === index ? { across: within(across), down: within(down) } : one)));
  return (
    <div role="group" aria-label="Square it up" className="flex flex-col gap-2 border-t border-line pt-2">
      <p className="text-note text-soft">
        Move the marks to the corners of a sheet of paper, or of anything with right angles that lies flat in the photo.
      </p>
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
        <img
          src={`/api/pictures/${pictureId}`}
          alt="The picture as it was taken"
          className="w-full"
          draggable={false}
        />
        <svg
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          aria-hidden="true"
          className="pointer-events-none absolute inset-0 h-full w-full"
        >
          <polygon
            points={corners.map((c) => `${c.across},${c.down}`).join(' ')}
            fill="none"
            stroke="#0c5f50"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
        {corners.map((corner, i) => (
          <button
            key={names[i]}
            type="button"
            aria-label={`Corner ${names[i] ?? ''}: ${Math.round(corner.across * 100)} % across, ${Math.round(corner.down * 100)} % down. Arrow keys move it.`}
            className="absolute h-11 w-11 -translate-x-1/2 -translate-y-1/2 touch-none rounded-full border-2 border-verdigris bg-paper/60"
            style={{ left: `${corner.across * 100}%`, top: `${corner.down * 100}%` }}
            onPointerDown={(event) => {
              event.currentTarget.parentElement?.setPointerCapture(event.pointerId);
              setHeld(i);
            }}
            onKeyDown={(event) => {
              const step = event.shiftKey ? 0.02 : 0.002;
              const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
              if (!by) return;
              event.preventDefault();
              put(i, corner.across + (by[0] ?? 0) * step, corner.down + (by[1] ?? 0) * step);
            }}
          />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Switch label="the size of the sheet is known" on={known} onChange={setKnown} />
        {known && (
          <>
            <InlineNumber
              of="Sheet"
              words="wide"
              value={wide}
              span={SIDE}
              error={errorAt(errors, 'wideMm')}
              onChange={setWide}
              onSettle={() => undefined}
            />
            <InlineNumber
              of="Sheet"
              words="high"
              value={high}
              span={SIDE}
              error={errorAt(errors, 'highMm')}
              onChange={setHigh}
              onSettle={() => undefined}
            />
          </>
        )}
        <Button kind="main" disabled={square.isPending} onClick={() => square.mutate()}>
          Square
        </Button>
      </div>
      <RefusedNote error={square.error} />
    </div>
  );
}
