import type { Extent } from './section-geometry';

/** Where something that is moved by hand comes to stand: to a half millimetre, or where it fits to the other parts. */

export interface Neighbour {
  /** Its number among the parts. */
  index: number;
  name: string;
  extent: Extent;
}

/** A line that something was put to, in the drawing's mm, and why. */
export interface Guide {
  across?: number;
  up?: number;
  words: string;
}

export interface Snapped {
  across: number;
  up: number;
  guides: Guide[];
  /** The part it now sits on. */
  on?: number;
}

interface Candidate {
  by: number;
  guide: Guide;
  on?: number;
}

const HALF_MM = 0.5;

export const halves = (mm: number) => Math.round(mm / HALF_MM) * HALF_MM;

const middle = (a: number, b: number) => (a + b) / 2;

/** The nearest candidate within reach; of two alike the one that stands first. */
function nearest(candidates: Candidate[], reach: number): Candidate | undefined {
  return candidates
    .filter(({ by }) => Math.abs(by) <= reach)
    .reduce<Candidate | undefined>(
      (best, one) => (!best || Math.abs(one.by) < Math.abs(best.by) - 1e-9 ? one : best),
      undefined,
    );
}

function acrossCandidates(own: Extent, neighbours: Neighbour[]): Candidate[] {
  const centre = middle(own.left, own.right);
  const to = (at: number, from: number, words: string): Candidate => ({ by: at - from, guide: { across: at, words } });
  return [
    to(0, centre, 'centred'),
    ...neighbours.flatMap(({ name, extent }) => {
      const theirs = middle(extent.left, extent.right);
      return [
        to(theirs, centre, `centred on ${name}`),
        to(extent.left, own.left, `flush with the left of ${name}`),
        to(extent.right, own.right, `flush with the right of ${name}`),
        ...(Math.abs(theirs) > HALF_MM ? [to(-theirs, centre, `mirrors ${name}`)] : []),
      ];
    }),
  ];
}

function upCandidates(own: Extent, neighbours: Neighbour[]): Candidate[] {
  const centre = middle(own.bottom, own.top);
  const to = (at: number, from: number, words: string, on?: number): Candidate => ({
    by: at - from,
    guide: { up: at, words },
    ...(on === undefined ? {} : { on }),
  });
  return [
    ...neighbours
      .filter(({ extent }) => extent.left < own.right && own.left < extent.right)
      .map(({ name, extent, index }) => to(extent.top, own.bottom, `sits on ${name}`, index)),
    to(0, own.bottom, 'on the ground'),
    ...neighbours.flatMap(({ name, extent }) => [
      to(extent.top, own.top, `flush with the top of ${name}`),
      to(extent.bottom, own.bottom, `flush with the foot of ${name}`),
      to(middle(extent.bottom, extent.top), centre, `level with the middle of ${name}`),
    ]),
  ];
}

function moved(extent: Extent, across: number, up: number): Extent {
  return {
    left: extent.left + across,
    right: extent.right + across,
    bottom: extent.bottom + up,
    top: extent.top + up,
  };
}

/**
 * Where something goes that is moved by so much.
 *
 * @param own what it takes up before
 * @param reach how near something must be to be fitted to, mm
 */
export function snapped(own: Extent, across: number, up: number, neighbours: Neighbour[], reach: number): Snapped {
  const there = moved(own, across, up);
  const sideways = nearest(acrossCandidates(there, neighbours), reach);
  const at = moved(there, sideways?.by ?? 0, 0);
  const height = nearest(upCandidates(at, neighbours), reach);
  return {
    across: sideways ? across + sideways.by : halves(across),
    up: height ? up + height.by : halves(up),
    guides: [sideways, height].flatMap((candidate) => (candidate ? [candidate.guide] : [])),
    ...(height?.on === undefined ? {} : { on: height.on }),
  };
}
