import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { reads } from '../../server/reads';
import { settled } from '../../server/unsaved';
import type { KeptCutter } from '../../server/types';

/** The cutters of the studio, by name. */
export function useCutters() {
  const { data } = useSuspenseQuery(reads.cutters);
  return data;
}

/** Keeping and removing cutters; both can be undone. */
export function useCutterActs() {
  return {
    add: useMutation({ mutationFn: (body: KeptCutter) => take(api.POST('/api/cutters', { body })) }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/cutters/${id}`, edition);
        return take(api.DELETE('/api/cutters/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
  };
}
