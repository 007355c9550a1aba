import { replaceEqualDeep, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem, errorsOf, type InputError } from './client';

const numbers = new WeakMap<object, number>();
let last = 0;

/** A key for a form that is quick to compare: every form is an object of its own that never changes. */
export function keyOf(form: object): number {
  const known = numbers.get(form);
  if (known !== undefined) return known;
  numbers.set(form, ++last);
  return last;
}

/** How a measure is asked: once, and forgotten soon, for there is one for every key that is pressed. */
export const measureOptions = { retry: false, structuralSharing: false, gcTime: 2000 } as const;

interface Saved<F, V> {
  /** The form that is measured already; null when none is. */
  form: F | null;
  measured: V;
}

/**
 * What the server makes of a form while it is typed; of the form as it is saved it is known. What it made last stays in
 * sight while it works, and while what is typed cannot be taken. What did not change stays the same object, so that only
 * what did is redrawn.
 */
export function useMeasured<F extends object, V>(
  name: string,
  form: F,
  saved: Saved<F, V>,
  ask: (form: F) => Promise<V>,
) {
  const query = useQuery({
    queryKey: [name, keyOf(form)],
    queryFn: () => ask(form),
    enabled: form !== saved.form,
    ...measureOptions,
  });
  const answer = form === saved.form ? saved.measured : query.data;
  const [good, setGood] = useState({ form, answer: saved.measured, measured: saved.measured });
  if (answer !== undefined && answer !== good.answer) {
    setGood({ form, answer, measured: replaceEqualDeep(good.measured, answer) });
  }
  const failure = form === saved.form ? null : query.error;
  const problem = failure instanceof Problem && failure.errors.length === 0 ? failure : null;
  return { measured: good.measured, measuredForm: good.form, errors: errorsOf(failure), problem };
}

/** The wrong that stands at a field, if there is one. */
export function errorAt(errors: InputError[], path: string): InputError | undefined {
  return errors.find((error) => error.field === path);
}
