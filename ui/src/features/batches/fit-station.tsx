import { Caution } from '../../controls/caution';
import { Pair } from '../../controls/place';
import type { BatchPlan } from '../../server/types';
import { StepList } from './step-list';
import { NeededTable } from './needed-table';
import { SuppliesNeeded } from './supplies-needed';
import { BatchDesigns } from './steps-station';

/** Findings to fit: how many, what is on the shelf, what to buy. */
export function FitStation({ plan, batchId }: { plan: BatchPlan; batchId: number }) {
  const { findings } = plan.needs;
  return (
    <Pair
      ledger={
        <>
          {findings.length === 0 ? (
            <p className="text-soft">No design in this batch has findings.</p>
          ) : (
            <NeededTable
              kind="Finding"
              rows={findings.map((f) => ({ ...f, buy: f.toBuy > 0 ? String(f.toBuy) : null }))}
            />
          )}
          <SuppliesNeeded plan={plan} />
          <h2 className="text-figure">Still to do</h2>
          <StepList plan={plan} station="FIT" batchId={batchId} />
          <Caution>Glue only cool pieces. Use gloves and fresh air with strong glues, as their packets say.</Caution>
        </>
      }
      drawing={<BatchDesigns plan={plan} />}
    />
  );
}
