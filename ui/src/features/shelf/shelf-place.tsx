import { useParams } from 'react-router';
import { Place } from '../../controls/place';
import { PlaceTabs } from '../../controls/place-tabs';
import { FindingsTable } from './findings-table';
import { ClaysPair } from './clays-pair';
import { CoilsTable } from './coils-table';
import { CuttersShelf } from '../cutters/cutters-shelf';
import { SuppliesTable } from './supplies-table';
import { RangesTable } from './ranges-table';
import { ShoppingList } from './shopping-list';
import { SpareBox } from './spare-box';

const tabs = [
  { path: 'clays', label: 'Clays' },
  { path: 'ranges', label: 'Clay ranges and packets' },
  { path: 'findings', label: 'Findings' },
  { path: 'wire', label: 'Wire' },
  { path: 'cutters', label: 'Cutters' },
  { path: 'supplies', label: 'Paint and supplies' },
  { path: 'spares', label: 'Spare parts' },
  { path: 'shopping', label: 'Shopping list' },
];

/** What is on the shelf: clays by range, what their packets say, findings and wire. */
export function ShelfPlace() {
  const { tab = 'clays' } = useParams();
  return (
    <Place
      title="Shelf"
      name={`Shelf, ${(tabs.find((t) => t.path === tab)?.label ?? tab).toLowerCase()}`}
      about={<PlaceTabs label="Shelf" chosen={tab} tabs={tabs.map((t) => ({ ...t, to: `/shelf/${t.path}` }))} />}
    >
      {tab === 'clays' && <ClaysPair />}
      {tab === 'ranges' && <RangesTable />}
      {tab === 'findings' && <FindingsTable />}
      {tab === 'wire' && <CoilsTable />}
      {tab === 'cutters' && <CuttersShelf />}
      {tab === 'supplies' && <SuppliesTable />}
      {tab === 'spares' && <SpareBox />}
      {tab === 'shopping' && <ShoppingList />}
    </Place>
  );
}
