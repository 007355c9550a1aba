import { Link } from 'react-router';
import { Pair } from '../../controls/place';
import type { BatchPlan } from '../../server/types';
import { useMoney } from '../../server/use-studio';

/** What the batch costs and brings, design by design, each costed in a batch of its own. */
export function PriceStation({ plan }: { plan: BatchPlan }) {
  const money = useMoney();
  const most = Math.max(1, ...plan.price.map((w) => w.priceMinor * w.quantity));
  return (
    <Pair
      ledger={
        <div className="rounded-card border border-line bg-paper">
          <table className="w-full">
            <thead className="text-left text-note text-soft">
              <tr>
                <th className="py-2 pl-3 font-semibold">Design</th>
                <th className="text-right font-semibold">Count</th>
                <th className="text-right font-semibold">Cost each</th>
                <th className="text-right font-semibold">Price each</th>
                <th className="pr-3 text-right font-semibold">Profit</th>
              </tr>
            </thead>
            <tbody>
              {plan.price.map((w) => (
                <tr key={w.designId} className="border-t border-line">
                  <td className="py-2 pl-3 font-semibold">
                    <Link to={`/price/${w.designId}`} className="underline decoration-dotted underline-offset-4">
                      {w.designName}
                    </Link>
                  </td>
                  <td className="text-right figure text-figure">{w.quantity}</td>
                  <td className="text-right figure text-figure">{money(w.costMinor)}</td>
                  <td className="text-right figure text-figure">{money(w.priceMinor)}</td>
                  <td className="pr-3 text-right figure text-figure">{money(w.profitMinor)}</td>
                </tr>
              ))}
            </tbody>
            <tfoot>
              <tr className="border-t border-ink font-semibold">
                <td className="py-2 pl-3">Whole batch</td>
                <td />
                <td className="text-right figure text-figure">{money(plan.costMinor)}</td>
                <td className="text-right figure text-figure">{money(plan.priceMinor)}</td>
                <td className="pr-3 text-right figure text-figure">{money(plan.priceMinor - plan.costMinor)}</td>
              </tr>
            </tfoot>
          </table>
          <p className="border-t border-line px-3 py-2 text-note text-soft">
            Each design is costed as a batch of its own. Sharing loads makes this batch a little cheaper.
          </p>
        </div>
      }
      drawing={
        <ul className="flex flex-col gap-4 rounded-card border border-line bg-paper p-4">
          {plan.price.map((w) => (
            <li key={w.designId}>
              <div className="flex justify-between">
                <span className="font-semibold">{w.designName}</span>
                <span className="figure">{money(w.priceMinor * w.quantity)}</span>
              </div>
              <div className="mt-1 flex h-7">
                <div
                  className="border border-ink bg-line"
                  style={{ width: `${(100 * w.costMinor * w.quantity) / most}%` }}
                />
                <div
                  className="border border-verdigris bg-verdigris-tint"
                  style={{ width: `${(100 * Math.max(0, w.profitMinor) * w.quantity) / most}%` }}
                />
              </div>
            </li>
          ))}
          <li className="text-note text-soft">Grey: cost. Green: profit.</li>
        </ul>
      }
    />
  );
}
