import type { Limits, Part, Piece } from '../../server/types';

const firstSizes: Record<string, number> = { thicknessMm: 3, lengthMm: 20, heightMm: 10, topMm: 12 };

/** The same part in another shape: dimensions of the same name stay, others get a middling size. */
export function reshaped(part: Part, kind: Part['shape']['kind'], limits: Limits): Part {
  const shape = limits.shapes.find((s) => s.kind === kind);
  const dimensions = Object.fromEntries(
    (shape?.dimensions ?? []).map(({ span }) => [
      span.field,
      part.shape.dimensions[span.field] ?? firstSizes[span.field] ?? 20,
    ]),
  );
  const { core, ...solid } = part;
  const kept = core && !shape?.sheet ? { core } : {};
  return { ...solid, ...kept, shape: { kind, dimensions } };
}

export function newPart(mixId: number, name: string, upMm: number): Part {
  return {
    name,
    shape: { kind: 'BALL', dimensions: { diameterMm: 16 } },
    count: 1,
    mixId,
    stage: 0,
    placement: { acrossMm: 0, upMm, frontMm: 0, tiltDeg: 0, arrangement: 'MIRRORED' },
  };
}

/** A piece to begin with: one ball, one bake, the steps every piece has. */
export function newPiece(mixId: number): Piece {
  const step = (
    name: string,
    station: Piece['steps'][number]['station'],
    setupMin: number,
    eachMin: number,
    stage = 0,
  ) => ({
    name,
    station,
    setupMin,
    eachMin,
    stage,
  });
  return {
    name: 'New piece',
    kind: 'ORNAMENT',
    pose: 'STANDS',
    parts: [newPart(mixId, 'Body', 0)],
    stages: [{ name: 'whole', kind: 'CURE', loose: false, coolingMin: 30 }],
    steps: [
      step('condition and mix', 'MIX', 10, 0),
      step('portion', 'PORTION', 2, 1),
      step('shape', 'SHAPE', 2, 5),
      step('sand', 'FINISH', 2, 2, 1),
    ],
    fittings: [],
    gate: ['Mark under the base'],
  };
}
