import { FieldLine } from '../../controls/card';
import { NumberField } from '../../controls/number-field';
import type { InputError } from '../../server/client';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { unitOf } from '../../words/figures';

type NumberName<F> = { [K in keyof F]-?: F[K] extends number | null ? K : never }[keyof F] & string;

interface Props<F> {
  /** The group of limits the field belongs to. */
  of: string;
  /** The numbers it is one of. */
  sum: { form: F; set: (change: Partial<F>) => void; errors: InputError[] };
  field: NumberName<F>;
  /** Its words, where the limit's own are not enough. */
  label?: string | undefined;
}

const nothing = () => undefined;

/** A number of a sum that is not saved. */
export function SumField<F extends object>({ of, sum, field, label }: Props<F>) {
  const span = spanOf(useLimits(), of, field);
  return (
    <FieldLine label={label ?? span.label} unit={unitOf(span.unit)}>
      <NumberField
        label={label ?? span.label}
        value={Number(sum.form[field])}
        span={span}
        chars={5}
        error={errorAt(sum.errors, field)}
        onChange={(value) => sum.set({ [field]: value } as unknown as Partial<F>)}
        onSettle={nothing}
      />
    </FieldLine>
  );
}
