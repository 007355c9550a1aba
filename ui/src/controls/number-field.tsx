import { useId, useRef, useState } from 'react';
import type { InputError } from '../server/client';
import type { Span } from '../server/types';
import { plain } from '../words/figures';
import { marked, measureOf, type Measure } from '../words/units';
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
  const measure = per > 1 ? null : measureOf(unit, span.field);
  const unitWords = measure?.unit ?? span.unit;
  const shown = per > 1 ? marked((value / per).toFixed(Math.round(Math.log10(per)))) : written(value, unit, measure);
  // What the field wrote itself, after an arrow key, is never unclear.
  const understood = typed === null || typed === shown ? null : understand(typed, unit, measure);
  const ends = [span.low, span.high].map((end) => written(end / per, unit, measure));
  // Of gauges the thinnest wire has the highest.
  if (measure && measure.shown(span.low) > measure.shown(span.high)) ends.reverse();
  const range = `${ends.join(' to ')}${unitWords ? ` ${unitWords}` : ''}${span.whole && per === 1 ? ' (a whole number)' : ''}`;
  const garbled = understood?.value === null;
  const complaint = garbled ? `${understood.complaint ?? ''} Type a number from ${range}.` : complaintOf(error);

  const step = (input: HTMLInputElement, by: number) => {
    const at = (measure ? measure.shown(value) : value / per) + by * (measure?.step ?? 1);
    const next = Math.round(at * 100_000) / 100_000;
    const words = measure?.write?.(next) ?? plain(next);
    // Written at once, while nothing else of the page has changed: later it would lay out all of it for the caret's sake.
    input.value = words;
    setTyped(words);
    onChange(measure ? Math.round(measure.kept(next) * 1e6) / 1e6 : next * per);
  };

  return (
    <Hint id={`${id}-hint`} text={complaint ?? (inside ? range : null)} tone={complaint ? 'error' : 'range'}>
      <input
        id={id}
        type="text"
        inputMode="decimal"
        autoComplete="off"
        aria-label={`${label}${unitWords ? `, ${unitWords}` : ''}`}
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
          const { value: parsed } = understand(event.target.value, unit, measure);
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

/** A value as it stands in its field. */
function written(value: number, unit: string, measure: Measure | null): string {
  if (!measure) return plain(value);
  const shown = measure.shown(value);
  return measure.write?.(shown) ?? plain(measure.unit === unit ? shown : Math.round(shown * 1000) / 1000);
}
