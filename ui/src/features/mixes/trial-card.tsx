import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { ColourField } from '../../controls/colour-field';
import { Switch } from '../../controls/switch';
import { TextField } from '../../controls/text-field';
import { DraftText } from '../../controls/draft-text';
import type { Trial, TrialView } from '../../server/types';
import { useDraft, type Draft } from '../../server/use-draft';
import { errorAt } from '../../server/use-measured';
import { plain } from '../../words/figures';

type Row = Trial['rows'][number];

/** A trial edited in place: each way that was tried, its colour beside the chosen one's, a note. */
export function TrialCard({ saved, onRemove }: { saved: TrialView; onRemove: () => void }) {
  const draft = useDraft<Trial>(`/api/trials/${saved.id}`, saved.trial.name, {
    edition: saved.edition,
    form: saved.trial,
  });
  const { form, change, errors } = draft;
  const general = errorAt(errors, 'rows');
  return (
    <Card title={form.name}>
      <FieldLine label="name">
        <DraftText draft={draft} field="name" label="Name of the trial" className="w-56 text-right" />
      </FieldLine>
      <FieldLine label="tried on">
        <DraftText draft={draft} field="madeOn" label="Tried on" type="date" className="w-40 text-right" />
      </FieldLine>
      <FieldLine label="purpose">
        <DraftText draft={draft} field="note" label="Purpose of the trial" className="w-96 max-w-full text-right" />
      </FieldLine>
      <ul className="flex flex-col gap-2 pt-1">
        {form.rows.map((row, i) => (
          <TrialRow key={i} i={i} row={row} draft={draft} beside={saved.rows[i]?.beside} />
        ))}
      </ul>
      {general && (
        <p role="alert" className="text-madder">
          {general.message}
        </p>
      )}
      <div className="flex flex-wrap">
        <Button
          adds
          kind="quiet"
          onClick={() =>
            change((t) => ({ ...t, rows: [...t.rows, { name: 'another variant', note: '', chosen: false }] }))
          }
        >
          Add a variant
        </Button>
        <Button kind="quiet" onClick={onRemove}>
          Remove this trial
        </Button>
      </div>
    </Card>
  );
}

interface RowProps {
  i: number;
  row: Row;
  draft: Draft<Trial>;
  beside: TrialView['rows'][number]['beside'];
}

function TrialRow({ i, row, draft, beside }: RowProps) {
  const { change, settle, errors } = draft;
  const set = (next: Row) => change((t) => ({ ...t, rows: t.rows.map((r, j) => (j === i ? next : r)) }));
  const { hex, ...withoutHex } = row;
  return (
    <li className="rounded-card border border-line px-3 py-1.5">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <TextField
          label={`Variant ${i + 1}`}
          value={row.name}
          error={errorAt(errors, `rows[${i}].name`)}
          onChange={(name) => set({ ...row, name })}
          onSettle={settle}
          className="w-44 font-semibold"
        />
        {hex === undefined ? (
          <Button kind="quiet" aria-label={`Add colour of variant ${i + 1}`} onClick={() => set({ ...row, hex: '#' })}>
            Add colour
          </Button>
        ) : (
          <span className="inline-flex items-center">
            <ColourField
              label={`Variant ${i + 1}, colour`}
              value={hex}
              error={errorAt(errors, `rows[${i}].hex`)}
              onChange={(next) => set({ ...row, hex: next })}
              onSettle={settle}
            />
            <Button kind="quiet" aria-label={`Variant ${i + 1}, remove its colour`} onClick={() => set(withoutHex)}>
              ✕
            </Button>
          </span>
        )}
        <Switch
          label="chosen"
          on={row.chosen}
          onChange={(chosen) =>
            change((t) => ({
              ...t,
              rows: t.rows.map((r, j) => ({ ...r, chosen: j === i ? chosen : chosen ? false : r.chosen })),
            }))
          }
        />
        <Button
          kind="quiet"
          aria-label={`Remove variant ${i + 1}`}
          className="ml-auto"
          onClick={() => change((t) => ({ ...t, rows: t.rows.filter((_, j) => j !== i) }))}
        >
          ✕
        </Button>
      </div>
      <TextField
        label={`Variant ${i + 1}, note`}
        value={row.note}
        error={errorAt(errors, `rows[${i}].note`)}
        onChange={(note) => set({ ...row, note })}
        onSettle={settle}
        className="w-96 max-w-full"
      />
      {beside && beside.difference > 0 && (
        <p className="text-note text-soft">
          difference {plain(Math.round(beside.difference * 10) / 10)} from the chosen variant: {beside.differs}
        </p>
      )}
    </li>
  );
}
