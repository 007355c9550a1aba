import { useState, type KeyboardEvent, type PointerEvent } from 'react';

/** A place in the picture, as shares of its width and its height. */
export type Spot = [number, number];
type Name = 'card' | 'again' | 'tile';
/** Where card and tile are; a second place on the card takes out light that is not the same all over. */
export interface Spots {
  card: Spot;
  again?: Spot;
  tile: Spot;
}

interface Props {
  url: string;
  spots: Spots;
  onMove: (change: (spots: Spots) => Spots) => void;
  /** The browser cannot show it. */
  onUnseen: () => void;
}

const words: Record<Name, string> = { card: 'card', again: 'card a second time', tile: 'tile' };
const marks: Record<Name, string> = { card: 'C', again: 'C2', tile: 'T' };

const STEP = 0.01;
const moves: Record<string, Spot> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
const saved = (share: number) => Math.max(0, Math.min(1, share));

/** The photo with its marks: a tap puts the card's, the next the tile's; each goes by the arrows too. */
export function PhotoTaps({ url, spots, onMove, onUnseen }: Props) {
  const shown = (['card', 'again', 'tile'] as const).filter((name) => spots[name] !== undefined);
  const [chosen, setNext] = useState<Name>('card');
  const next = shown.includes(chosen) ? chosen : 'card';
  const tap = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const spot: Spot = [saved((event.clientX - box.left) / box.width), saved((event.clientY - box.top) / box.height)];
    onMove((all) => ({ ...all, [next]: spot }));
    setNext(shown[(shown.indexOf(next) + 1) % shown.length] ?? 'card');
  };
  const press = (name: Name) => (event: KeyboardEvent) => {
    const by = moves[event.key];
    if (!by) return;
    event.preventDefault();
    onMove((all) => {
      const [across, down] = all[name] ?? all.card;
      return { ...all, [name]: [saved(across + by[0]), saved(down + by[1])] };
    });
  };
  return (
    <div>
      <p className="text-note text-soft">Tap the {words[next]} in the photo, or move the marks with the arrow keys.</p>
      <div className="relative inline-block touch-none" onPointerDown={tap}>
        <img
          src={url}
          alt="The chosen photo"
          className="max-h-72 max-w-full border border-line"
          draggable={false}
          onError={onUnseen}
        />
        {shown.map((name) => {
          const [across, down] = spots[name] ?? spots.card;
          return (
            <button
              key={name}
              type="button"
              aria-label={`The ${words[name]} at ${Math.round(100 * across)} % across, ${Math.round(100 * down)} % down`}
              onKeyDown={press(name)}
              onFocus={() => setNext(name)}
              onPointerDown={(event) => {
                event.stopPropagation();
                setNext(name);
              }}
              style={{ left: `${100 * across}%`, top: `${100 * down}%` }}
              className="absolute flex size-7 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 border-ink bg-paper/80 text-note font-bold"
            >
              {marks[name]}
            </button>
          );
        })}
      </div>
    </div>
  );
}
