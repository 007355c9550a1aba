import type { ReactNode } from 'react';

export function Card({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="mb-1 text-figure">{title}</h2>
      <div className="flex flex-col gap-1.5">{children}</div>
    </section>
  );
}

/** A field with its words at the left and its unit at the right. */
export function FieldLine({ label, unit, children }: { label: string; unit?: string; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-line pb-1">
      <span>{label}</span>
      <span className="inline-flex items-baseline gap-1">
        {children}
        {unit && <span className="min-w-10 text-note text-soft">{unit}</span>}
      </span>
    </div>
  );
}
