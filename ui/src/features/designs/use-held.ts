import { useRef, useState } from 'react';
import type { Part } from '../../server/types';
import { movedWith, type Move } from './part-moves';
import { around, copyExtent, type Aspect, type Copy, type Extent, type View } from './section-geometry';
import { dimensionOf, type Handle } from './sizing';
import { halves, snapped, type Guide, type Neighbour } from './snapping';

/** What a hand does to the parts of a drawing. */
export interface Hand {
  onMove: (index: number, move: Move, aspect: Aspect, on?: number) => void;
  onSize: (index: number, handle: Handle, times: number) => void;
  onSettle: () => void;
}

interface Asked {
  parts: Part[];
  typed: Part[];
  copies: Copy[];
  view: View;
  aspect: Aspect;
  chosen: number;
  /** None where the drawing is only looked at. */
  hand: Hand | undefined;
  onChoose: (index: number) => void;
}

interface Grip {
  index: number;
  handle: Handle | null;
  /** Whether the copy that is held is the mirror image: it goes the other way. */
  turned: boolean;
  x: number;
  y: number;
  /** Where the last move put it, none before it is moved: what is drawn may lag behind when the hand is quick. */
  to: Dragged | null;
}

/** What is held, and where it would come to stand. */
interface Dragged extends Move {
  index: number;
  handle: Handle | null;
  guides: Guide[];
  on?: number;
}

const LEAST_PX = 4;
const REACH_PX = 7;

/** What one copy is moved by, across and up as it is seen, until the server has measured it there. */
function unmeasured(measured: Part | undefined, typed: Part | undefined, aspect: Aspect): Move {
  if (!measured || !typed || typed.layer) return { across: 0, up: 0 };
  const from = measured.placement;
  const to = typed.placement;
  return {
    across: aspect === 'side' ? from.frontMm - to.frontMm : to.acrossMm - from.acrossMm,
    up: typed.sits ? 0 : to.upMm - from.upMm,
  };
}

/**
 * Moving and sizing of parts by hand, in the drawing: dragged, or by the arrow keys. While a part is held it is only drawn
 * elsewhere; it is moved when it is let go.
 */
export function useHeld({ parts, typed, copies, view, aspect, chosen, hand, onChoose }: Asked) {
  const grip = useRef<Grip | null>(null);
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const [said, setSaid] = useState('');
  const grab = (index: number, handle: Handle | null, turned: boolean, event: React.PointerEvent) => {
    grip.current = { index, handle, turned, x: event.clientX, y: event.clientY, to: null };
  };
  const drag = (now: Grip, to: Dragged) => {
    now.to = to;
    setDragged(to);
  };
  const held = dragged && !dragged.handle ? movedWith(typed, dragged.index) : null;
  const own = copies.filter((copy) => copy.index === chosen);
  const first = own.find((copy) => !copy.spot.mirrored) ?? own[0];
  const box = first && copyExtent(first.outlines, first.spot);

  const neighbours = (index: number): Neighbour[] => {
    const together = movedWith(typed, index);
    return copies
      .filter((copy) => !together.has(copy.index))
      .map((copy) => ({
        index: copy.index,
        name: parts[copy.index]?.name ?? '',
        extent: copyExtent(copy.outlines, copy.spot),
      }));
  };

  const extentOf = (index: number): Extent => {
    const copy = copies.find((one) => one.index === index && !one.spot.mirrored);
    return copy ? copyExtent(copy.outlines, copy.spot) : around([]);
  };

  return {
    /** Where the handles are, and what the chosen part takes up; nothing when it has none. */
    box: hand && box && typed[chosen] && dragged === null ? box : null,
    handles: (['wide', 'high'] as const).filter((handle) => typed[chosen] && dimensionOf(typed[chosen], handle)),
    guides: dragged?.guides ?? [],
    sizing: dragged?.handle && box ? sized(box, dragged.handle, dragged) : null,
    words: said,

    shiftOf: (copy: Copy): string => {
      const { across, up } = unmeasured(parts[copy.index], typed[copy.index], aspect);
      const free = held?.has(copy.index);
      const side = copy.spot.mirrored && aspect !== 'side' ? -1 : 1;
      const x = side * (across + (free ? (dragged?.across ?? 0) : 0)) * view.scale;
      const y = -(up + (free ? (dragged?.up ?? 0) : 0)) * view.scale;
      return Math.abs(x) + Math.abs(y) < 0.01 ? '' : `${x.toFixed(2)} ${y.toFixed(2)}`;
    },

    onGrab: (event: React.PointerEvent, copy: Copy) => {
      if (!hand || event.button !== 0 || parts[copy.index]?.layer) return;
      const turned = copy.spot.mirrored && aspect !== 'side';
      grab(copy.index, null, turned, event);
    },

    onGrabHandle: (event: React.PointerEvent, handle: Handle) => {
      event.stopPropagation();
      grab(chosen, handle, false, event);
      event.currentTarget.closest('svg')?.setPointerCapture(event.pointerId);
    },

    onPointerMove: (event: React.PointerEvent) => {
      const now = grip.current;
      if (!now) return;
      const dx = event.clientX - now.x;
      const dy = event.clientY - now.y;
      if (!now.to) {
        if (Math.hypot(dx, dy) < LEAST_PX) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        onChoose(now.index);
      }
      const across = ((now.turned ? -1 : 1) * dx) / view.scale;
      const up = -dy / view.scale;
      if (now.handle) {
        drag(now, { index: now.index, handle: now.handle, across: halves(across), up: halves(up), guides: [] });
        return;
      }
      const reach = event.altKey ? 0 : REACH_PX / view.scale;
      const to = snapped(extentOf(now.index), across, up, neighbours(now.index), reach);
      drag(now, { ...to, index: now.index, handle: null });
      setSaid(to.guides.map((guide) => guide.words).join(', '));
    },

    onPointerUp: () => {
      const now = grip.current;
      grip.current = null;
      setDragged(null);
      const to = now?.to;
      if (!now || !to || !hand) return;
      if (now.handle && box) {
        const by = sized(box, now.handle, to);
        const times =
          now.handle === 'wide'
            ? (by.right - by.left) / (box.right - box.left)
            : (by.top - by.bottom) / (box.top - box.bottom);
        hand.onSize(now.index, now.handle, times);
      } else {
        hand.onMove(now.index, to, aspect, to.on);
      }
      hand.onSettle();
    },

    onPointerCancel: () => {
      grip.current = null;
      setDragged(null);
    },

    onKeyDown: (event: React.KeyboardEvent) => {
      const direction = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
      const part = typed[chosen];
      if (event.key === 'Escape' && grip.current) {
        grip.current = null;
        setDragged(null);
        return;
      }
      if (!hand || !direction || !part || part.layer || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      const step = event.shiftKey ? 5 : 0.5;
      hand.onMove(chosen, { across: (direction[0] ?? 0) * step, up: (direction[1] ?? 0) * step }, aspect);
    },
  };
}

export type Held = ReturnType<typeof useHeld>;

/** What a part takes up when a handle of it is dragged: its middle and its foot stay. */
function sized(box: Extent, handle: Handle, by: Move): Extent {
  if (handle === 'high') return { ...box, top: Math.max(box.bottom + 0.5, box.top + by.up) };
  const half = Math.max(0.25, (box.right - box.left) / 2 + by.across);
  const middle = (box.left + box.right) / 2;
  return { ...box, left: middle - half, right: middle + half };
}
