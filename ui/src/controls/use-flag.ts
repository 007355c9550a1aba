import { useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();

const subscribe = (changed: () => void) => {
  listeners.add(changed);
  return () => listeners.delete(changed);
};

/** A choice that is saved in this browser alone: whether it is on, and how to change it everywhere on the page. */
function useFlag(key: string): [boolean, (on: boolean) => void] {
  const on = useSyncExternalStore(subscribe, () => localStorage.getItem(key) === 'yes');
  const set = (next: boolean) => {
    localStorage.setItem(key, next ? 'yes' : 'no');
    listeners.forEach((changed) => changed());
  };
  return [on, set];
}

/** Whether the chime is off in this browser. */
export const useMuted = () => useFlag('fairember.chime.muted');

/** Whether single keys are off in this browser. */
export const useKeysOff = () => useFlag('fairember.keys.off');
