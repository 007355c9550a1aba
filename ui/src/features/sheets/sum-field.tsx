import { FieldLine } from '../../controls/card';
import { NumberField } from '../../controls/number-field';
import type { Wrong } from '../../server/client';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';

interface Props {
  /** The group of limits the field belongs to. */
  of: string;
  field: string;
  /** Its words, where the limit's own are not enough. */
  label?: string;
  value: number;
  wrongs: Wrong[];
  onChange: (value: number) => void;
}

const nothing = () => undefined;

/** A number of a sum that is not saved. */
export function SumField({ of, field, label, value, wrongs, onChange }: Props) {
  const span = spanOf(useLimits(), of, field);
  return (
    <FieldLine label={label ?? span.label} unit={span.unit}>
      <NumberField
        label={label ?? span.label}
        value={value}
        span={span}
        chars={5}
        wrong={wrongAt(wrongs, field)}
        onChange={onChange}
        onSettle={nothing}
      />
    </FieldLine>
  );
}
