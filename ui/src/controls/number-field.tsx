import { useId, useState } from 'react';
import type { Wrong } from '../server/client';
import type { Span } from '../server/types';
import { plain } from '../words/figures';

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
  className?: string;
  showUnit?: boolean;
}

function parse(text: string): number | null {
  const tidy = text.trim().replace(',', '.').replace('−', '-');
  if (!/^-?(\d+\.?\d*|\.\d+)$/.test(tidy)) return null;
  return Number(tidy);
}

/** A number edited in place. It says its range and unit when it is entered and what is wrong while it is. */
export function NumberField(props: Props) {
  const { label, value, span, onChange, onSettle, wrong, chars = 2, per = 1, className = '', showUnit = false } = props;
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [inside, setInside] = useState(false);
  const garbled = typed !== null && parse(typed) === null;
  const shown = per > 1 ? (value / per).toFixed(Math.round(Math.log10(per))) : plain(value);
  const range = `${plain(span.low / per)} to ${plain(span.high / per)}${span.unit ? ` ${span.unit}` : ''}${span.whole && per === 1 ? ', whole' : ''}`;
  const complaint = garbled
    ? `Found “${typed}”, allowed is a number, ${range}.`
    : wrong && `Found ${wrong.found}, allowed is ${wrong.allowed}. ${wrong.mend}`;

  const step = (by: number) => {
    const next = Math.round((value / per + by) * 1000) / 1000;
    setTyped(plain(next));
    onChange(next * per);
  };

  return (
    <span className={`relative inline-block ${className}`}>
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
            step((event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
          }
        }}
        onBlur={() => {
          setInside(false);
          setTyped(null);
          onSettle();
        }}
      />
      {showUnit && span.unit && <span className="ml-1 text-note text-soft">{span.unit}</span>}
      <span
        id={`${id}-hint`}
        role={complaint ? 'alert' : undefined}
        className={
          complaint
            ? 'absolute top-full left-0 z-30 mt-1 w-56 rounded-small border border-madder bg-madder-tint p-2 text-left text-note text-madder shadow-float'
            : inside
              ? 'absolute top-full right-0 z-30 mt-1 rounded-small border border-line bg-paper px-2 py-0.5 text-note whitespace-nowrap text-soft shadow-float'
              : 'sr-only'
        }
      >
        {complaint ?? range}
      </span>
    </span>
  );
}
