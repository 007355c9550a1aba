import type { InputError } from '../server/client';
import type { Span } from '../server/types';
import { NumberField } from './number-field';
import { unitOf } from '../words/figures';

interface Props {
  /** What it belongs to, for those who do not see it. */
  of: string;
  /** The words before the field. */
  words: string;
  value: number;
  span: Span;
  error?: InputError | undefined;
  chars?: number;
  onChange: (value: number) => void;
  onSettle: () => void;
}

/** A number in a line of text: its words, the field, its unit. */
export function InlineNumber({ of, words, value, span, error, chars = 3, onChange, onSettle }: Props) {
  return (
    <label className="inline-flex items-baseline gap-1 text-note whitespace-nowrap text-soft">
      {words}
      <NumberField
        label={`${of}, ${words}`}
        value={value}
        span={span}
        chars={chars}
        error={error}
        onChange={onChange}
        onSettle={onSettle}
      />
      {unitOf(span.unit, span.field)}
    </label>
  );
}
