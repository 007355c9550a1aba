import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, take } from '../../server/client';
import type { LoadItem, LoadOutcome, StartLoad } from '../../server/types';

/** Loads go in and come out, and their counts are corrected; each can be undone. */
export function useLoads() {
  const go = useNavigate();
  return {
    start: useMutation({
      mutationFn: (body: StartLoad) => take(api.POST('/api/baking/loads', { body })),
      // Here and not where it is pressed: that has gone by then.
      onSuccess: ({ id }) => void go(`/oven/logged/${id}`),
    }),
    /** How it stands with a load that is taken out now. */
    takingOut: useMutation({
      mutationFn: (id: number) => take(api.GET('/api/baking/loads/{id}/out', { params: { path: { id } } })),
    }),
    takeOut: useMutation({
      mutationFn: ({ id, outcome }: { id: number; outcome?: LoadOutcome }) =>
        take(
          api.POST('/api/baking/loads/{id}/out', {
            params: { path: { id } },
            body: outcome === undefined ? {} : { outcome },
          }),
        ),
    }),
    correct: useMutation({
      mutationFn: ({ id, edition, items }: { id: number; edition: number; items: LoadItem[] }) =>
        take(
          api.PUT('/api/baking/loads/{id}/items', { params: { path: { id }, query: { edition } }, body: { items } }),
        ),
    }),
  };
}
