import type { BatchPlan } from '../../server/types';
import { amountIn, count, unitOf } from '../../words/figures';
import { NeededTable } from './needed-table';

function amount({ amount: of, unit }: { amount: number; unit: string }): string {
  return `${amountIn(unit, of, 2)} ${unitOf(unit)}`;
}

/** Paint, varnish and other supplies that a batch takes. */
export function SuppliesNeeded({ plan }: { plan: BatchPlan }) {
  return (
    <>
      <NeededTable
        kind="Supply"
        rows={plan.needs.supplies.map((s) => ({ ...s, buy: s.packs > 0 ? count(s.packs, 'pack') : null }))}
      />
      {plan.needs.paints.map((paint) => (
        <p key={paint.supplyId} className="text-note">
          Mix {amount(paint)} of <b>{paint.name}</b>:{' '}
          {paint.parts.map((part) => `${amount(part)} ${part.name}`).join(', ')}.
        </p>
      ))}
    </>
  );
}
