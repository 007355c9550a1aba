package fairember.core.covering;

import fairember.core.shape.Outline;

/**
 * A piece to cut from a sheet, at true size; its lines are those of the layer's middle.
 *
 * @param name of the face it covers
 * @param count of them
 * @param outline across and up, mm
 * @param stretch how much longer its edges are than its middle line, as a share: 0 for what unrolls exactly
 */
public record PatternPiece(String name, int count, Outline outline, double stretch) {}
