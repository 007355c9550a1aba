import { Tooltip } from 'radix-ui';
import type { ReactNode } from 'react';
import { pagePortal } from './page-portal';

interface Props {
  /** What is said; nothing is shown without it. */
  text: string | null;
  tone: 'range' | 'error';
  id: string;
  children: ReactNode;
}

const tones = {
  range: 'border-line bg-paper text-soft whitespace-nowrap',
  error: 'max-w-64 border-madder bg-madder-tint text-madder',
};

/**
 * A field and a few words that float beside it while they matter: its range, or what is wrong. What is wrong is also given to a
 * screen reader at once. What floats is only made when there is something to say: a page has hundreds of fields.
 */
export function Hint({ text, tone, id, children }: Props) {
  return (
    <span className="relative inline-block">
      {children}
      <span id={id} role={tone === 'error' && text ? 'alert' : undefined} className="sr-only">
        {text}
      </span>
      {text !== null && (
        <Tooltip.Provider>
          <Tooltip.Root open>
            <Tooltip.Trigger asChild>
              <span aria-hidden="true" className="pointer-events-none absolute inset-0" />
            </Tooltip.Trigger>
            <Tooltip.Portal container={pagePortal()}>
              <Tooltip.Content
                side="bottom"
                align="end"
                sideOffset={4}
                aria-hidden="true"
                className={`hint z-40 rounded-small border px-2 py-1 text-note shadow-float ${tones[tone]}`}
              >
                {text}
              </Tooltip.Content>
            </Tooltip.Portal>
          </Tooltip.Root>
        </Tooltip.Provider>
      )}
    </span>
  );
}

/** A wrong field as one sentence. */
export function complaintOf(error: { message: string } | undefined): string | null {
  return error ? error.message : null;
}
