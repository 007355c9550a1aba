import type { ReactNode } from 'react';

/** What a place will do, and the one first step. */
export function Empty({ title, children, step }: { title: string; children: ReactNode; step: ReactNode }) {
  return (
    <div className="mx-auto flex max-w-lg flex-col items-start gap-4 pt-16">
      <h2 className="text-large">{title}</h2>
      <p className="text-soft">{children}</p>
      {step}
    </div>
  );
}
