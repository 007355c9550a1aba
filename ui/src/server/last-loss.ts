import { useSyncExternalStore } from 'react';

/** A piece that was just counted as lost, until somebody has said why or goes on. */
export interface LastLoss {
  lineId: number;
  again: boolean;
}

let last: LastLoss | null = null;
const listeners = new Set<() => void>();

export function lastLoss(next: LastLoss | null) {
  last = next;
  listeners.forEach((changed) => changed());
}

export function useLastLoss(): LastLoss | null {
  return useSyncExternalStore(
    (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    () => last,
  );
}
