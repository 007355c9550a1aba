import { DropdownMenu } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { pagePortal } from './page-portal';

interface Props {
  /** The button that opens it. */
  trigger: ReactNode;
  items: { value: string; label: string }[];
  onChoose: (value: string) => void;
  align: 'start' | 'end';
  /** Whether the items stand in two columns, large enough for a thumb. */
  wide?: boolean;
  onOpenChange?: (open: boolean) => void;
}

/** A menu of things to do or places to go to. */
export function Menu({ trigger, items, onChoose, align, wide = false, onOpenChange }: Props) {
  // Made again when it opens: what it opens over need not be there when the button is.
  const [open, setOpen] = useState(false);
  return (
    <DropdownMenu.Root
      modal={false}
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        onOpenChange?.(next);
      }}
    >
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal container={pagePortal()}>
        <DropdownMenu.Content
          align={align}
          sideOffset={4}
          className={`z-50 rounded-card border border-line bg-paper p-1 shadow-float ${wide ? 'grid grid-cols-2' : ''}`}
        >
          {items.map(({ value, label }) => (
            <DropdownMenu.Item
              key={value}
              onSelect={() => onChoose(value)}
              className={`flex cursor-pointer items-center rounded-small px-3 outline-none data-[highlighted]:bg-verdigris data-[highlighted]:text-paper ${wide ? 'min-h-11 min-w-36' : 'min-h-9'}`}
            >
              {label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
