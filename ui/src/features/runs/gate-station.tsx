import { Check } from '../../controls/check';
import { Pair } from '../../controls/place';
import type { RunPlan } from '../../server/types';
import { RunPieces } from './steps-station';
import { useRunActs } from './use-run';

/** The gate: each piece's own short list, ticked before its last bake may start. */
export function GateStation({ plan, runId }: { plan: RunPlan; runId: number }) {
  const { tick } = useRunActs();
  return (
    <Pair
      ledger={plan.gates.map((gate) => (
        <section key={gate.pieceId} className="rounded-card border border-line bg-paper px-4 py-2">
          <h2 className="text-figure">{gate.pieceName}</h2>
          {gate.lines.length === 0 && <p className="text-soft">It has no gate; add lines under its bakes.</p>}
          {gate.lines.map((line, i) => (
            <Check
              key={line.words}
              label={line.words}
              on={line.ticked}
              onChange={(ticked) => tick.mutate({ id: runId, pieceId: gate.pieceId, line: i, ticked })}
            />
          ))}
        </section>
      ))}
      drawing={<RunPieces plan={plan} />}
    />
  );
}
