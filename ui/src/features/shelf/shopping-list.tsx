import { Link } from 'react-router';
import type { ShoppingLine } from '../../server/types';
import { useMoney, useShopping } from '../../server/use-studio';
import { dayName } from '../../words/days';
import { plain, amountIn, unitOf } from '../../words/figures';

const place = {
  CLAY: '/shelf/clays',
  FINDING: '/shelf/findings',
  SUPPLY: '/shelf/supplies',
  WIRE: '/shelf/wire',
  FOIL: '/settings',
};

/** What to order for all batches that are planned or on the bench, what has to be ordered first at its head. */
export function ShoppingList() {
  const { lines, costMinor } = useShopping();
  const money = useMoney();
  if (lines.length === 0) {
    return (
      <p className="text-soft">
        Nothing to buy: the shelf has what the batches need, and what you want to keep of everything.
      </p>
    );
  }
  return (
    <div className="flex max-w-4xl flex-col gap-3">
      <div className="relative overflow-x-auto rounded-card border border-line bg-paper">
        <table className="w-full">
          <thead className="text-left text-note text-soft">
            <tr>
              <th className="py-2 pl-3 font-semibold">Order</th>
              <th className="font-semibold">By</th>
              <th className="text-right font-semibold">Need</th>
              <th className="text-right font-semibold">On the shelf</th>
              <th className="pl-4 font-semibold">Buy</th>
              <th className="pr-3 text-right font-semibold">Cost</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={`${line.kind}-${line.id}-${line.name}`} className="border-t border-line">
                <td className="py-1.5 pl-3 font-semibold">
                  <Link to={place[line.kind]} className="underline decoration-dotted underline-offset-4">
                    {line.name}
                  </Link>
                </td>
                <td className={`whitespace-nowrap ${line.late ? 'font-semibold text-madder' : ''}`}>
                  <OrderBy line={line} />
                </td>
                <td className="text-right figure whitespace-nowrap">{of(line.needed, line.unit)}</td>
                <td className="text-right figure whitespace-nowrap">
                  {of(line.onShelf, line.unit)}
                  {line.keep > 0 && (
                    <span className="block font-text text-note text-soft">keep {of(line.keep, line.unit)}</span>
                  )}
                </td>
                <td className="pl-4 figure font-semibold whitespace-nowrap">{line.packs.map(pack(line)).join(', ')}</td>
                <td className="pr-3 text-right figure">{money(line.costMinor)}</td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr className="border-t border-ink font-semibold">
              <td className="py-1.5 pl-3" colSpan={5}>
                Total
              </td>
              <td className="pr-3 text-right figure">{money(costMinor)}</td>
            </tr>
          </tfoot>
        </table>
      </div>
      <p className="text-note text-soft">
        For all batches that are planned or on the bench, with what is to stay on the shelf. What is ordered on the day
        shown is there when the first step wants it.
      </p>
    </div>
  );
}

function OrderBy({ line }: { line: ShoppingLine }) {
  if (line.orderBy === undefined) return <span className="text-soft">for the shelf</span>;
  return (
    <>
      {line.late && '✕ '}
      {dayName(line.orderBy)}
      {line.wantedOn !== undefined && line.leadDays > 0 && (
        <span className="block text-note font-normal text-soft">wanted on {dayName(line.wantedOn)}</span>
      )}
    </>
  );
}

function of(amount: number, unit: string): string {
  return `${amountIn(unit, amount)} ${unitOf(unit)}`.trim();
}

/** Packs in words: "2×200 g", "38" of what is sold by the piece, "2×50". */
function pack({ kind, unit }: ShoppingLine) {
  return ({ size, count }: ShoppingLine['packs'][number]) =>
    kind === 'FINDING' && size === 1 ? plain(count) : `${count}×${of(size, unit)}`;
}
