import { useEffect, useSyncExternalStore } from 'react';
import type { InputError } from './client';
import { change, seen, settle, subscribe, unsavedAt, errorsIn, type Saved, type Unsaved } from './unsaved';

export interface Draft<F> {
  /** What is on the screen: what was typed, or what is saved. */
  form: F;
  /** Changes it and gives what it is now. */
  change: (change: (form: F) => F) => F;
  /** Saves what was typed now, as when a field is left. */
  settle: () => void;
  /** What the server did not take of it. */
  errors: InputError[];
  state: Unsaved['state'];
}

/**
 * A form that is edited in place. It is saved when a field or the place is left or nothing was typed for a moment; what
 * the server refuses stays on the screen and the last good state stays saved.
 *
 * @param path where it is saved
 * @param name what it is called when it cannot be saved
 */
export function useDraft<F>(path: string, name: string, saved: Saved<F>): Draft<F> {
  const entry = useSyncExternalStore(subscribe, () => unsavedAt(path)) as Unsaved<F> | undefined;
  useEffect(() => seen(path, saved.edition), [path, saved.edition, entry]);
  useEffect(() => () => settle(path), [path]);
  return {
    form: entry ? entry.form : saved.form,
    change: (how) => change(path, name, saved, how),
    settle: () => settle(path),
    errors: errorsIn(entry),
    state: entry?.state ?? 'saved',
  };
}
