import { useSyncExternalStore } from 'react';

/** Whether Fair Ember answers. It is asked again by itself as long as it does not. */

const ASK_EVERY_MS = 1000;
const LONGEST_MS = 1500;

let gone = false;
let checking = false;
const listeners = new Set<() => void>();
const whenBack = new Set<() => void>();

function tell(now: boolean) {
  if (now === gone) return;
  gone = now;
  listeners.forEach((listener) => listener());
  if (!now) whenBack.forEach((act) => act());
}

async function answers(): Promise<boolean> {
  try {
    const response = await fetch('/api/studio', { signal: AbortSignal.timeout(LONGEST_MS), cache: 'no-store' });
    return response.ok;
  } catch {
    return false;
  }
}

/** Something was asked and not answered: makes sure, and goes on asking until there is an answer. */
export async function mayBeGone(): Promise<void> {
  if (checking) return;
  checking = true;
  while (!(await answers())) {
    tell(true);
    await new Promise((later) => setTimeout(later, ASK_EVERY_MS));
  }
  checking = false;
  tell(false);
}

/** Is done each time that Fair Ember answers again. */
export function onBack(act: () => void): () => void {
  whenBack.add(act);
  return () => whenBack.delete(act);
}

export function useGone(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => gone,
  );
}
