import { Link, useParams } from 'react-router';
import { Place } from '../../controls/place';
import { BoughtTable } from './bought-table';
import { ClaysPair } from './clays-pair';
import { CoilsTable } from './coils-table';
import { LinesTable } from './lines-table';

const tabs = [
  { path: 'clays', label: 'Clays' },
  { path: 'lines', label: 'Lines and packets' },
  { path: 'findings', label: 'Findings' },
  { path: 'wire', label: 'Wire' },
];

/** What is on the shelf: clays by line, what their packets say, findings and wire. */
export function ShelfPlace() {
  const { tab = 'clays' } = useParams();
  return (
    <Place
      title="Shelf"
      about={
        <nav aria-label="Shelf" className="flex gap-1">
          {tabs.map((t) => (
            <Link
              key={t.path}
              to={`/shelf/${t.path}`}
              aria-current={t.path === tab ? 'page' : undefined}
              className="border-b-2 border-transparent px-3 py-1.5 text-soft aria-[current=page]:border-verdigris aria-[current=page]:font-semibold aria-[current=page]:text-ink"
            >
              {t.label}
            </Link>
          ))}
        </nav>
      }
    >
      {tab === 'clays' && <ClaysPair />}
      {tab === 'lines' && <LinesTable />}
      {tab === 'findings' && <BoughtTable />}
      {tab === 'wire' && <CoilsTable />}
    </Place>
  );
}
