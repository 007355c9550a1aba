import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import type { Design, Shelf } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import type { DesignDraft } from './use-design';

type Fitting = Design['fittings'][number];

interface Props {
  design: DesignDraft;
  findings: Shelf['findings'];
  money: (minor: number) => string;
}

/** The findings of one piece. */
export function FittingsLedger({ design, findings, money }: Props) {
  const limits = useLimits();
  const { draft, errors } = design;
  const setFittings = (change: (fittings: Fitting[]) => Fitting[]) =>
    draft.change((p) => ({ ...p, fittings: change(p.fittings) }));
  const first = findings[0];
  return (
    <section className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">Findings per piece</h2>
      <ul>
        {draft.form.fittings.map((fitting, i) => {
          const price = findings.find((b) => b.id === fitting.findingId)?.finding.priceMinor ?? 0;
          const set = (change: Partial<Fitting>) =>
            setFittings((all) => all.map((f, j) => (j === i ? { ...f, ...change } : f)));
          return (
            <li key={i} className="flex items-center gap-3 py-0.5">
              <NumberField
                label={`Finding ${i + 1}, count`}
                value={fitting.count}
                span={spanOf(limits, 'fitting', 'count')}
                chars={2}
                error={errorAt(errors, `fittings[${i}].count`)}
                onChange={(count) => set({ count })}
                onSettle={draft.settle}
              />
              <Choice
                label={`Finding ${i + 1}`}
                value={String(fitting.findingId)}
                options={findings.map((b) => ({ value: String(b.id), label: b.finding.name }))}
                onChange={(id) => set({ findingId: Number(id) })}
              />
              <span className="ml-auto figure">{money(price * fitting.count)}</span>
              <Button
                kind="quiet"
                aria-label={`Remove finding ${i + 1}`}
                onClick={() => setFittings((all) => all.filter((_, j) => j !== i))}
              >
                ✕
              </Button>
            </li>
          );
        })}
      </ul>
      {first ? (
        <Button adds kind="quiet" onClick={() => setFittings((all) => [...all, { findingId: first.id, count: 1 }])}>
          Add a finding
        </Button>
      ) : (
        <p className="text-soft">Add findings on the Shelf first; then choose them here.</p>
      )}
    </section>
  );
}
