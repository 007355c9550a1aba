import { useEffect, useRef, type ReactNode } from 'react';

interface Props {
  title: ReactNode;
  /** The title in plain words, where it is more than a text. */
  name?: string;
  about?: ReactNode;
  actions?: ReactNode;
  children: ReactNode;
}

/** A place: its title line, and below it what it holds. */
export function Place({ title, name, about, actions, children }: Props) {
  const words = name ?? (typeof title === 'string' ? title : '');
  useEffect(() => {
    document.title = words ? `${words} – Fair Ember` : 'Fair Ember';
  }, [words]);
  return (
    <div className="flex h-full min-h-0 flex-col gap-2.5 px-5 pt-2.5 pb-3 max-sm:px-3">
      <header className="flex min-h-10 shrink-0 flex-wrap items-center gap-x-4 gap-y-2">
        <h1 tabIndex={-1} className="text-title outline-none">
          {title}
        </h1>
        {about && <div className="text-soft">{about}</div>}
        {actions && <div className="ml-auto flex flex-wrap gap-2">{actions}</div>}
      </header>
      {children}
    </div>
  );
}

/**
 * The pair: the ledger at the left, the drawing it makes at the right. Both scroll as one page; on a wide screen the drawing
 * stays in sight while a long ledger passes by it.
 */
export function Pair({ ledger, drawing }: { ledger: ReactNode; drawing: ReactNode }) {
  const page = useRef<HTMLDivElement>(null);
  const beside = useRef<HTMLElement>(null);
  useEffect(() => {
    const view = page.current;
    const column = beside.current;
    if (!view || !column) return;
    // A column that is taller than the view goes on until its end is in sight, and stays there.
    const place = () => {
      column.style.top = `${Math.min(0, view.clientHeight - column.offsetHeight)}px`;
    };
    const watch = new ResizeObserver(place);
    watch.observe(view);
    watch.observe(column);
    return () => {
      watch.disconnect();
    };
  }, []);
  return (
    <div
      ref={page}
      className="@container-[size] min-h-0 flex-1 keeps-bar overflow-y-auto"
      tabIndex={0}
      role="group"
      aria-label="Ledger and drawing"
    >
      <div className="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
        <section aria-label="Ledger" className="flex flex-col gap-3">
          {ledger}
        </section>
        <section
          ref={beside}
          aria-label="Drawing"
          className="flex flex-col gap-3 self-start lg:sticky lg:min-h-[100cqh]"
        >
          {drawing}
        </section>
      </div>
    </div>
  );
}
