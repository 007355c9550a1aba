import { useState, type KeyboardEvent, type PointerEvent } from 'react';

/** A place in the picture, as shares of its width and its height. */
export type Spot = [number, number];
type Name = 'card' | 'tile';

interface Props {
  url: string;
  spots: Record<Name, Spot>;
  onMove: (change: (spots: Record<Name, Spot>) => Record<Name, Spot>) => void;
}

const STEP = 0.01;
const moves: Record<string, Spot> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
const held = (share: number) => Math.max(0, Math.min(1, share));

/** The photo with two marks: a tap puts the card's, the next the tile's; each goes by the arrows too. */
export function PhotoTaps({ url, spots, onMove }: Props) {
  const [next, setNext] = useState<Name>('card');
  const tap = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const spot: Spot = [held((event.clientX - box.left) / box.width), held((event.clientY - box.top) / box.height)];
    onMove((all) => ({ ...all, [next]: spot }));
    setNext(next === 'card' ? 'tile' : 'card');
  };
  const press = (name: Name) => (event: KeyboardEvent) => {
    const by = moves[event.key];
    if (!by) return;
    event.preventDefault();
    onMove((all) => ({ ...all, [name]: [held(all[name][0] + by[0]), held(all[name][1] + by[1])] }));
  };
  return (
    <div>
      <p className="text-note text-soft">
        Tap the {next === 'card' ? 'card' : 'tile'} in the photo. The marks go by the arrow keys too.
      </p>
      <div className="relative inline-block touch-none" onPointerDown={tap}>
        <img
          src={url}
          alt="The photo that was chosen"
          className="max-h-72 max-w-full border border-line"
          draggable={false}
        />
        {(['card', 'tile'] as const).map((name) => (
          <button
            key={name}
            type="button"
            aria-label={`${name === 'card' ? 'Card' : 'Tile'} at ${Math.round(100 * spots[name][0])} % across, ${Math.round(100 * spots[name][1])} % down`}
            onKeyDown={press(name)}
            onFocus={() => setNext(name)}
            onPointerDown={(event) => {
              event.stopPropagation();
              setNext(name);
            }}
            style={{ left: `${100 * spots[name][0]}%`, top: `${100 * spots[name][1]}%` }}
            className="absolute flex size-7 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 border-ink bg-paper/80 text-note font-bold"
          >
            {name === 'card' ? 'C' : 'T'}
          </button>
        ))}
      </div>
    </div>
  );
}
