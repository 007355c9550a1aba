import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { NumberField } from '../../controls/number-field';
import { TextField } from '../../controls/text-field';
import { DraftText } from '../../controls/draft-text';
import type { Machine } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMachineActs, useMachines } from './use-machines';
import { u } from '../../words/figures';

/** A common machine to begin with: every figure of it is to be measured on the maker's own. */
const first: Machine = {
  name: 'Roller machine',
  rollerMm: 180,
  settings: [3, 2.4, 1.9, 1.5, 1.2, 0.9, 0.6].map((thickMm, i) => ({ name: String(i + 1), thickMm })),
};

/** The studio's roller machines, each with its table of settings. */
export function Machines() {
  const machines = useMachines();
  const { add } = useMachineActs();
  return (
    <>
      {machines.map((m) => (
        <MachineCard key={m.id} saved={m} />
      ))}
      <div>
        <Button adds onClick={() => add.mutate(first)}>
          Add a roller machine
        </Button>
        <p className="pt-1 text-note text-soft">
          Machine settings are names, not millimetres, and differ between machines. Roll ten squares at each setting,
          stack them, measure the stack and divide by ten.
        </p>
      </div>
    </>
  );
}

function MachineCard({ saved }: { saved: ReturnType<typeof useMachines>[number] }) {
  const limits = useLimits();
  const { remove } = useMachineActs();
  const draft = useDraft<Machine>(`/api/machines/${saved.id}`, saved.machine.name, {
    edition: saved.edition,
    form: saved.machine,
  });
  const { form, change, settle, errors } = draft;
  const set = (i: number, next: Partial<Machine['settings'][number]>) =>
    change((m) => ({ ...m, settings: m.settings.map((s, j) => (j === i ? { ...s, ...next } : s)) }));
  const general = errorAt(errors, 'settings');
  return (
    <Card title={form.name}>
      <FieldLine label="name">
        <DraftText draft={draft} field="name" label="Name of the machine" className="w-44 text-right" />
      </FieldLine>
      <FieldLine label="width of the rollers" unit={u.mm}>
        <NumberField
          label={`${form.name}, rollers`}
          value={form.rollerMm}
          span={spanOf(limits, 'machine', 'rollerMm')}
          chars={5}
          error={errorAt(errors, 'rollerMm')}
          onChange={(rollerMm) => change((m) => ({ ...m, rollerMm }))}
          onSettle={settle}
        />
      </FieldLine>
      <ul className="grid grid-cols-2 gap-x-4 max-sm:grid-cols-1">
        {form.settings.map((setting, i) => (
          <li key={i} className="flex items-baseline justify-between gap-1 border-b border-line">
            <TextField
              label={`Setting ${i + 1}`}
              value={setting.name}
              error={errorAt(errors, `settings[${i}].name`)}
              onChange={(name) => set(i, { name })}
              onSettle={settle}
              className="w-12"
            />
            <span className="inline-flex items-baseline gap-1">
              <NumberField
                label={`Setting ${i + 1}, sheet`}
                value={setting.thickMm}
                span={spanOf(limits, 'machine', 'thickMm')}
                chars={4}
                error={errorAt(errors, `settings[${i}].thickMm`)}
                onChange={(thickMm) => set(i, { thickMm })}
                onSettle={settle}
              />
              <span className="text-note text-soft">{u.mm}</span>
              <Button
                kind="quiet"
                aria-label={`Remove setting ${i + 1}`}
                onClick={() => change((m) => ({ ...m, settings: m.settings.filter((_, j) => j !== i) }))}
              >
                ✕
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {general && <p className="text-madder">{general.fix}</p>}
      <div className="flex flex-wrap">
        <Button
          adds
          kind="quiet"
          onClick={() =>
            change((m) => ({
              ...m,
              settings: [...m.settings, { name: String(m.settings.length + 1), thickMm: 0.5 }],
            }))
          }
        >
          Add a setting
        </Button>
        <Button kind="quiet" onClick={() => remove.mutate(saved)}>
          Remove this machine
        </Button>
      </div>
    </Card>
  );
}
