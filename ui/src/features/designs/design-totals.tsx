import { Figure, FigureStrip } from '../../controls/figure';
import type { MeasuredDesign } from '../../server/types';
import { grams, plain, whole } from '../../words/figures';

/** What one finished design weighs, saves, and asks of the oven. */
export function DesignTotals({ design }: { design: MeasuredDesign }) {
  const last = design.stages.at(-1);
  return (
    <FigureStrip>
      <Figure value={grams(design.weightG)} unit="g">
        finished weight
      </Figure>
      <Figure value={grams(design.clayG)} unit="g">
        clay
      </Figure>
      <Figure value={grams(design.claySavedG)} unit="g">
        clay saved by cores
      </Figure>
      <Figure value={whole(design.tornMm)} unit="mm">
        foil off the roll
      </Figure>
      {last && (
        <Figure value={whole(last.bakingMin)} unit="min" tone="heat">
          baking time at {plain(last.lowC)} °C
        </Figure>
      )}
    </FigureStrip>
  );
}
