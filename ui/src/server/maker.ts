import { useSyncExternalStore } from 'react';
import { reread } from './changes';

const KEY = 'fairember.maker';

const listeners = new Set<() => void>();

/** Which maker works in this browser, 1 or 2. */
export function maker(): number {
  return localStorage.getItem(KEY) === '2' ? 2 : 1;
}

/** Which maker works in this browser, and how another one takes over. */
export function useMaker(): [number, (maker: number) => void] {
  const now = useSyncExternalStore((changed) => {
    listeners.add(changed);
    return () => listeners.delete(changed);
  }, maker);
  const set = (next: number) => {
    localStorage.setItem(KEY, String(next));
    listeners.forEach((changed) => changed());
    void reread(['job']);
  };
  return [now, set];
}
