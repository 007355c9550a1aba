/** The places, each with the letter that jumps to it. */
export const places = [
  { path: '/bench', name: 'Bench', key: 'b' },
  { path: '/designs', name: 'Designs', key: 'd' },
  { path: '/mixes', name: 'Mixes', key: 'm' },
  { path: '/batches', name: 'Batches', key: 't' },
  { path: '/oven', name: 'Oven', key: 'o' },
  { path: '/price', name: 'Price', key: 'p' },
  { path: '/shelf', name: 'Shelf', key: 's' },
  { path: '/daybook', name: 'Daybook', key: 'y' },
  { path: '/settings', name: 'Settings', key: 'e' },
] as const;
