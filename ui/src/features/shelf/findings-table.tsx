import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { NumberField } from '../../controls/number-field';
import { DraftText } from '../../controls/draft-text';
import type { Findings, Shelf, Span } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useShelf, useSettings } from '../../server/use-studio';
import { minorPerWhole, u } from '../../words/figures';
import { useShelfActs } from './use-shelf-acts';

/** Findings on the shelf: what one costs and weighs, and how many lie ready. */
export function FindingsTable() {
  const { findings } = useShelf();
  const { currency } = useSettings().settings;
  const { addFinding, removeFinding } = useShelfActs();
  return (
    <div className="flex max-w-4xl flex-col gap-3">
      <div className="relative overflow-x-auto rounded-card border border-line bg-paper">
        <table className="w-full">
          <thead className="text-note text-soft">
            <tr>
              <th className="py-2 pl-3 text-left font-semibold">Finding</th>
              <th className="pr-2 text-right font-semibold">Price of one, {currency}</th>
              <th className="pr-2 text-right font-semibold">In a pack</th>
              <th className="pr-2 text-right font-semibold">On the shelf</th>
              <th className="pr-2 text-right font-semibold">Weight of one, {u.g}</th>
              <th className="pr-2 text-right font-semibold">Keep at least</th>
              <th className="pr-2 text-right font-semibold">Days to get it</th>
              <th>
                <span className="sr-only">Remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {findings.map((b) => (
              <FindingRow key={b.id} saved={b} currency={currency} onRemove={() => removeFinding.mutate(b)} />
            ))}
          </tbody>
        </table>
        {findings.length === 0 && (
          <p className="px-3 py-2 text-soft">
            Jump rings, hooks, pins, cords: add them here, and batches show what to buy.
          </p>
        )}
        <Button
          adds
          kind="quiet"
          className="m-1"
          onClick={() => addFinding.mutate({ name: 'New finding', priceMinor: 10, onShelf: 0, massG: 0.1 })}
        >
          Add a finding
        </Button>
      </div>
      <Caution>
        Small parts, pins and cords are a hazard to young children; nickel can harm the skin. Local product-safety rules
        may apply to what you sell.
      </Caution>
    </div>
  );
}

interface RowProps {
  saved: Shelf['findings'][number];
  currency: string;
  onRemove: () => void;
}

function FindingRow({ saved, currency, onRemove }: RowProps) {
  const limits = useLimits();
  const row = useDraft<Findings>(`/api/shelf/findings/${saved.id}`, saved.finding.name, {
    edition: saved.edition,
    form: saved.finding,
  });
  const number = (field: 'priceMinor' | 'onShelf' | 'massG' | 'keep' | 'leadDays' | 'pack', span: Span, per = 1) => (
    <NumberField
      label={`${row.form.name}, ${span.label.replace(' in minor units', '')}`}
      value={row.form[field] ?? (field === 'pack' ? 1 : 0)}
      span={span}
      per={per}
      chars={5}
      error={errorAt(row.errors, field)}
      onChange={(value) => row.change((b) => ({ ...b, [field]: value }))}
      onSettle={row.settle}
    />
  );
  return (
    <tr className="border-t border-line">
      <td className="py-1.5 pl-3">
        <DraftText draft={row} field="name" label="Name of the finding" className="w-48 font-semibold" />
      </td>
      <td className="pr-2 text-right">
        {number('priceMinor', spanOf(limits, 'shelf', 'priceMinor'), minorPerWhole(currency))}
      </td>
      <td className="pr-2 text-right">{number('pack', spanOf(limits, 'finding', 'pack'))}</td>
      <td className="pr-2 text-right">{number('onShelf', spanOf(limits, 'shelf', 'findingOnShelf'))}</td>
      <td className="pr-2 text-right">{number('massG', spanOf(limits, 'shelf', 'findingsG'))}</td>
      <td className="pr-2 text-right">{number('keep', spanOf(limits, 'finding', 'keep'))}</td>
      <td className="pr-2 text-right">{number('leadDays', spanOf(limits, 'finding', 'leadDays'))}</td>
      <td className="text-right">
        <Button kind="quiet" aria-label={`Remove ${row.form.name}`} onClick={onRemove}>
          ✕
        </Button>
      </td>
    </tr>
  );
}
