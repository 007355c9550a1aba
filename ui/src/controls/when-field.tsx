import { useId, useState } from 'react';
import type { InputError } from '../server/client';
import { useBench } from '../server/use-bench';
import { fullDayName, parseDay, parseTime, timeName } from '../words/days';
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

const complaints = {
  date: 'is not a day. Type a day such as 8 Dec 2026.',
  time: 'is not a time of day. Type a time such as 17:30.',
};

/**
 * A day or a time of day edited in place, written as on every page. What is typed and cannot be understood stays, and
 * changes nothing; Escape brings back what there was.
 */
export function WhenField({ label, type, value, onChange, onSettle, error, className = '' }: Props) {
  const id = useId();
  const { now } = useBench().bench;
  const [typed, setTyped] = useState<string | null>(null);
  const [began, setBegan] = useState(value);
  const [inside, setInside] = useState(false);
  const shown = type === 'date' ? fullDayName(value) : timeName(value);
  const parse = (text: string) => (type === 'date' ? parseDay(text, now) : parseTime(text));
  const broken = typed !== null && !inside && parse(typed) === null ? `“${typed}” ${complaints[type]}` : null;
  const complaint = broken ?? complaintOf(error);
  return (
    <Hint id={id} text={complaint} tone="error">
      <input
        type="text"
        inputMode={type === 'time' ? 'numeric' : 'text'}
        autoComplete="off"
        aria-label={label}
        aria-invalid={Boolean(complaint)}
        aria-describedby={complaint ? id : undefined}
        className={`field ${type === 'date' ? 'w-36' : 'w-20'} ${className}`}
        value={typed ?? shown}
        onFocus={() => {
          setInside(true);
          if (typed === null) setBegan(value);
        }}
        onChange={(event) => {
          setTyped(event.target.value);
          const parsed = parse(event.target.value);
          if (parsed !== null && parsed !== value) onChange(parsed);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (typed === null || parse(typed) !== null)) onSettle();
          if (event.key !== 'Escape') return;
          setTyped(null);
          if (value !== began) onChange(began);
        }}
        onBlur={() => {
          setInside(false);
          if (typed !== null && parse(typed) === null) return;
          setTyped(null);
          onSettle();
        }}
      />
    </Hint>
  );
}
