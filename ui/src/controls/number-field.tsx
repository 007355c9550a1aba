import { useId, useState } from 'react';
import type { Wrong } from '../server/client';
import type { Span } from '../server/types';
import { plain } from '../words/figures';
import { complaintOf, Hint } from './hint';

interface Props {
  label: string;
  value: number;
  span: Span;
  onChange: (value: number) => void;
  onSettle: () => void;
  wrong?: Wrong | undefined;
  /** Least width in characters; it grows with what is typed. */
  chars?: number;
  /** How many of the server's units make one that is typed, such as 100 minor units. */
  per?: number;
}

function parse(text: string): number | null {
  const tidy = text.trim().replace(',', '.').replace('−', '-');
  if (!/^-?(\d+\.?\d*|\.\d+)$/.test(tidy)) return null;
  return Number(tidy);
}

/** A number edited in place. It says its range and unit when it is entered and what is wrong while it is. */
export function NumberField(props: Props) {
  const { label, value, span, onChange, onSettle, wrong, chars = 2, per = 1 } = props;
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [inside, setInside] = useState(false);
  const garbled = typed !== null && parse(typed) === null;
  const shown = per > 1 ? (value / per).toFixed(Math.round(Math.log10(per))) : plain(value);
  const range = `${plain(span.low / per)} to ${plain(span.high / per)}${span.unit ? ` ${span.unit}` : ''}${span.whole && per === 1 ? ', whole' : ''}`;
  const complaint = garbled ? `Found “${typed}”, allowed is a number, ${range}.` : complaintOf(wrong);

  const step = (input: HTMLInputElement, by: number) => {
    const next = Math.round((value / per + by) * 1000) / 1000;
    // Written at once, while nothing else of the page has changed: later it would lay out all of it for the caret's sake.
    input.value = plain(next);
    setTyped(plain(next));
    onChange(next * per);
  };

  return (
    <Hint id={`${id}-hint`} text={complaint ?? (inside ? range : null)} tone={complaint ? 'wrong' : 'range'}>
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
          event.target.select();
        }}
        onChange={(event) => {
          setTyped(event.target.value);
          const parsed = parse(event.target.value);
          if (parsed !== null) onChange(per === 1 ? parsed : Math.round(parsed * per));
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onSettle();
          if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            event.preventDefault();
            step(event.currentTarget, (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
          }
        }}
        onBlur={() => {
          setInside(false);
          setTyped(null);
          onSettle();
        }}
      />
    </Hint>
  );
}
