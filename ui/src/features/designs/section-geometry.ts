import type { MeasuredPart, MeasuredDesign } from '../../server/types';

/** Geometry of a design's drawings. Everything here is in mm, across to the right and up; the view turns it over once. */

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

/** From where a design is seen: the front, cut through the middle or whole, or the right. */
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

/** Outlines as the server says them: the points of each, "across,up across,up ...", in mm. */
export type Outlines = string[];

const read = new WeakMap<Outlines, [number, number][][]>();

/** The points of outlines. They are read once, for they stay the same object as long as they stay the same. */
export function pointsOf(outlines: Outlines): [number, number][][] {
  const known = read.get(outlines);
  if (known) return known;
  const points = outlines.map((outline) =>
    outline.split(' ').map((point): [number, number] => {
      const comma = point.indexOf(',');
      return [Number(point.slice(0, comma)), Number(point.slice(comma + 1))];
    }),
  );
  read.set(outlines, points);
  return points;
}

const least: Extent = { left: -1, right: 1, bottom: 0, top: 1 };
const taken = new WeakMap<Outlines, WeakMap<Spot, Extent>>();

export function around(extents: Extent[]): Extent {
  return {
    left: Math.min(...extents.map((e) => e.left)),
    right: Math.max(...extents.map((e) => e.right)),
    bottom: Math.min(...extents.map((e) => e.bottom)),
    top: Math.max(...extents.map((e) => e.top)),
  };
}

/** What a copy takes up; worked out once, like its points. */
export function copyExtent(outlines: Outlines, spot: Spot): Extent {
  const ofOutlines = taken.get(outlines) ?? new WeakMap<Spot, Extent>();
  taken.set(outlines, ofOutlines);
  const known = ofOutlines.get(spot);
  if (known) return known;
  const extent = { left: Infinity, right: -Infinity, bottom: Infinity, top: -Infinity };
  for (const [own, height] of pointsOf(outlines).flat()) {
    const [across, up] = placed(spot, own, height);
    extent.left = Math.min(extent.left, across);
    extent.right = Math.max(extent.right, across);
    extent.bottom = Math.min(extent.bottom, up);
    extent.top = Math.max(extent.top, up);
  }
  ofOutlines.set(spot, extent);
  return extent;
}

/** What the design takes up as it is seen. */
export function extentOf(design: MeasuredDesign, aspect: Aspect = 'front'): Extent {
  const all = [...copiesOf(design, aspect), ...nonClayOf(design, aspect)];
  return around([least, ...all.map(({ outlines, spot }) => copyExtent(outlines, spot))]);
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
export function pathOf(outlines: Outlines, spot: Spot, view: View): string {
  return pathThrough(
    pointsOf(outlines).map((points) =>
      points.map(([own, height]) => {
        const [across, up] = placed(spot, own, height);
        return [view.x(across), view.y(up)];
      }),
    ),
  );
}

/** An SVG path through rings of points in px. */
export function pathThrough(rings: [number, number][][]): string {
  return rings.map((points) => `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`).join('');
}

/** What stands in a design, as it is drawn. */
interface Body {
  spots: Spot[];
  front: Outlines;
  side?: Outlines;
  box: MeasuredPart['box'];
}

interface CopyOf<T extends Body> {
  key: string;
  part: T;
  index: number;
  /** Where it stands as it is seen: from the right, "across" is away from the front. */
  spot: Spot;
  /** What is seen of it whole. */
  outlines: Outlines;
  meets: 'cut' | 'behind' | 'before';
  /** How far it is before the middle for the one who looks, mm. */
  near: number;
}

/** A copy of a part and how the cutting plane through the middle meets it. */
export type Copy = CopyOf<MeasuredPart>;

/** All copies of bodies, from the farthest to the nearest. */
function copies<T extends Body>(bodies: T[], aspect: Aspect): CopyOf<T>[] {
  return bodies
    .flatMap((part, index) =>
      part.spots.map((spot, i): CopyOf<T> => {
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

/** All copies of all parts, from the farthest to the nearest. */
export const copiesOf = (design: MeasuredDesign, aspect: Aspect = 'front'): Copy[] => copies(design.parts, aspect);

/** All copies of what is not clay. */
export const nonClayOf = (design: MeasuredDesign, aspect: Aspect = 'front') => copies(design.nonClay, aspect);

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
