import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { Problem, wrongsOf, type Wrong } from './client';

const SETTLED_MS = 900;

export interface Saved<F> {
  edition: number;
  form: F;
}

export interface Draft<F> {
  /** What is on the screen: what was typed, or what is saved. */
  form: F;
  /** Changes it and gives what it is now. */
  change: (change: (form: F) => F) => F;
  /** Saves what was typed now, as when a field is left. */
  settle: () => void;
  /** What the server did not take of it. */
  wrongs: Wrong[];
  state: 'saved' | 'typing' | 'saving' | 'refused';
}

/**
 * A form that is edited in place. It is saved when a field or the place is left or nothing was typed for a moment; what
 * the server refuses stays on the screen and the last good state stays saved.
 */
export function useDraft<F>(saved: Saved<F>, save: (edition: number, form: F) => Promise<unknown>): Draft<F> {
  const client = useQueryClient();
  const [edits, setEdits] = useState<F | null>(null);
  const latest = useRef<F | null>(null);
  const sent = useRef<{ edition: number; answer: Promise<unknown> } | null>(null);
  const put = (next: F | null) => {
    latest.current = next;
    setEdits(next);
  };
  const saving = useMutation({
    meta: { form: true },
    mutationFn: (form: F) => {
      sent.current = { edition: saved.edition, answer: save(saved.edition, form) };
      return sent.current.answer;
    },
    onSuccess: async (_, form) => {
      await client.invalidateQueries();
      if (latest.current === form) put(null);
    },
    onError: async (failure) => {
      if (failure instanceof Problem && failure.status === 409) {
        put(null);
        await client.invalidateQueries();
      }
    },
  });
  const { mutate, isPending, isError, variables, error } = saving;
  const refused = isError && variables === edits;
  const waiting = edits !== null && !isPending && !refused;

  const overtaken = isPending && edits !== null && edits !== variables;

  useEffect(() => {
    if (!waiting) return undefined;
    const timer = setTimeout(() => mutate(edits), SETTLED_MS);
    return () => clearTimeout(timer);
  }, [waiting, edits, mutate]);

  /** Sends what is not sent yet; behind a save under way it is the next edition. */
  const leave = useEffectEvent((closing: boolean) => {
    if (waiting) mutate(edits);
    if (!overtaken || !sent.current) return;
    const { edition, answer } = sent.current;
    const last = () => save(edition + 1, edits).then(() => client.invalidateQueries());
    (closing ? last() : answer.then(last)).catch(() => undefined);
  });
  useEffect(() => {
    const leaving = () => leave(true);
    window.addEventListener('pagehide', leaving);
    return () => {
      window.removeEventListener('pagehide', leaving);
      leave(false);
    };
  }, []);

  return {
    form: edits ?? saved.form,
    change: (change) => {
      const next = change(latest.current ?? saved.form);
      put(next);
      return next;
    },
    settle: () => {
      if (waiting) mutate(edits);
    },
    wrongs: wrongsOf(refused || (isError && edits !== null) ? error : null),
    state: isPending ? 'saving' : refused ? 'refused' : edits === null ? 'saved' : 'typing',
  };
}
