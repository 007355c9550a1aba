import { Button } from '../../controls/button';
import { NumberField } from '../../controls/number-field';
import type { Oven } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { u } from '../../words/figures';

type Reading = NonNullable<Oven['readings']>[number];

/** What a thermometer read at settings of the dial: every load then says where to set it. */
export function DialReadings({ oven }: { oven: Draft<Oven> }) {
  const limits = useLimits();
  const { form, change, settle, errors } = oven;
  const readings = form.readings ?? [];
  const set = (how: (all: Reading[]) => Reading[]) => change((o) => ({ ...o, readings: how(o.readings ?? []) }));
  const number = (i: number, field: keyof Reading, value: number) => (
    <NumberField
      label={`Reading ${i + 1}, ${spanOf(limits, 'dial', field).label}`}
      value={value}
      span={spanOf(limits, 'dial', field)}
      chars={4}
      error={errorAt(errors, `readings[${i}].${field}`)}
      onChange={(next) => set((all) => all.map((r, j) => (j === i ? { ...r, [field]: next } : r)))}
      onSettle={settle}
    />
  );
  const general = errorAt(errors, 'readings');
  const last = readings[readings.length - 1];
  return (
    <section aria-label="Dial and thermometer">
      <h3 className="pt-1 font-semibold">Dial and thermometer</h3>
      {readings.map((reading, i) => (
        <div key={i} className="flex items-baseline justify-end gap-2 border-b border-line text-note text-soft">
          dial {number(i, 'dialC', reading.dialC)} reads {number(i, 'readC', reading.readC)} {u.c}{' '}
          <Button
            kind="quiet"
            aria-label={`Remove reading ${i + 1}`}
            onClick={() => set((all) => all.filter((_, j) => j !== i))}
          >
            {' '}
            ✕{' '}
          </Button>
        </div>
      ))}
      {general && (
        <p role="alert" className="text-madder">
          {general.message}
        </p>
      )}
      <Button
        adds
        kind="quiet"
        onClick={() =>
          set((all) => [...all, last ? { dialC: last.dialC + 10, readC: last.readC + 10 } : { dialC: 125, readC: 125 }])
        }
      >
        Add a reading
      </Button>
    </section>
  );
}
