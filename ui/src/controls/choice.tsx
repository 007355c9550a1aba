import { Select } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { nonce } from '../server/nonce';
import { pagePortal } from './page-portal';

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

/** One of several, chosen in place. The list is made when it is opened: a ledger has many of these. */
export function Choice({ label, value, options, onChange, placeholder = 'Choose', className = '' }: Props) {
  const [open, setOpen] = useState(false);
  const chosen = options.find((option) => option.value === value);
  return (
    <Select.Root value={value} onValueChange={onChange} open={open} onOpenChange={setOpen}>
      <Select.Trigger
        aria-label={label}
        className={`inline-flex max-w-full items-center gap-1.5 field text-left ${className}`}
      >
        <span className="inline-flex min-w-0 items-center gap-1.5 truncate">
          <Select.Value placeholder={placeholder}>{chosen && <Words option={chosen} />}</Select.Value>
        </span>
        <Select.Icon className="text-note text-soft">▾</Select.Icon>
      </Select.Trigger>
      {open && (
        <Select.Portal container={pagePortal()}>
          <Select.Content
            position="popper"
            sideOffset={4}
            className="z-50 max-h-80 overflow-hidden rounded-card border border-line bg-paper shadow-float"
          >
            <Select.Viewport role="group" tabIndex={0} className="p-1" {...(nonce ? { nonce } : {})}>
              {options.map((option) => (
                <Select.Item
                  key={option.value}
                  value={option.value}
                  className="flex min-h-9 cursor-pointer items-center gap-2 rounded-small px-3 outline-none data-[highlighted]:bg-verdigris data-[highlighted]:text-paper data-[state=checked]:font-semibold"
                >
                  <Select.ItemText>
                    <Words option={option} />
                  </Select.ItemText>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      )}
    </Select.Root>
  );
}

function Words({ option }: { option: Option }) {
  return (
    <span className="inline-flex items-center gap-1.5">
      {option.mark}
      {option.label}
    </span>
  );
}
