import { useId } from 'react';
import type { Wrong } from '../server/client';

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  onSettle: () => void;
  wrong?: Wrong | undefined;
  type?: 'text' | 'date' | 'time';
  className?: string;
  /** Whether it is as wide as its words. */
  fit?: boolean;
}

/** A text edited in place. */
export function TextField(props: Props) {
  const { label, value, onChange, onSettle, wrong, type = 'text', className = '', fit = false } = props;
  const id = useId();
  return (
    <span className="relative inline-block">
      <input
        type={type}
        autoComplete="off"
        aria-label={label}
        aria-invalid={Boolean(wrong)}
        aria-describedby={wrong ? id : undefined}
        className={`field ${className}`}
        style={fit ? { width: `${Math.max(6, value.length) * 0.82 + 1}ch` } : undefined}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onSettle();
        }}
        onBlur={onSettle}
      />
      {wrong && (
        <span
          id={id}
          role="alert"
          className="absolute top-full left-0 z-30 mt-1 w-56 rounded-small border border-madder bg-madder-tint p-2 text-note font-normal text-madder shadow-float"
        >
          {`Found ${wrong.found}, allowed is ${wrong.allowed}. ${wrong.mend}`}
        </span>
      )}
    </span>
  );
}
