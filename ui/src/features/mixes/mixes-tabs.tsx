import { PlaceTabs } from '../../controls/place-tabs';

const tabs = [
  { path: 'mixes', label: 'Recipes', to: '/mixes' },
  { path: 'find', label: 'Find a colour', to: '/mixes/find' },
  { path: 'tiles', label: 'Tiles', to: '/mixes/tiles' },
  { path: 'leftovers', label: 'Leftovers', to: '/mixes/leftovers' },
  { path: 'trials', label: 'Trials', to: '/mixes/trials' },
  { path: 'sheets', label: 'Sheets, canes, cords', to: '/mixes/sheets' },
];

export function MixesTabs({ chosen = 'mixes' }: { chosen?: string }) {
  return <PlaceTabs label="Mixes" chosen={chosen} tabs={tabs} />;
}
