import { Caution } from '../../controls/caution';
import { Pair } from '../../controls/place';
import type { RunPlan, Station } from '../../server/types';
import { usePieces } from '../../server/use-studio';
import { PieceThumb } from '../pieces/piece-thumb';
import { StepList } from './step-list';

interface Props {
  plan: RunPlan;
  station: Station;
  runId: number;
}

/** A station of plain handwork: its steps, and the pieces they make. */
export function StepsStation({ plan, station, runId }: Props) {
  return (
    <Pair
      ledger={
        <>
          <h2 className="text-figure">Still to do</h2>
          <StepList plan={plan} station={station} runId={runId} />
          {station === 'FINISH' && (
            <Caution>Sand and drill wet, or with a dust mask. Varnish and solvents away from heat and flame.</Caution>
          )}
          {station === 'SHAPE' && <Caution>Blades cut away from the hand. Eyes covered when wire is cut.</Caution>}
        </>
      }
      drawing={<RunPieces plan={plan} />}
    />
  );
}

/** The pieces of a run by their drawings. */
export function RunPieces({ plan }: { plan: RunPlan }) {
  const pieces = usePieces();
  return (
    <ul className="grid grid-cols-2 gap-3">
      {plan.worth.map((row) => {
        const piece = pieces.find((p) => p.id === row.pieceId);
        return (
          <li key={row.pieceId} className="flex flex-col items-center rounded-card border border-line bg-paper p-3">
            {piece && <PieceThumb piece={piece.measured} width={180} height={150} />}
            <span className="mt-2 text-center">
              <b className="figure">{row.quantity}</b> {row.pieceName}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
