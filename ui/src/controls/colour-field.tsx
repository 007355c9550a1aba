import type { InputError } from '../server/client';
import { TextField } from './text-field';

interface Props {
  label: string;
  value: string;
  error?: InputError | undefined;
  onChange: (hex: string) => void;
  onSettle: () => void;
}

/** A colour, typed as its figures or picked by eye. */
export function ColourField({ label, value, error, onChange, onSettle }: Props) {
  return (
    <span className="inline-flex items-center gap-2">
      <TextField
        label={label}
        value={value}
        error={error}
        onChange={onChange}
        onSettle={onSettle}
        className="w-24 text-right figure"
      />
      <input
        type="color"
        aria-label={`${label}, by eye`}
        value={/^#[0-9a-f]{6}$/i.test(value) ? value : '#888888'}
        onChange={(event) => onChange(event.target.value)}
        onBlur={onSettle}
        className="h-8 w-10 cursor-pointer border border-line bg-paper"
      />
    </span>
  );
}
