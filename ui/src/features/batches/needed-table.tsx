import { useMoney } from '../../server/use-studio';
import { dayName } from '../../words/days';
import { amountIn, unitOf } from '../../words/figures';

/** Something that a batch needs of the shelf. */
export interface Needed {
  name: string;
  needed: number;
  onShelf: number;
  /** Kept for batches that are due earlier. */
  reserved: number;
  unit?: string;
  /** What to buy, in words; nothing when enough is there. */
  buy: string | null;
  costMinor: number;
  orderBy?: string | undefined;
}

/** What a batch needs of the shelf: how much, what is there and kept for others, what to buy and by when. */
export function NeededTable({ kind, rows }: { kind: string; rows: Needed[] }) {
  const money = useMoney();
  if (rows.length === 0) return null;
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">{kind}</th>
            <th className="text-right font-semibold">Need</th>
            <th className="text-right font-semibold">On the shelf</th>
            <th className="pr-3 text-right font-semibold">Buy</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.name} className="border-t border-line">
              <td className="py-2 pl-3 font-semibold">
                {row.name}
                {row.reserved > 0 && (
                  <span className="block text-note font-normal text-soft">
                    {amountIn(row.unit, row.reserved)} {unitOf(row.unit ?? '')} kept for earlier batches
                  </span>
                )}
              </td>
              <td className="text-right figure text-figure whitespace-nowrap">
                {amountIn(row.unit, row.needed)} <span className="text-note text-soft">{unitOf(row.unit ?? '')}</span>
              </td>
              <td className="text-right figure text-figure">{amountIn(row.unit, row.onShelf)}</td>
              <td className={`pr-3 text-right figure ${row.buy === null ? 'text-soft' : 'font-semibold text-straw'}`}>
                {row.buy === null ? '–' : `◦ ${row.buy}, ${money(row.costMinor)}`}
                {row.orderBy !== undefined && (
                  <span className="block font-text text-note font-normal">order by {dayName(row.orderBy)}</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
