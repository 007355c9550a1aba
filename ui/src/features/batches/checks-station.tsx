import { Check } from '../../controls/check';
import { Pair } from '../../controls/place';
import type { BatchPlan } from '../../server/types';
import { BatchDesigns } from './steps-station';
import { useBatchActs } from './use-batch';

/** The checks: each design's own short list, ticked before its last bake may start. */
export function ChecksStation({ plan, batchId }: { plan: BatchPlan; batchId: number }) {
  const { tick } = useBatchActs();
  return (
    <Pair
      ledger={plan.checks.map((checks) => (
        <section key={checks.designId} className="rounded-card border border-line bg-paper px-4 py-2">
          <h2 className="text-figure">{checks.designName}</h2>
          {checks.lines.length === 0 && (
            <p className="text-soft">This design has no checks; add some under its bakes.</p>
          )}
          {checks.lines.map((line, i) => (
            <Check
              key={line.words}
              label={
                line.ticked > 0 && line.ticked < checks.pieces
                  ? `${line.words} (${line.ticked} of ${checks.pieces})`
                  : line.words
              }
              on={line.ticked >= checks.pieces}
              onChange={(ticked) => tick.mutate({ id: batchId, designId: checks.designId, check: i, ticked })}
            />
          ))}
        </section>
      ))}
      drawing={<BatchDesigns plan={plan} />}
    />
  );
}
