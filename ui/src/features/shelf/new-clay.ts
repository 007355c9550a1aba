import type { Clay } from '../../server/types';

/** A clay of a range before anything is known of it. */
export function newClay(rangeId: number): Clay {
  return {
    name: 'New clay',
    rangeId,
    rawHex: '#b8b2a4',
    curedHex: '#aea795',
    opacity: 'OPAQUE',
    strength: 'NORMAL',
    openG: 0,
    blocks: [{ massG: 60, priceMinor: 250, onShelf: 1 }],
  };
}
