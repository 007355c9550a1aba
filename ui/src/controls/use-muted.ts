import { useSyncExternalStore } from 'react';

const MUTED = 'fairember.chime.muted';
const told = new Set<() => void>();

const listen = (changed: () => void) => {
  told.add(changed);
  return () => told.delete(changed);
};

/** Whether the chime is off in this browser, and how to change that; every part of the page hears of it. */
export function useMuted(): [boolean, (muted: boolean) => void] {
  const muted = useSyncExternalStore(listen, () => localStorage.getItem(MUTED) === 'yes');
  const set = (next: boolean) => {
    localStorage.setItem(MUTED, next ? 'yes' : 'no');
    told.forEach((changed) => changed());
  };
  return [muted, set];
}
