import type { ReactNode } from 'react';

interface Props {
  value: string;
  unit?: string;
  children: ReactNode;
  tone?: 'ink' | 'heat' | 'straw';
}

const tones = { ink: '', heat: 'text-ember-deep', straw: 'text-straw' };

/** A large figure over its words. */
export function Figure({ value, unit, children, tone = 'ink' }: Props) {
  return (
    <div className="flex min-w-0 flex-col px-4 py-2">
      <dt className="order-2 text-note text-soft">{children}</dt>
      <dd className={`order-1 figure text-large font-semibold whitespace-nowrap ${tones[tone]}`}>
        {value}
        {unit && <span className="ml-1.5 text-note font-normal text-soft">{unit}</span>}
      </dd>
    </div>
  );
}

export function FigureStrip({ children }: { children: ReactNode }) {
  return (
    <dl className="grid auto-cols-[minmax(min-content,1fr)] grid-flow-col divide-x divide-line rounded-card border border-line bg-paper max-sm:grid-flow-row max-sm:grid-cols-2 max-sm:divide-x-0">
      {children}
    </dl>
  );
}
