import { replaceEqualDeep, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem, wrongsOf, type Wrong } from './client';

/**
 * What the server makes of a form while it is typed. What it made last stays in sight while it works, and while what is
 * typed cannot be taken. What did not change stays the same object, so that only what did is redrawn.
 */
export function useMeasured<F, V>(name: string, form: F, first: V, ask: (form: F) => Promise<V>) {
  const query = useQuery({
    queryKey: [name, form],
    queryFn: () => ask(form),
    retry: false,
    gcTime: 60_000,
  });
  const [good, setGood] = useState(first);
  const [taken, setTaken] = useState<V | undefined>(undefined);
  if (query.data !== undefined && query.data !== taken) {
    setTaken(query.data);
    setGood(replaceEqualDeep(good, query.data));
  }
  const problem = query.error instanceof Problem && query.error.wrongs.length === 0 ? query.error : null;
  return { measured: good, wrongs: wrongsOf(query.error), problem };
}

/** The wrong that stands at a field, if there is one. */
export function wrongAt(wrongs: Wrong[], path: string): Wrong | undefined {
  return wrongs.find((wrong) => wrong.field === path);
}
