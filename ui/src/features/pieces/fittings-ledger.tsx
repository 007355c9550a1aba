import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import type { Piece, Shelf } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import type { PieceDraft } from './use-piece';

type Fitting = Piece['fittings'][number];

interface Props {
  piece: PieceDraft;
  bought: Shelf['bought'];
  money: (minor: number) => string;
}

/** The findings that are fitted to one piece. */
export function FittingsLedger({ piece, bought, money }: Props) {
  const limits = useLimits();
  const { draft, wrongs } = piece;
  const setFittings = (change: (fittings: Fitting[]) => Fitting[]) =>
    draft.change((p) => ({ ...p, fittings: change(p.fittings) }));
  const first = bought[0];
  return (
    <section className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">Findings in one piece</h2>
      <ul>
        {draft.form.fittings.map((fitting, i) => {
          const price = bought.find((b) => b.id === fitting.boughtPartId)?.bought.priceMinor ?? 0;
          const set = (change: Partial<Fitting>) =>
            setFittings((all) => all.map((f, j) => (j === i ? { ...f, ...change } : f)));
          return (
            <li key={i} className="flex items-center gap-3 py-0.5">
              <NumberField
                label={`Finding ${i + 1}, count`}
                value={fitting.count}
                span={spanOf(limits, 'fitting', 'count')}
                chars={2}
                wrong={wrongAt(wrongs, `fittings[${i}].count`)}
                onChange={(count) => set({ count })}
                onSettle={draft.settle}
              />
              <Choice
                label={`Finding ${i + 1}`}
                value={String(fitting.boughtPartId)}
                options={bought.map((b) => ({ value: String(b.id), label: b.bought.name }))}
                onChange={(id) => set({ boughtPartId: Number(id) })}
              />
              <span className="ml-auto figure">{money(price * fitting.count)}</span>
              <Button
                kind="quiet"
                aria-label={`Take out finding ${i + 1}`}
                onClick={() => setFittings((all) => all.filter((_, j) => j !== i))}
              >
                ✕
              </Button>
            </li>
          );
        })}
      </ul>
      {first ? (
        <Button kind="quiet" onClick={() => setFittings((all) => [...all, { boughtPartId: first.id, count: 1 }])}>
          Add a finding
        </Button>
      ) : (
        <p className="text-soft">Findings on the shelf can be fitted here.</p>
      )}
    </section>
  );
}
