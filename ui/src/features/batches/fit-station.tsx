import { Caution } from '../../controls/caution';
import { Pair } from '../../controls/place';
import type { BatchPlan } from '../../server/types';
import { useMoney } from '../../server/use-studio';
import { StepList } from './step-list';
import { SuppliesNeeded } from './supplies-needed';
import { BatchDesigns } from './steps-station';

/** Findings to fit: how many, what is on the shelf, what to buy. */
export function FitStation({ plan, batchId }: { plan: BatchPlan; batchId: number }) {
  const money = useMoney();
  const { findings } = plan.needs;
  return (
    <Pair
      ledger={
        <>
          {findings.length === 0 ? (
            <p className="text-soft">No design in this batch has findings.</p>
          ) : (
            <div className="rounded-card border border-line bg-paper">
              <table className="w-full">
                <thead className="text-left text-note text-soft">
                  <tr>
                    <th className="py-2 pl-3 font-semibold">Finding</th>
                    <th className="text-right font-semibold">Need</th>
                    <th className="text-right font-semibold">On the shelf</th>
                    <th className="pr-3 text-right font-semibold">Buy</th>
                  </tr>
                </thead>
                <tbody>
                  {findings.map((b) => (
                    <tr key={b.findingId} className="border-t border-line">
                      <td className="py-2 pl-3 font-semibold">
                        {b.name}
                        {b.reserved > 0 && (
                          <span className="block text-note font-normal text-soft">
                            {b.reserved} kept for earlier batches
                          </span>
                        )}
                      </td>
                      <td className="text-right figure text-figure">{b.needed}</td>
                      <td className="text-right figure text-figure">{b.onShelf}</td>
                      <td
                        className={`pr-3 text-right figure text-figure ${b.toBuy > 0 ? 'font-semibold text-straw' : 'text-soft'}`}
                      >
                        {b.toBuy > 0 ? `◦ ${b.toBuy}, ${money(b.costMinor)}` : '–'}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
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
