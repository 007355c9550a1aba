import { useEffect, useId, useRef, useState } from 'react';
import type { InputError } from '../server/client';
import { complaintOf, Hint } from './hint';

interface Props {
  label: string;
  type: 'date' | 'time';
  value: string;
  onChange: (value: string) => void;
  onSettle: () => void;
  error?: InputError | undefined;
  className?: string;
}

/** A day or a time of day edited in place. Until it is whole nothing is changed; Escape brings back what there was. */
export function WhenField({ label, type, value, onChange, onSettle, error, className = '' }: Props) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const began = useRef(value);
  const [partial, setPartial] = useState(false);
  const [inside, setInside] = useState(false);
  const half =
    partial && !inside
      ? `This ${type} is incomplete. Fill in all of it, or press Escape to restore the old one.`
      : null;
  const complaint = half ?? complaintOf(error);
  // The browser keeps what is half typed to itself, so the field is only written to while nobody types in it.
  useEffect(() => {
    if (input.current && !inside && !partial) input.current.value = value;
  }, [value, inside, partial]);
  return (
    <Hint id={id} text={complaint} tone="error">
      <input
        ref={input}
        type={type}
        aria-label={label}
        aria-invalid={Boolean(complaint)}
        aria-describedby={complaint ? id : undefined}
        className={`field ${className}`}
        defaultValue={value}
        onFocus={() => {
          setInside(true);
          if (!partial) began.current = value;
        }}
        onChange={(event) => {
          setPartial(event.target.value === '');
          if (event.target.value !== '') onChange(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !partial) onSettle();
          if (event.key !== 'Escape') return;
          event.currentTarget.value = began.current;
          setPartial(false);
          if (value !== began.current) onChange(began.current);
        }}
        onBlur={() => {
          setInside(false);
          if (!partial) onSettle();
        }}
      />
    </Hint>
  );
}
