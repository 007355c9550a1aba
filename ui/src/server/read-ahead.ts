import type { QueryClient } from '@tanstack/react-query';
import { reads } from './reads';

/** What is asked for on the way to the first frame of each place, by the first word of its address. */
const OF_PLACE: Record<string, (client: QueryClient, rest: string[]) => Promise<unknown>[]> = {
  bench: (client) => [client.query(reads.batches), client.query(reads.designs), client.query(reads.mixes)],
  designs: (client, [id]) => [
    id === undefined ? client.query(reads.designs) : client.query(reads.design(Number(id))),
    client.query(reads.mixes),
  ],
  batches: (client, [id, station = 'order']) => [
    ...(id === undefined
      ? [client.query(reads.batches), client.query(reads.mixes)]
      : [client.query(reads.batch(Number(id)))]),
    ...(station === 'order' ? [client.query(reads.designs)] : []),
  ],
  mixes: (client) => [client.query(reads.mixes), client.query(reads.shelf)],
  price: (client) => [client.query(reads.designs)],
  shelf: (client, [tab]) => [tab === 'shopping' ? client.query(reads.shopping) : client.query(reads.shelf)],
  daybook: (client, [tab]) => [tab === 'learned' ? client.query(reads.learned) : client.query(reads.batches)],
  settings: (client) => [client.query(reads.ovens)],
};

/**
 * Asks for all that the page will want when it is opened at an address, at once: its parts would ask one after the other, each when
 * the one before has its answer.
 */
export function readAhead(client: QueryClient, path: string) {
  const [place = '', ...rest] = path.split('/').filter((word) => word !== '');
  const asked = [
    client.query(reads.settings),
    client.query(reads.bench),
    client.query(reads.changes),
    client.query(reads.limits),
    client.query(reads.studio),
    ...(OF_PLACE[place]?.(client, rest) ?? []),
    // Last, for it is the strip beside the page.
    client.query(reads.baking),
  ];
  // What fails is said by the part that wants it.
  void Promise.allSettled(asked);
}
