import { Figure, FigureStrip } from '../../controls/figure';
import type { MeasuredPiece } from '../../server/types';
import { grams, plain, whole } from '../../words/figures';

/** What one finished piece weighs, saves, and asks of the oven. */
export function PieceTotals({ piece }: { piece: MeasuredPiece }) {
  const last = piece.stages.at(-1);
  return (
    <FigureStrip>
      <Figure value={grams(piece.weightG)} unit="g">
        finished weight
      </Figure>
      <Figure value={grams(piece.clayG)} unit="g">
        clay in it
      </Figure>
      <Figure value={grams(piece.claySavedG)} unit="g">
        clay saved by cores
      </Figure>
      <Figure value={whole(piece.tornMm)} unit="mm">
        foil off the roll
      </Figure>
      {last && (
        <Figure value={whole(last.holdMin)} unit="min" tone="heat">
          hold at {plain(last.lowC)} °C
        </Figure>
      )}
    </FigureStrip>
  );
}
