import { Link } from 'react-router';

interface Props {
  label: string;
  chosen: string;
  tabs: { path: string; label: string; to: string }[];
}

/** The rooms of a place, beside its title. */
export function PlaceTabs({ label, chosen, tabs }: Props) {
  return (
    <nav aria-label={label} className="flex flex-wrap gap-1">
      {tabs.map((t) => (
        <Link
          key={t.path}
          to={t.to}
          aria-current={t.path === chosen ? 'page' : undefined}
          className="border-b-2 border-transparent px-3 py-1.5 text-soft aria-[current=page]:border-verdigris aria-[current=page]:font-semibold aria-[current=page]:text-ink"
        >
          {t.label}
        </Link>
      ))}
    </nav>
  );
}
