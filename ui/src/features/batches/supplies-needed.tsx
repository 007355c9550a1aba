import type { BatchPlan } from '../../server/types';
import { count } from '../../words/figures';
import { NeededTable } from './needed-table';

/** Paint, varnish and other supplies that a batch takes. */
export function SuppliesNeeded({ plan }: { plan: BatchPlan }) {
  return (
    <NeededTable
      kind="Supply"
      rows={plan.needs.supplies.map((s) => ({ ...s, buy: s.packs > 0 ? count(s.packs, 'pack') : null }))}
    />
  );
}
