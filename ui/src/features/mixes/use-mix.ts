import { keepPreviousData, useMutation, useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Mix } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { measureOptions, keyOf, useMeasured } from '../../server/use-measured';

/** A mix that is edited in place, measured for a wanted mass while it is typed. */
export function useMix(id: number, wantedG: number) {
  const { data: view } = useSuspenseQuery({
    queryKey: ['mix', id],
    queryFn: () => take(api.GET('/api/mixes/{id}', { params: { path: { id }, query: { wantedG: 100 } } })),
  });
  const draft = useDraft<Mix>(`/api/mixes/${id}`, view.mix.name, { edition: view.edition, form: view.mix });
  const { measured, errors, problem } = useMeasured(
    'measured-mix',
    useMemo(() => ({ mix: draft.form, wantedG }), [draft.form, wantedG]),
    { form: null, measured: view.measured },
    ({ mix }) => take(api.POST('/api/mixes/measure', { params: { query: { wantedG, id } }, body: mix })),
  );
  return { draft, measured, errors: [...errors, ...draft.errors], problem };
}

/** Rounds a mix that is typed to what can be measured out; what was found last stays in sight in the meantime. */
export function useWeighed(id: number, mix: Mix, wantedG: number) {
  const { data } = useQuery({
    queryKey: ['weighed-mix', keyOf(mix), wantedG],
    queryFn: () => take(api.POST('/api/mixes/weigh', { params: { query: { wantedG, id } }, body: mix })),
    placeholderData: keepPreviousData,
    ...measureOptions,
  });
  return data;
}

/** What to do when the shelf is short; asked only when it is wanted. */
export function useInstead(id: number, mix: Mix, wantedG: number, wanted: boolean) {
  return useQuery({
    queryKey: ['instead', keyOf(mix), wantedG],
    queryFn: () => take(api.POST('/api/finds/instead', { params: { query: { wantedG, id } }, body: mix })),
    enabled: wanted,
    placeholderData: keepPreviousData,
    ...measureOptions,
  });
}

/** Adding and removing mixes; both can be undone. */
export function useMixActs() {
  return {
    add: useMutation({ mutationFn: (body: Mix) => take(api.POST('/api/mixes', { body })) }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/mixes/${id}`, edition);
        return take(api.DELETE('/api/mixes/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
  };
}
