import { Button } from '../../controls/button';
import { TextField } from '../../controls/text-field';
import { WhenField } from '../../controls/when-field';
import type { Supply } from '../../server/types';
import { useBench } from '../../server/use-bench';
import type { Draft } from '../../server/use-draft';
import { errorAt } from '../../server/use-measured';
import { isoDay } from '../../words/days';
import { lotAge } from './lot-age';

type Lot = NonNullable<Supply['lots']>[number];

/** Bottles and packs at hand: how old each is, and until when it is good. */
export function SupplyLots({ row }: { row: Draft<Supply> }) {
  const today = isoDay(useBench().bench.now);
  const { form, change, settle, errors } = row;
  const lots = form.lots ?? [];
  const set = (i: number, how: (lot: Lot) => Lot) =>
    change((s) => ({ ...s, lots: (s.lots ?? []).map((lot, j) => (j === i ? how(lot) : lot)) }));
  return (
    <div className="flex flex-col items-start text-note text-soft">
      {lots.map((lot, i) => (
        <div key={i} className="flex flex-wrap items-center gap-x-2">
          lot
          <TextField
            label={`${form.name}, lot ${i + 1}, name`}
            value={lot.name}
            error={errorAt(errors, `lots[${i}].name`)}
            onChange={(name) => set(i, (l) => ({ ...l, name }))}
            onSettle={settle}
            className="w-24"
          />
          bought on
          <WhenField
            type="date"
            label={`${form.name}, lot ${i + 1}, bought on`}
            value={lot.boughtOn}
            error={errorAt(errors, `lots[${i}].boughtOn`)}
            onChange={(boughtOn) => set(i, (l) => ({ ...l, boughtOn }))}
            onSettle={settle}
          />
          {lotAge(lot.boughtOn, today)}
          {lot.useBy === undefined ? (
            <Button
              adds
              kind="quiet"
              className="px-1 font-normal"
              aria-label={`${form.name}, lot ${i + 1}: say until when it is good`}
              onClick={() => set(i, (l) => ({ ...l, useBy: today > l.boughtOn ? today : l.boughtOn }))}
            >
              Use by
            </Button>
          ) : (
            <>
              <span className={lot.useBy < today ? 'font-semibold text-straw' : ''}>
                {lot.useBy < today ? '◦ past its use-by date:' : 'use by'}
              </span>
              <WhenField
                type="date"
                label={`${form.name}, lot ${i + 1}, use by`}
                value={lot.useBy}
                error={errorAt(errors, `lots[${i}].useBy`)}
                onChange={(useBy) => set(i, (l) => ({ ...l, useBy }))}
                onSettle={settle}
              />
              <Button
                kind="quiet"
                className="px-1 font-normal"
                aria-label={`${form.name}, lot ${i + 1}: no use-by date`}
                onClick={() => set(i, ({ useBy: _, ...l }) => l)}
              >
                no use-by date
              </Button>
            </>
          )}
          <Button
            kind="quiet"
            aria-label={`Remove lot ${i + 1} of ${form.name}`}
            onClick={() => change((s) => ({ ...s, lots: (s.lots ?? []).filter((_, j) => j !== i) }))}
          >
            ✕
          </Button>
        </div>
      ))}
    </div>
  );
}

/** Begins a lot that was bought today. */
export function AddSupplyLot({ row: { form, change } }: { row: Draft<Supply> }) {
  const today = isoDay(useBench().bench.now);
  return (
    <Button
      adds
      kind="quiet"
      className="px-1 font-normal"
      aria-label={`Add a lot of ${form.name}`}
      onClick={() =>
        change((s) => ({ ...s, lots: [...(s.lots ?? []), { name: `${(s.lots ?? []).length + 1}`, boughtOn: today }] }))
      }
    >
      Add a lot
    </Button>
  );
}
