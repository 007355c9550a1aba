import { PlaceTabs } from '../../controls/place-tabs';

const tabs = [
  { path: 'mixes', label: 'Recipes', to: '/mixes' },
  { path: 'find', label: 'Find a colour', to: '/mixes/find' },
  { path: 'tiles', label: 'Trial tiles', to: '/mixes/tiles' },
];

export function MixesTabs({ chosen = 'mixes' }: { chosen?: string }) {
  return <PlaceTabs label="Mixes" chosen={chosen} tabs={tabs} />;
}
