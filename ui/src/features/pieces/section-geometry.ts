import type { MeasuredPart, MeasuredPiece } from '../../server/types';

/** Geometry of a piece's drawings. Everything here is in mm, across to the right and up; the view turns it over once. */

export type Spot = MeasuredPart['spots'][number];

export interface View {
  /** The same for views that put every place alike. */
  key: string;
  scale: number;
  /** Pixels right of the drawing's left edge for a place across. */
  x: (acrossMm: number) => number;
  /** Pixels below the drawing's top edge for a height. */
  y: (upMm: number) => number;
}

export interface Extent {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** From where a piece is seen: the front, cut through the middle or whole, or the right. */
export type Aspect = 'cut' | 'front' | 'side';

/**
 * A point of a part where a copy of it stands: mirrored when the copy is, leaned clockwise about the middle of its base, then
 * put in its place.
 */
export function placed(spot: Spot, across: number, up: number): [number, number] {
  const lean = (spot.tiltDeg * Math.PI) / 180;
  const own = spot.mirrored ? -across : across;
  return [
    spot.acrossMm + own * Math.cos(lean) + up * Math.sin(lean),
    spot.upMm - own * Math.sin(lean) + up * Math.cos(lean),
  ];
}

function pointsOf(outline: number[], spot: Spot): [number, number][] {
  const points: [number, number][] = [];
  for (let i = 0; i + 1 < outline.length; i += 2) points.push(placed(spot, outline[i] ?? 0, outline[i + 1] ?? 0));
  return points;
}

/** What the piece takes up as it is seen. */
export function extentOf(piece: MeasuredPiece, aspect: Aspect = 'front'): Extent {
  const extent = { left: -1, right: 1, bottom: 0, top: 1 };
  for (const { outlines, spot } of copiesOf(piece, aspect)) {
    for (const [across, up] of outlines.flatMap((outline) => pointsOf(outline, spot))) {
      extent.left = Math.min(extent.left, across);
      extent.right = Math.max(extent.right, across);
      extent.bottom = Math.min(extent.bottom, up);
      extent.top = Math.max(extent.top, up);
    }
  }
  return extent;
}

/** Fits an extent into a box of pixels. */
export function fit(extent: Extent, left: number, top: number, width: number, height: number): View {
  const across = extent.right - extent.left;
  const up = extent.top - extent.bottom;
  const scale = Math.max(0.01, Math.min(width / across, height / up));
  const leftPx = left + (width - across * scale) / 2;
  const topPx = top + (height - up * scale) / 2;
  return {
    key: [scale, leftPx, topPx, extent.left, extent.top].join(' '),
    scale,
    x: (acrossMm) => leftPx + (acrossMm - extent.left) * scale,
    y: (upMm) => topPx + (extent.top - upMm) * scale,
  };
}

/** An SVG path of outlines where a copy stands. */
export function pathOf(outlines: number[][], spot: Spot, view: View): string {
  return outlines
    .map((outline) => {
      const points = pointsOf(outline, spot).map(([a, u]) => `${view.x(a).toFixed(1)} ${view.y(u).toFixed(1)}`);
      return `M${points.join('L')}Z`;
    })
    .join('');
}

/** A copy of a part and how the cutting plane through the middle meets it. */
export interface Copy {
  key: string;
  part: MeasuredPart;
  index: number;
  /** Where it stands as it is seen: from the right, "across" is away from the front. */
  spot: Spot;
  /** What is seen of it whole. */
  outlines: number[][];
  meets: 'cut' | 'behind' | 'before';
}

/** All copies of all parts, from the farthest to the nearest. */
export function copiesOf(piece: MeasuredPiece, aspect: Aspect = 'front'): Copy[] {
  return piece.parts
    .flatMap((part, index) =>
      part.spots.map((spot, i): Copy & { near: number } => {
        const half = part.box.depthMm / 2;
        const meets = spot.frontMm - half >= 0 ? 'before' : spot.frontMm + half <= 0 ? 'behind' : 'cut';
        const key = `${index}-${i}`;
        if (aspect !== 'side') return { key, part, index, spot, outlines: part.front, meets, near: spot.frontMm };
        const turned = { ...spot, acrossMm: -spot.frontMm, tiltDeg: 0, mirrored: false };
        return {
          key,
          part,
          index,
          spot: turned,
          outlines: spot.side ?? part.side ?? part.front,
          meets,
          near: spot.acrossMm,
        };
      }),
    )
    .sort((a, b) => a.near - b.near);
}

export interface Label {
  key: string;
  title: string;
  text: string;
  x: number;
  y: number;
  tone: 'ink' | 'straw' | 'madder';
}

/** Puts labels one under the other beside the drawing, as near to what they speak of as they can be. */
export function spread(labels: Label[], top: number, bottom: number, step: number): (Label & { at: number })[] {
  const sorted = [...labels].sort((a, b) => a.y - b.y);
  let last = top - step;
  const down = sorted.map((label) => {
    last = Math.max(label.y, last + step);
    return { ...label, at: last };
  });
  let next = bottom + step;
  for (const label of [...down].reverse()) {
    label.at = Math.min(label.at, next - step);
    next = label.at;
  }
  return down;
}
