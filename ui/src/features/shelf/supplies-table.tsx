import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { DraftText } from '../../controls/draft-text';
import { NumberField } from '../../controls/number-field';
import type { Shelf, Supply } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useSettings, useShelf } from '../../server/use-studio';
import { minorPerWhole } from '../../words/figures';
import { PaintFields } from './paint-fields';
import { AddSupplyLot, SupplyLots } from './supply-lots';
import { useShelfActs } from './use-shelf-acts';
import { spanIn, unitOf } from '../../words/units';

/** Fields that count what the supply is counted in. */
const amounts: string[] = ['onShelf', 'pack', 'keep'];

type NumberName =
  | 'keep'
  | 'pack'
  | 'priceMinor'
  | 'onShelf'
  | 'leadDays'
  | 'squareMetres'
  | 'dryingMin'
  | 'staysPercent';

const fresh: Supply = { name: 'New paint', kind: 'PAINT', unit: 'ML', pack: 60, priceMinor: 400, onShelf: 0 };

/** Paint, varnish, glue, sandpaper and whatever else is used up: packs, prices, how far a coat goes and how long it dries. */
export function SuppliesTable() {
  const { supplies } = useShelf();
  const { addSupply, removeSupply } = useShelfActs();
  return (
    <div className="flex max-w-4xl flex-col gap-3 overflow-y-auto">
      <ul aria-label="Supplies" className="rounded-card border border-line bg-paper">
        {supplies.map((s) => (
          <SupplyRow key={s.id} saved={s} onRemove={() => removeSupply.mutate(s)} />
        ))}
        {supplies.length === 0 && (
          <li className="px-3 py-2 text-soft">
            Paint, varnish, glue, sandpaper, bags: add them here and say in the steps of a design what they take.
            Batches count, buy and cost them.
          </li>
        )}
      </ul>
      <Button adds className="self-start" onClick={() => addSupply.mutate(fresh)}>
        Add a supply
      </Button>
      <Caution>
        Spray varnish, alcohol and solvents burn: keep them from ovens, heat guns and flames, and air the room. Wear
        gloves with resin and strong glue. The packet and the safety sheet decide.
      </Caution>
    </div>
  );
}

function SupplyRow({ saved, onRemove }: { saved: Shelf['supplies'][number]; onRemove: () => void }) {
  const limits = useLimits();
  const { currency } = useSettings().settings;
  const row = useDraft<Supply>(`/api/shelf/supplies/${saved.id}`, saved.supply.name, {
    edition: saved.edition,
    form: saved.supply,
  });
  const { form } = row;
  const unit = choicesOf(limits, 'supplyUnit').find((u) => u.value === form.unit)?.label ?? '';
  const number = (field: NumberName, per = 1) => (
    <NumberField
      label={`${form.name}, ${spanOf(limits, 'supply', field).label.replace(' in minor units', '')}`}
      value={form[field] ?? 0}
      span={amounts.includes(field) ? spanIn(spanOf(limits, 'supply', field), unit) : spanOf(limits, 'supply', field)}
      per={per}
      chars={4}
      error={errorAt(row.errors, field)}
      onChange={(value) => row.change((s) => ({ ...s, [field]: value }))}
      onSettle={row.settle}
    />
  );
  const mixed = (form.parts ?? []).length > 0;
  const unitChoice = (
    <Choice
      label={`${form.name}, unit`}
      value={form.unit}
      options={choicesOf(limits, 'supplyUnit')}
      onChange={(next) => row.change((s) => ({ ...s, unit: next as Supply['unit'] }))}
      className="min-h-8 border-transparent"
    />
  );
  return (
    <li className="border-t border-line px-3 py-1.5 first:border-t-0">
      <div className="flex flex-wrap items-center gap-x-3">
        <DraftText
          draft={row}
          field="name"
          label="Name of the supply"
          className="w-64 border-transparent font-semibold"
        />
        <Choice
          label={`${form.name}, kind`}
          value={form.kind}
          options={choicesOf(limits, 'supplyKind')}
          onChange={(kind) => row.change((s) => ({ ...s, kind: kind as Supply['kind'] }))}
          className="min-h-8 border-transparent"
        />
        <span className="ml-auto text-note text-soft">
          on the shelf {number('onShelf')} {unitOf(unit)}
        </span>
        <Button kind="quiet" className="px-2" aria-label={`Remove ${form.name}`} onClick={onRemove}>
          ✕
        </Button>
      </div>
      <div className="flex flex-wrap items-center gap-x-4 text-note text-soft">
        {mixed ? (
          <span className="inline-flex items-baseline gap-1">counted in {unitChoice}</span>
        ) : (
          <>
            <span className="inline-flex items-baseline gap-1">
              a pack of {number('pack')}
              {unitChoice}
              costs {number('priceMinor', minorPerWhole(currency))} {currency}
            </span>
            <span>{number('leadDays')} days to get it</span>
            <span>
              keep at least {number('keep')} {unitOf(unit)}
            </span>
          </>
        )}
        {limits.inCoats.includes(form.kind) && (
          <>
            <span>a litre covers {number('squareMetres')} m²</span>
            <span>a coat dries in {number('dryingMin')} min</span>
            <span>{number('staysPercent')} % stays on the brush</span>
            <Check
              label="water-based"
              name={`${form.name}, water-based`}
              on={form.waterBased ?? true}
              onChange={(waterBased) => row.change((s) => ({ ...s, waterBased }))}
            />
          </>
        )}
        {!mixed && <AddSupplyLot row={row} />}
      </div>
      {limits.inCoats.includes(form.kind) && <PaintFields row={row} id={saved.id} />}
      {(form.lots ?? []).length > 0 && <SupplyLots row={row} />}
      {errorAt(row.errors, 'unit') && <p className="text-madder">{errorAt(row.errors, 'unit')?.message}</p>}
    </li>
  );
}
