import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem, errorsOf } from '../../server/client';
import { measureOptions, keyOf } from '../../server/use-measured';

/** A sum that is worked while its numbers are typed; the last good answer stays in sight. Its numbers last as long as the window. */
export function useSum<F extends object, V>(name: string, first: () => F, ask: (form: F) => Promise<V>) {
  const [form, setForm] = useState<F>(() => (remembered(name) as F | null) ?? first());
  const { data, error } = useQuery({
    queryKey: [name, keyOf(form)],
    queryFn: () => ask(form),
    placeholderData: keepPreviousData,
    ...measureOptions,
  });
  const errors = errorsOf(error);
  return {
    form,
    set: (change: Partial<F>) =>
      setForm((f) => {
        const next = { ...f, ...change };
        sessionStorage.setItem(name, JSON.stringify(next));
        return next;
      }),
    sum: data,
    errors,
    problem: error instanceof Problem && errors.length === 0 ? error : null,
  };
}

function remembered(name: string): unknown {
  const kept = sessionStorage.getItem(name);
  return kept === null ? null : JSON.parse(kept);
}
