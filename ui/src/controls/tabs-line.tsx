import { memo } from 'react';
import { NavLink } from 'react-router';

interface Props {
  label: string;
  base: string;
  tabs: { path: string; label: string }[];
}

/** The parts of a place, side by side, each with its own address. */
export const TabsLine = memo(function TabsLine({ label, base, tabs }: Props) {
  return (
    <nav aria-label={label} className="-mt-2 flex shrink-0 flex-wrap gap-1 border-b border-line">
      {tabs.map((t) => (
        <NavLink
          key={t.path}
          end
          to={`${base}${t.path && `/${t.path}`}`}
          className="-mb-px border-b-2 border-transparent px-3 py-1 text-soft aria-[current=page]:border-verdigris aria-[current=page]:font-semibold aria-[current=page]:text-ink"
        >
          {t.label}
        </NavLink>
      ))}
    </nav>
  );
});
