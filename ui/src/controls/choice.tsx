import { Select } from 'radix-ui';
import type { ReactNode } from 'react';

export interface Option {
  value: string;
  label: string;
  mark?: ReactNode;
}

interface Props {
  label: string;
  value: string;
  options: Option[];
  onChange: (value: string) => void;
  placeholder?: string;
  className?: string;
}

/** One of several, chosen in place. */
export function Choice({ label, value, options, onChange, placeholder = 'Choose', className = '' }: Props) {
  return (
    <Select.Root value={value} onValueChange={onChange}>
      <Select.Trigger
        aria-label={label}
        className={`inline-flex max-w-full items-center gap-1.5 field text-left ${className}`}
      >
        <span className="inline-flex min-w-0 items-center gap-1.5 truncate">
          <Select.Value placeholder={placeholder} />
        </span>
        <Select.Icon className="text-note text-soft">▾</Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-50 max-h-80 overflow-hidden rounded-card border border-line bg-paper shadow-float"
        >
          <Select.Viewport className="p-1">
            {options.map((option) => (
              <Select.Item
                key={option.value}
                value={option.value}
                className="flex min-h-9 cursor-pointer items-center gap-2 rounded-small px-3 outline-none data-[highlighted]:bg-verdigris-tint data-[state=checked]:font-semibold"
              >
                <Select.ItemText>
                  <span className="inline-flex items-center gap-1.5">
                    {option.mark}
                    {option.label}
                  </span>
                </Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
