import { useId, useRef, useState } from 'react';
import type { InputError } from '../server/client';
import type { Span } from '../server/types';
import { plain } from '../words/figures';
import { understand } from '../words/numbers';
import { complaintOf, Hint } from './hint';

interface Props {
  label: string;
  value: number;
  span: Span;
  onChange: (value: number) => void;
  onSettle: () => void;
  error?: InputError | undefined;
  /** Least width in characters; it grows with what is typed. */
  chars?: number;
  /** How many of the server's units make one that is typed, such as 100 minor units. */
  per?: number;
}

/**
 * A number edited in place. It says its range and unit when it is entered and what is wrong while it is. What it cannot
 * understand stays as it was typed, and Escape brings back what there was when the field was entered.
 */
export function NumberField(props: Props) {
  const { label, value, span, onChange, onSettle, error, chars = 2, per = 1 } = props;
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [inside, setInside] = useState(false);
  const began = useRef(value);
  const unit = per > 1 ? '' : span.unit;
  const understood = typed === null ? null : understand(typed, unit);
  const shown = per > 1 ? (value / per).toFixed(Math.round(Math.log10(per))) : plain(value);
  const range = `${plain(span.low / per)} to ${plain(span.high / per)}${span.unit ? ` ${span.unit}` : ''}${span.whole && per === 1 ? ' (a whole number)' : ''}`;
  const garbled = understood !== null && understood.value === null;
  const complaint = garbled ? `${understood.complaint ?? ''} Type a number from ${range}.` : complaintOf(error);

  const step = (input: HTMLInputElement, by: number) => {
    const next = Math.round((value / per + by) * 1000) / 1000;
    // Written at once, while nothing else of the page has changed: later it would lay out all of it for the caret's sake.
    input.value = plain(next);
    setTyped(plain(next));
    onChange(next * per);
  };

  return (
    <Hint id={`${id}-hint`} text={complaint ?? (inside ? range : null)} tone={complaint ? 'error' : 'range'}>
      <input
        id={id}
        type="text"
        inputMode="decimal"
        autoComplete="off"
        aria-label={`${label}${span.unit ? `, ${span.unit}` : ''}`}
        aria-invalid={Boolean(complaint)}
        aria-describedby={`${id}-hint`}
        className="field text-right figure text-figure"
        style={{ width: `${Math.max(chars, (typed ?? shown).length) + 0.7}ch` }}
        value={typed ?? shown}
        onFocus={(event) => {
          setInside(true);
          if (!garbled) began.current = value;
          event.target.select();
        }}
        onChange={(event) => {
          setTyped(event.target.value);
          const { value: parsed } = understand(event.target.value, unit);
          if (parsed !== null) onChange(per === 1 ? parsed : Math.round(parsed * per));
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !garbled) onSettle();
          if (event.key === 'Escape' && (typed !== null || value !== began.current)) {
            event.stopPropagation();
            setTyped(null);
            if (value !== began.current) onChange(began.current);
          }
          if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            event.preventDefault();
            step(event.currentTarget, (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
          }
        }}
        onBlur={() => {
          setInside(false);
          if (garbled) return;
          setTyped(null);
          onSettle();
        }}
      />
    </Hint>
  );
}
