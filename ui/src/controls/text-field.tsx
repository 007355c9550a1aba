import { useId, useRef } from 'react';
import type { InputError } from '../server/client';
import { complaintOf, Hint } from './hint';

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  onSettle: () => void;
  error?: InputError | undefined;
  className?: string;
  /** An example of what may be typed, while there is nothing. */
  placeholder?: string;
  /** Whether it is as wide as its words. */
  fit?: boolean;
}

/** A text edited in place. */
export function TextField(props: Props) {
  const { label, value, onChange, onSettle, error, className = '', placeholder, fit = false } = props;
  const id = useId();
  const complaint = complaintOf(error);
  const began = useRef(value);
  return (
    <Hint id={id} text={complaint} tone="error">
      <input
        type="text"
        autoComplete="off"
        placeholder={placeholder}
        aria-label={label}
        aria-invalid={Boolean(error)}
        aria-describedby={error ? id : undefined}
        className={`field ${className}`}
        style={fit ? { width: `${Math.max(6, value.length) * 0.82 + 1}ch` } : undefined}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        onFocus={() => {
          began.current = value;
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onSettle();
          if (event.key === 'Escape' && value !== began.current) onChange(began.current);
        }}
        onBlur={onSettle}
      />
    </Hint>
  );
}
