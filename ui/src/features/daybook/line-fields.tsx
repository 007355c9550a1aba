import { Suspense, useState } from 'react';
import { Button } from '../../controls/button';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { RefusedNote } from '../../controls/problem-note';
import { TextField } from '../../controls/text-field';
import { WhenField } from '../../controls/when-field';
import type { DaybookLine, DaybookLineView } from '../../server/types';
import { useDraft, type Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useDesigns, useSettings } from '../../server/use-studio';
import { clock, dateOf, dayName, isoDay, isoTime } from '../../words/days';
import { LinePhoto } from './line-photo';
import { lineWords } from './line-words';
import { useDaybookActs, useEarlier } from './use-daybook';
import { u } from '../../words/figures';

/** A line edited in place. */
export function LineFields({ view }: { view: DaybookLineView }) {
  const draft = useDraft<DaybookLine>(`/api/daybook/${view.id}`, 'line of the daybook', {
    edition: view.edition,
    form: view.line,
  });
  const { remove, check } = useDaybookActs();
  const limits = useLimits();
  const { makers = 1 } = useSettings().settings;
  const designs = useDesigns();
  const { form } = draft;
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-t border-line bg-tile px-3 py-2 text-note text-soft">
      <When draft={draft} field="at" label="day" type="date" />
      <When draft={draft} field="at" label="from" type="time" />
      {form.until && <When draft={draft} field="until" label="to" type="time" />}
      {(form.kind === 'TIME' || form.kind === 'LOSS') && (
        <label className="inline-flex items-baseline gap-1">
          {form.kind === 'LOSS' ? 'lost' : 'pieces'}
          <Amount draft={draft} field="pieces" label="pieces" />
        </label>
      )}
      {form.kind === 'WEIGHING' && (
        <>
          <label className="inline-flex items-baseline gap-1">
            used <Amount draft={draft} field="usedG" label="grams used" /> {u.g}
          </label>
          <label className="inline-flex items-baseline gap-1">
            in pieces <Amount draft={draft} field="netG" label="grams in pieces" /> {u.g}
          </label>
        </>
      )}
      {form.kind === 'LOSS' && (
        <Choice
          label="Why"
          value={form.reason ?? 'OTHER'}
          options={choicesOf(limits, 'lossReason')}
          onChange={(reason) =>
            draft.change((line) => ({ ...line, reason: reason as NonNullable<DaybookLine['reason']> }))
          }
        />
      )}
      {(form.kind === 'TIME' || form.kind === 'REWORK') && (
        <Check
          label="rework, apart from the step"
          on={form.kind === 'REWORK'}
          onChange={(on) => draft.change((line) => ({ ...line, kind: on ? 'REWORK' : 'TIME' }))}
        />
      )}
      {form.kind === 'LESSON' && (
        <Choice
          label="About"
          value={form.designId === undefined ? NOTHING : String(form.designId)}
          options={[
            { value: NOTHING, label: 'no design' },
            ...designs.map((d) => ({ value: String(d.id), label: d.design.name })),
          ]}
          onChange={(id) => draft.change((line) => about(line, id))}
        />
      )}
      {makers > 1 && (
        <label className="inline-flex items-baseline gap-1">
          maker <Amount draft={draft} field="maker" label="maker" />
        </label>
      )}
      <label className="flex basis-full items-baseline gap-1">
        words
        <TextField
          label="Words"
          value={form.words ?? ''}
          error={errorAt(draft.errors, 'words')}
          onChange={(words) => draft.change((line) => ({ ...line, words }))}
          onSettle={draft.settle}
          className="w-full min-w-56 text-ink"
        />
      </label>
      {form.designId !== undefined && form.words && (form.kind === 'LOSS' || form.kind === 'LESSON') && (
        <Button
          kind="quiet"
          disabled={check.isSuccess}
          onClick={() => check.mutate({ id: view.id, edition: view.edition, words: (form.words ?? '').slice(0, MOST) })}
        >
          {check.isSuccess ? 'now a check of the design' : 'Make this a check of the design'}
        </Button>
      )}
      <LinePhoto draft={draft} />
      <Button kind="quiet" className="ml-auto" onClick={() => remove.mutate({ id: view.id, edition: view.edition })}>
        Remove this line
      </Button>
      <RefusedNote error={check.error} />
      {view.edition > 1 && <Earlier view={view} />}
    </div>
  );
}

const NOTHING = 'none';

/** The same lesson about a design, or about none. */
function about(line: DaybookLine, id: string): DaybookLine {
  if (id !== NOTHING) return { ...line, designId: Number(id) };
  const others = { ...line };
  delete others.designId;
  return others;
}

/** Letters of a line of checks. */
const MOST = 60;

interface FieldProps<F extends string> {
  draft: Draft<DaybookLine>;
  field: F;
  label: string;
}

function When({ draft, field, label, type }: FieldProps<'at' | 'until'> & { type: 'date' | 'time' }) {
  const value = draft.form[field] ?? draft.form.at;
  const set = (text: string) =>
    draft.change((line) => {
      const day = type === 'date' ? text : isoDay(value);
      const time = type === 'time' ? text : isoTime(value);
      const at = dateOf(`${day}T${time}:00`).toISOString();
      return type === 'date' && line.until
        ? { ...line, at, until: dateOf(`${day}T${isoTime(line.until)}:00`).toISOString() }
        : { ...line, [field]: at };
    });
  return (
    <label className="inline-flex items-baseline gap-1">
      {label}
      <WhenField
        label={label}
        type={type}
        value={type === 'date' ? isoDay(value) : isoTime(value)}
        error={errorAt(draft.errors, field)}
        onChange={set}
        onSettle={draft.settle}
        className="text-ink"
      />
    </label>
  );
}

function Amount({ draft, field, label }: FieldProps<'pieces' | 'usedG' | 'netG' | 'maker'>) {
  return (
    <NumberField
      label={label}
      value={draft.form[field] ?? 0}
      span={spanOf(useLimits(), 'daybook', field)}
      chars={4}
      error={errorAt(draft.errors, field)}
      onChange={(value) => draft.change((line) => ({ ...line, [field]: value }))}
      onSettle={draft.settle}
    />
  );
}

/** What the line said before each of its changes. */
function Earlier({ view }: { view: DaybookLineView }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="basis-full">
      <button type="button" aria-expanded={open} className="underline" onClick={() => setOpen(!open)}>
        What it said before
      </button>
      {open && (
        <Suspense fallback={<p>Loading …</p>}>
          <EarlierLines view={view} />
        </Suspense>
      )}
    </div>
  );
}

function EarlierLines({ view }: { view: DaybookLineView }) {
  const reasons = choicesOf(useLimits(), 'lossReason');
  return (
    <ul>
      {useEarlier(view.id).map(({ changedAt, line }) => (
        <li key={changedAt}>
          until {dayName(isoDay(changedAt))} {clock(changedAt)}:{' '}
          {lineWords({ ...view, line }, reasons.find((r) => r.value === line.reason)?.label ?? '').said}
        </li>
      ))}
    </ul>
  );
}
