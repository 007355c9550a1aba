import { useSyncExternalStore } from 'react';
import { reread } from './changes';

const KEY = 'fairember.maker';

let together = false;

/** From now on changes are those of the maker who works here, who undoes only these; in a studio of one they are everybody's. */
export function worksTogether(makers: number) {
  if (together === makers > 1) return;
  together = makers > 1;
  void reread(['maker']);
}

/** The header that says whose changes are sent from here; none in a studio of one maker. */
export function askingHeader(): Record<string, string> {
  return together ? { Maker: String(maker()) } : {};
}

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
    void reread(['job', 'maker']);
  };
  return [now, set];
}
