import type { ComponentProps, ReactNode } from 'react';
import { focusWhatIsAdded } from './focus-added';
import { keyName, useShortcuts } from './shortcuts';

interface Props extends ComponentProps<'button'> {
  kind?: 'plain' | 'main' | 'heat' | 'quiet';
  /** A key that does the same, where it never changes. */
  keyCap?: string;
  /** What a single key does that does the same. */
  act?: string;
  /** It adds something with fields: the focus moves to the first of them. */
  adds?: boolean;
  children: ReactNode;
}

const kinds = {
  plain: 'border border-line bg-paper hover:border-verdigris',
  main: 'border border-verdigris bg-verdigris text-paper hover:bg-verdigris-deep',
  heat: 'border border-ember-deep bg-ember-deep text-paper hover:bg-ember',
  quiet: 'border border-transparent hover:bg-verdigris-tint',
};

/** A button, with the key that does the same. */
export function Button({
  kind = 'plain',
  keyCap,
  act,
  adds = false,
  className = '',
  children,
  onClick,
  ...rest
}: Props) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-9 items-center gap-2 rounded-small px-3 font-semibold whitespace-nowrap disabled:opacity-50 ${kinds[kind]} ${className}`}
      onClick={(event) => {
        if (adds) focusWhatIsAdded(event.currentTarget);
        onClick?.(event);
      }}
      {...rest}
    >
      {children}
      {keyCap && <KeyCap>{keyCap}</KeyCap>}
      {act && <ActKey act={act} />}
    </button>
  );
}

function ActKey({ act }: { act: string }) {
  return <KeyCap>{keyName(useShortcuts().keyFor(act))}</KeyCap>;
}

export function KeyCap({ children }: { children: ReactNode }) {
  return (
    <kbd className="inline-block min-w-5 rounded-small border border-current px-1 text-center figure text-note leading-5 opacity-80 max-lg:hidden">
      {children}
    </kbd>
  );
}
