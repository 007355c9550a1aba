import { Link } from 'react-router';
import { Pair } from '../../controls/place';
import type { RunPlan } from '../../server/types';
import { useMoney } from '../../server/use-studio';

/** What the run costs and brings, piece by piece, each costed in a batch of its own. */
export function PriceStation({ plan }: { plan: RunPlan }) {
  const money = useMoney();
  const most = Math.max(1, ...plan.worth.map((w) => w.priceMinor * w.quantity));
  return (
    <Pair
      ledger={
        <div className="rounded-card border border-line bg-paper">
          <table className="w-full">
            <thead className="text-left text-note text-soft">
              <tr>
                <th className="py-2 pl-3 font-semibold">Piece</th>
                <th className="text-right font-semibold">How many</th>
                <th className="text-right font-semibold">Cost of one</th>
                <th className="text-right font-semibold">Price</th>
                <th className="pr-3 text-right font-semibold">Kept</th>
              </tr>
            </thead>
            <tbody>
              {plan.worth.map((w) => (
                <tr key={w.pieceId} className="border-t border-line">
                  <td className="py-2 pl-3 font-semibold">
                    <Link to={`/worth/${w.pieceId}`} className="underline decoration-dotted underline-offset-4">
                      {w.pieceName}
                    </Link>
                  </td>
                  <td className="text-right figure text-figure">{w.quantity}</td>
                  <td className="text-right figure text-figure">{money(w.costMinor)}</td>
                  <td className="text-right figure text-figure">{money(w.priceMinor)}</td>
                  <td className="pr-3 text-right figure text-figure">{money(w.keptMinor)}</td>
                </tr>
              ))}
            </tbody>
            <tfoot>
              <tr className="border-t border-ink font-semibold">
                <td className="py-2 pl-3">The run</td>
                <td />
                <td className="text-right figure text-figure">{money(plan.costMinor)}</td>
                <td className="text-right figure text-figure">{money(plan.priceMinor)}</td>
                <td className="pr-3 text-right figure text-figure">{money(plan.priceMinor - plan.costMinor)}</td>
              </tr>
            </tfoot>
          </table>
          <p className="border-t border-line px-3 py-2 text-note text-soft">
            Each piece is costed as a batch of its own; loads it shares make the run a little cheaper.
          </p>
        </div>
      }
      drawing={
        <ul className="flex flex-col gap-4 rounded-card border border-line bg-paper p-4">
          {plan.worth.map((w) => (
            <li key={w.pieceId}>
              <div className="flex justify-between">
                <span className="font-semibold">{w.pieceName}</span>
                <span className="figure">{money(w.priceMinor * w.quantity)}</span>
              </div>
              <div className="mt-1 flex h-7">
                <div
                  className="border border-ink bg-line"
                  style={{ width: `${(100 * w.costMinor * w.quantity) / most}%` }}
                />
                <div
                  className="border border-verdigris bg-verdigris-tint"
                  style={{ width: `${(100 * Math.max(0, w.keptMinor) * w.quantity) / most}%` }}
                />
              </div>
            </li>
          ))}
          <li className="text-note text-soft">Grey: cost. Green: kept.</li>
        </ul>
      }
    />
  );
}
