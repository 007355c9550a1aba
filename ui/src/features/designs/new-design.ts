import { extentOf, firstLine, pointsOf } from './line-points';
import type { Design, Limits, Part } from '../../server/types';

const firstSizes: Record<string, number> = {
  thicknessMm: 3,
  lengthMm: 24,
  heightMm: 10,
  topMm: 12,
  widestAtMm: 10,
  pressedMm: 3,
  tubeMm: 5,
  cordMm: 3,
  stripMm: 5,
  squareness: 2,
  windingMm: 16,
  turns: 3,
  pitchMm: 4,
  strands: 2,
  outerMm: 24,
};

/** A tag to begin a cut-out from, until its own outline is read. */
const tag = [[-10, 0, 10, 0, 10, 10, 0, 16, -10, 10]];

/** The dimensions of a shape: those of the same name stay, others get a middling size. */
export function dimensionsOf(
  kind: Part['shape']['kind'],
  before: Record<string, number>,
  limits: Limits,
): Record<string, number> {
  const shape = limits.shapes.find((s) => s.kind === kind);
  return Object.fromEntries(
    (shape?.dimensions ?? []).map(({ span }) => [span.field, before[span.field] ?? firstSizes[span.field] ?? 20]),
  );
}

/** The same part in another shape: dimensions of the same name stay, others get a middling size. */
export function reshaped(part: Part, kind: Part['shape']['kind'], limits: Limits): Part {
  const shape = limits.shapes.find((s) => s.kind === kind);
  const dimensions = dimensionsOf(kind, part.shape.dimensions, limits);
  const { core, ...solid } = part;
  const kept = core && shape?.takesCore ? { core: settled(core, shape) } : {};
  if (shape && shape.lines.length > 0) {
    const before = part.shape.lines ?? [];
    const lines = before.length === shape.lines.length ? before : shape.lines.map(firstLine);
    const drawn = { ...solid, ...kept, shape: { kind, dimensions, lines } };
    return kind === 'FRONT_AND_SIDE'
      ? asHighAsDrawn(drawn)
      : { ...drawn, placement: { ...part.placement, facing: 'FRONT' } };
  }
  if (kind !== 'CUT_OUT') return { ...solid, ...kept, shape: { kind, dimensions } };
  return {
    ...solid,
    shape: { kind, dimensions, outline: part.shape.outline ?? tag },
    placement: { ...part.placement, facing: 'FRONT' },
  };
}

/** A form as high as its outline from the front is drawn. */
export function asHighAsDrawn(part: Part): Part {
  const front = part.shape.lines?.[0];
  if (part.shape.kind !== 'FRONT_AND_SIDE' || !front) return part;
  const heightMm = extentOf(pointsOf(front), 1);
  return { ...part, shape: { ...part.shape, dimensions: { ...part.shape.dimensions, heightMm } } };
}

/** A core as this shape can have it. */
function settled(core: NonNullable<Part['core']>, shape: Limits['shapes'][number]): NonNullable<Part['core']> {
  return {
    ...core,
    floor: shape.flatBase ? (core.floor ?? 'COVERED') : 'COVERED',
    lobes: shape.splits ? (core.lobes ?? 1) : 1,
  };
}

export function newPart(mixId: number, name: string, upMm: number): Part {
  return {
    name,
    shape: { kind: 'BALL', dimensions: { diameterMm: 16 } },
    count: 1,
    mixId,
    placement: { acrossMm: 0, upMm, frontMm: 0, tiltDeg: 0, arrangement: 'MIRRORED', facing: 'UP' },
  };
}

type Layer = Part['layer'];

/** A layer without a part or another thing that it may lie over; null index for none. */
function layered(
  layer: Layer,
  gone: number,
  kind: NonNullable<Layer>['kind'] = 'PART',
): { layer?: NonNullable<Layer> } {
  if (!layer) return {};
  if ((layer.kind ?? 'PART') !== kind || layer.over < gone) return { layer };
  return layer.over === gone ? {} : { layer: { ...layer, over: layer.over - 1 } };
}

/** The parts without something that is not clay, an insert or an assembly: what lay over it keeps its shape. */
export function uncovered(parts: Part[], gone: number, kind: 'NON_CLAY' | 'INSERT' | 'ASSEMBLY'): Part[] {
  return parts.map(({ layer, ...alone }) => ({ ...alone, ...layered(layer, gone, kind) }));
}

/**
 * A design without one of its parts: what was built around it is built around nothing, its layers keep their shape, steps for it are for
 * none, what was put on it is not put on, and later parts move up.
 */
export function withoutPart(design: Design, index: number): Design {
  const moved = (to: number) => (to > index ? to - 1 : to);
  const parts = design.parts
    .filter((_, i) => i !== index)
    .map((part) => {
      const { around, layer, sits, ...alone } = part;
      return {
        ...alone,
        ...(sits && sits.on !== index ? { sits: { ...sits, on: moved(sits.on) } } : {}),
        ...(around === undefined || around === index ? {} : { around: moved(around) }),
        ...layered(layer, index),
      };
    });
  const steps = design.steps.map(({ part, ...step }) => ({
    ...step,
    ...(part === undefined || part === index ? {} : { part: moved(part) }),
    uses: (step.uses ?? [])
      .filter((use) => use.part !== index)
      .map((use) => (use.part === undefined ? use : { ...use, part: moved(use.part) })),
  }));
  return { ...design, parts, steps };
}
