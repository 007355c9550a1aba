import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { api, take } from '../../server/client';
import type { Tile } from '../../server/types';

export function useTiles() {
  const { data } = useSuspenseQuery({ queryKey: ['tiles'], queryFn: () => take(api.GET('/api/tiles')) });
  return data;
}

/** Adding and removing tiles; both can be undone. */
export function useTileActs() {
  const client = useQueryClient();
  const refresh = () => client.invalidateQueries();
  return {
    add: useMutation({ mutationFn: (body: Tile) => take(api.POST('/api/tiles', { body })), onSuccess: refresh }),
    remove: useMutation({
      mutationFn: (id: number) => take(api.DELETE('/api/tiles/{id}', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
  };
}
