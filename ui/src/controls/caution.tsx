import type { ReactNode } from 'react';

/** A short caution at the place of use. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <p className="border-l-4 border-straw-line pl-3 text-note text-soft">
      <span className="font-semibold text-straw">Take care. </span>
      {children}
    </p>
  );
}
