import { NumberField } from '../../controls/number-field';

interface Props {
  label: string;
  value: number;
  low: number;
  high: number;
  onChange: (value: number) => void;
}

/** A whole number of things of a load. */
export function HowMany({ label, value, low, high, onChange }: Props) {
  return (
    <NumberField
      label={label}
      value={value}
      span={{ field: 'count', label: 'how many', low, high, unit: '', whole: true }}
      chars={4}
      onChange={onChange}
      onSettle={() => undefined}
    />
  );
}
