import type { MeasuredDesign } from '../../server/types';

/** The bake that takes longest. */
export const longestBake = (design: MeasuredDesign) =>
  [...design.stages].sort((a, b) => b.bakingMin - a.bakingMin).at(0);
