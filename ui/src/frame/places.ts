/** The places, each with the letter that jumps to it. */
export const places = [
  { path: '/bench', name: 'Bench', key: 'b' },
  { path: '/pieces', name: 'Pieces', key: 'p' },
  { path: '/mixes', name: 'Mixes', key: 'm' },
  { path: '/runs', name: 'Runs', key: 'r' },
  { path: '/oven', name: 'Oven', key: 'o' },
  { path: '/worth', name: 'Worth', key: 'w' },
  { path: '/shelf', name: 'Shelf', key: 's' },
  { path: '/ways', name: 'Ways', key: 'y' },
] as const;
