import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { reads } from '../../server/reads';
import { settled } from '../../server/unsaved';
import type { Machine } from '../../server/types';

export function useMachines() {
  const { data } = useSuspenseQuery(reads.machines);
  return data;
}

/** Adding and removing machines; both can be undone. */
export function useMachineActs() {
  return {
    add: useMutation({ mutationFn: (body: Machine) => take(api.POST('/api/machines', { body })) }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/machines/${id}`, edition);
        return take(api.DELETE('/api/machines/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
  };
}
