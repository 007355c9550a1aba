import { useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();

const subscribe = (changed: () => void) => {
  listeners.add(changed);
  return () => listeners.delete(changed);
};

/** A text that is saved in this browser alone, and how to change it everywhere on the page. */
export function useSaved(key: string): [string | null, (next: string) => void] {
  const saved = useSyncExternalStore(subscribe, () => localStorage.getItem(key));
  const save = (next: string) => {
    localStorage.setItem(key, next);
    listeners.forEach((changed) => changed());
  };
  return [saved, save];
}

/** A choice that is saved in this browser alone: whether it is on, and how to change it. */
function useFlag(key: string): [boolean, (on: boolean) => void] {
  const [saved, save] = useSaved(key);
  return [saved === 'yes', (on) => save(on ? 'yes' : 'no')];
}

/** Whether the chime is off in this browser. */
export const useMuted = () => useFlag('fairember.chime.muted');

/** Whether single keys are off in this browser. */
export const useKeysOff = () => useFlag('fairember.keys.off');
