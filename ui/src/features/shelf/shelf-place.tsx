import { useParams } from 'react-router';
import { Place } from '../../controls/place';
import { PlaceTabs } from '../../controls/place-tabs';
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
      about={<PlaceTabs label="Shelf" chosen={tab} tabs={tabs.map((t) => ({ ...t, to: `/shelf/${t.path}` }))} />}
    >
      {tab === 'clays' && <ClaysPair />}
      {tab === 'lines' && <LinesTable />}
      {tab === 'findings' && <BoughtTable />}
      {tab === 'wire' && <CoilsTable />}
    </Place>
  );
}
