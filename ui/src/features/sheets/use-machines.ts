import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { api, take } from '../../server/client';
import type { Machine } from '../../server/types';

export function useMachines() {
  const { data } = useSuspenseQuery({ queryKey: ['machines'], queryFn: () => take(api.GET('/api/machines')) });
  return data;
}

/** Adding and removing machines; both can be undone. */
export function useMachineActs() {
  const client = useQueryClient();
  const refresh = () => client.invalidateQueries();
  return {
    add: useMutation({ mutationFn: (body: Machine) => take(api.POST('/api/machines', { body })), onSuccess: refresh }),
    remove: useMutation({
      mutationFn: (id: number) => take(api.DELETE('/api/machines/{id}', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
  };
}
