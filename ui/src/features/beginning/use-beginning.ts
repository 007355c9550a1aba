import { keepPreviousData, useMutation, useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, errorsOf, take } from '../../server/client';
import type { Beginning, Ready } from '../../server/types';
import { useBench } from '../../server/use-bench';
import { keyOf } from '../../server/use-measured';
import { useMixes, useSettings } from '../../server/use-studio';
import { isoDay, plusDays } from '../../words/days';

const FIRST_QUANTITY = 12;
const DAYS_AHEAD = 14;

/** Kinds, packets and ovens to start from. */
export function useReady(): Ready {
  const { data } = useSuspenseQuery({
    queryKey: ['ready'],
    queryFn: () => take(api.GET('/api/beginning')),
    staleTime: Infinity,
  });
  return data;
}

/** The few things a first plan needs, and the plan that comes of them, before anything is saved. */
export function useBeginning() {
  const ready = useReady();
  const mixes = useMixes().filter((m) => !m.mix.retired);
  const { now } = useBench().bench;
  // Read with the rest: what shows the plan needs them, and would begin the page anew.
  useSettings();
  const first = ready.kinds[0];
  const [mixId, setMixId] = useState(mixes[0]?.id);
  const [form, setForm] = useState<Beginning>(() => ({
    kind: first?.kind ?? 'ORNAMENT',
    heightMm: first?.heightMm ?? 50,
    colourHex: ready.colourHex,
    quantity: FIRST_QUANTITY,
    dueOn: plusDays(now, DAYS_AHEAD),
  }));
  const of = mixId === undefined ? {} : { query: { mixId } };
  const look = useQuery({
    queryKey: ['begun', keyOf(form), mixId],
    queryFn: () => take(api.POST('/api/beginning/look', { params: of, body: form })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  // What was planned last stays in sight while what is typed cannot be planned.
  const [good, setGood] = useState(look.data);
  if (look.data && look.data !== good) setGood(look.data);
  const keep = useMutation({
    meta: { form: true },
    mutationFn: () => take(api.POST('/api/beginning', { params: of, body: form })),
  });
  return {
    ready,
    mixes,
    mixId,
    setMixId,
    form,
    change: (some: Partial<Beginning>) => setForm((before) => ({ ...before, ...some })),
    begun: good,
    errors: errorsOf(look.error ?? keep.error),
    refused: look.error ?? keep.error,
    keep,
    today: isoDay(now),
  };
}

/** What in a batch is still a guess. */
export function useGuesses(batchId: number) {
  return useQuery({
    queryKey: ['guesses', batchId],
    queryFn: () => take(api.GET('/api/beginning/guesses/{batchId}', { params: { path: { batchId } } })),
  });
}

/** Keeps something plain where a place has nothing to begin with. */
export function usePlain() {
  return {
    design: useMutation({
      mutationFn: (kind: Beginning['kind']) =>
        take(api.POST('/api/beginning/designs/{kind}', { params: { path: { kind } } })),
    }),
    mix: useMutation({ mutationFn: () => take(api.POST('/api/beginning/mixes')) }),
  };
}
