import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { DraftText } from '../../controls/draft-text';
import type { Coil, Shelf } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useShelf, useSettings } from '../../server/use-studio';
import { minorPerWhole, u } from '../../words/figures';
import { useShelfActs } from './use-shelf-acts';

/** Coils of wire on the shelf, from which batches plan their cutting. */
export function CoilsTable() {
  const { coils } = useShelf();
  const { currency } = useSettings().settings;
  const { addCoil, removeCoil } = useShelfActs();
  return (
    <div className="relative max-w-4xl overflow-x-auto rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-note text-soft">
          <tr>
            <th className="py-2 pl-3 text-left font-semibold">Wire</th>
            <th className="pr-2 text-right font-semibold">Thick, {u.mm}</th>
            <th className="pr-2 text-left font-semibold">Metal</th>
            <th className="pr-2 text-right font-semibold">On a coil, m</th>
            <th className="pr-2 text-right font-semibold">Coils</th>
            <th className="pr-2 text-right font-semibold">Price of one, {currency}</th>
            <th>
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {coils.map((c) => (
            <CoilRow key={c.id} saved={c} currency={currency} onRemove={() => removeCoil.mutate(c)} />
          ))}
        </tbody>
      </table>
      {coils.length === 0 && (
        <p className="px-3 py-2 text-soft">With your coils here, a batch shows which wire to cut from which coil.</p>
      )}
      <Button
        adds
        kind="quiet"
        className="m-1"
        onClick={() =>
          addCoil.mutate({
            name: 'New wire',
            gaugeMm: 0.8,
            metal: 'STEEL',
            lengthM: 10,
            onShelf: 1,
            priceMinor: 300,
          })
        }
      >
        Add a wire
      </Button>
    </div>
  );
}

interface RowProps {
  saved: Shelf['coils'][number];
  currency: string;
  onRemove: () => void;
}

function CoilRow({ saved, currency, onRemove }: RowProps) {
  const limits = useLimits();
  const row = useDraft<Coil>(`/api/shelf/coils/${saved.id}`, saved.coil.name, {
    edition: saved.edition,
    form: saved.coil,
  });
  const number = (field: 'gaugeMm' | 'lengthM' | 'onShelf' | 'priceMinor', per = 1) => {
    const span = spanOf(limits, 'coil', field);
    return (
      <NumberField
        label={`${row.form.name}, ${span.label}`}
        value={row.form[field]}
        span={span}
        per={per}
        chars={5}
        error={errorAt(row.errors, field)}
        onChange={(value) => row.change((c) => ({ ...c, [field]: value }))}
        onSettle={row.settle}
      />
    );
  };
  return (
    <tr className="border-t border-line">
      <td className="py-1.5 pl-3">
        <DraftText draft={row} field="name" label="Name of the wire" className="w-52 font-semibold" />
      </td>
      <td className="pr-2 text-right">{number('gaugeMm')}</td>
      <td className="pr-2">
        <Choice
          label={`${row.form.name}, metal`}
          value={row.form.metal}
          options={choicesOf(limits, 'metal')}
          onChange={(metal) => row.change((c) => ({ ...c, metal: metal as Coil['metal'] }))}
        />
      </td>
      <td className="pr-2 text-right">{number('lengthM')}</td>
      <td className="pr-2 text-right">{number('onShelf')}</td>
      <td className="pr-2 text-right">{number('priceMinor', minorPerWhole(currency))}</td>
      <td className="text-right">
        <Button kind="quiet" aria-label={`Remove ${row.form.name}`} onClick={onRemove}>
          ✕
        </Button>
      </td>
    </tr>
  );
}
