import { Figure, FigureStrip } from '../../controls/figure';
import type { MeasuredDesign } from '../../server/types';
import { grams, whole, u, plainIn } from '../../words/figures';
import { longestBake } from './longest-bake';

/** What one finished design weighs, saves, and asks of the oven. */
export function DesignTotals({ design }: { design: MeasuredDesign }) {
  const longest = longestBake(design);
  return (
    <FigureStrip>
      <Figure value={grams(design.weightG)} unit={u.g}>
        finished weight
      </Figure>
      <Figure value={grams(design.clayG)} unit={u.g}>
        clay
      </Figure>
      <Figure value={grams(design.claySavedG)} unit={u.g}>
        clay saved by cores
      </Figure>
      <Figure value={whole(design.tornMm)} unit={u.mm}>
        foil off the roll
      </Figure>
      {longest && (
        <Figure value={whole(longest.bakingMin)} unit="min" tone="heat">
          {design.stages.length > 1 ? 'longest bake, at ' : 'baking time at '}
          {plainIn('°C', longest.lowC)} {u.c}
        </Figure>
      )}
    </FigureStrip>
  );
}
