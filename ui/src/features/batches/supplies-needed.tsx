import type { BatchPlan } from '../../server/types';
import { useMoney } from '../../server/use-studio';
import { dayName } from '../../words/days';
import { count, plain } from '../../words/figures';

/** Paint, varnish and other supplies that a batch takes: how much, what is there, what to buy and by when. */
export function SuppliesNeeded({ plan }: { plan: BatchPlan }) {
  const money = useMoney();
  const { supplies } = plan.needs;
  if (supplies.length === 0) return null;
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Supply</th>
            <th className="text-right font-semibold">Need</th>
            <th className="text-right font-semibold">On the shelf</th>
            <th className="pr-3 text-right font-semibold">Buy</th>
          </tr>
        </thead>
        <tbody>
          {supplies.map((s) => (
            <tr key={s.supplyId} className="border-t border-line">
              <td className="py-2 pl-3 font-semibold">
                {s.name}
                {s.reserved > 0 && (
                  <span className="block text-note font-normal text-soft">
                    {tenths(s.reserved)} {s.unit} kept for earlier batches
                  </span>
                )}
              </td>
              <td className="text-right figure text-figure whitespace-nowrap">
                {tenths(s.needed)} <span className="text-note text-soft">{s.unit}</span>
              </td>
              <td className="text-right figure text-figure">{tenths(s.onShelf)}</td>
              <td className={`pr-3 text-right ${s.packs > 0 ? 'font-semibold text-straw' : 'text-soft'}`}>
                {s.packs > 0 ? `◦ ${count(s.packs, 'pack')}, ${money(s.costMinor)}` : '–'}
                {s.orderBy !== undefined && (
                  <span className="block text-note font-normal">order by {dayName(s.orderBy)}</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function tenths(value: number): string {
  return plain(Math.round(value * 10) / 10);
}
